import {
  FAMILY_WORDS,
  angleWords,
  catalogue,
  type ThreadFamily,
  type ThreadSide,
} from "@root-gauge/core";
import { CHART_SENTENCES } from "@root-gauge/core/say/charts";
import type { Quality } from "@root-gauge/core/identify/search";
import { View } from "@tamagui/core";
import { changeCharts, type ChartsState } from "../../data/kept/charts-state";
import { ChoiceChips } from "../../kit/choice-chips";
import { ChoiceRow } from "../../kit/choice-row";
import { Label, Small } from "../../kit/text";

const FAMILIES = (Object.keys(FAMILY_WORDS) as ThreadFamily[]).map((value) => ({
  value,
  label: FAMILY_WORDS[value],
}));

const ANGLES = [...new Set(catalogue().map(({ flankAngleDeg }) => flankAngleDeg))]
  .sort((a, b) => b - a)
  .map((angle) => ({ value: String(angle), label: angleWords(angle) }));

const SIDES: readonly { value: ThreadSide; label: string }[] = [
  { value: "external", label: "Bolt, over crests" },
  { value: "internal", label: "Nut, in the bore" },
];

const QUALITIES: readonly { value: Quality; label: string }[] = [
  { value: "fine", label: "Fine" },
  { value: "medium", label: "Medium" },
  { value: "coarse", label: "Coarse" },
];

function seriesOf(family: ThreadFamily | undefined): { value: string; label: string }[] {
  const threads = catalogue().filter((thread) => family === undefined || thread.family === family);
  return [...new Set(threads.map(({ series }) => series))].map((series) => ({
    value: series,
    label: series,
  }));
}

function Group({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <View gap={6}>
      <Label>{label}</Label>
      {children}
    </View>
  );
}

/** Which part a diameter was read on, the class whose limits are shown, and what the table is narrowed to. */
export function Filters({ state }: { state: ChartsState }) {
  const series = seriesOf(state.family);
  return (
    <View gap={16}>
      <Group label="Where a diameter is read">
        <ChoiceRow
          name="Where a diameter is read"
          value={state.side}
          choices={SIDES}
          fill
          onChange={(side) => changeCharts({ side })}
        />
      </Group>
      <Group label="Limits shown">
        <ChoiceRow
          name="Limits shown"
          value={state.quality}
          choices={QUALITIES}
          fill
          onChange={(quality) => changeCharts({ quality })}
        />
        <Small>{CHART_SENTENCES.classes}</Small>
      </Group>
      <Group label="Family">
        <ChoiceChips
          name="Family"
          all="All"
          value={state.family}
          choices={FAMILIES}
          onChange={(family) => changeCharts({ family, series: undefined })}
        />
      </Group>
      {series.length > 1 && state.family !== undefined ? (
        <Group label="Series">
          <ChoiceChips
            name="Series"
            all="All"
            value={state.series}
            choices={series}
            onChange={(chosen) => changeCharts({ series: chosen })}
          />
        </Group>
      ) : null}
      <Group label="Flank angle">
        <ChoiceChips
          name="Flank angle"
          all="All"
          value={state.flankAngleDeg === undefined ? undefined : String(state.flankAngleDeg)}
          choices={ANGLES}
          onChange={(angle) =>
            changeCharts({ flankAngleDeg: angle === undefined ? undefined : Number(angle) })
          }
        />
      </Group>
    </View>
  );
}
