import type { Units } from "@root-gauge/core";
import { drillWords } from "@root-gauge/core/chart-words";
import { drillChoices, type Drill, type DrillQuestion } from "@root-gauge/core/holes";
import { drillChoiceWords } from "@root-gauge/core/repair-words";
import { useTheme, View } from "@tamagui/core";
import { Suspense, useMemo, useState } from "react";
import { chooseDrill } from "../data/mend-state";
import { ActionButton } from "../kit/action-button";
import { Card } from "../kit/surface";
import { Body, Figure, Heading } from "../kit/text";
import { CHART_LEFT, DrillChart } from "./drill-chart";

export interface DrillSliderProps {
  readonly question: DrillQuestion;
  /** The drill that the plan takes. */
  readonly planned: Drill;
  readonly units: Units;
}

const CHART_HEIGHT = 150;

const isSame = (a: Drill, b: Drill) => a.set === b.set && a.mark === b.mark;

/** A slider through the drills on hand: what each leaves, holds and asks for, and which are refused. */
export function DrillSlider({ question, planned, units }: DrillSliderProps) {
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const { thread, material, engagementMm, gradeId, tools } = question;
  const all = useMemo(
    () =>
      drillChoices({
        thread,
        material,
        engagementMm,
        ...(gradeId === undefined ? {} : { gradeId }),
        ...(tools === undefined ? {} : { tools }),
      }),
    [thread, material, engagementMm, gradeId, tools],
  );
  const { choices, screwLimitN } = all;
  const plannedAt = choices.findIndex(({ drill }) => isSame(drill, planned));
  const [looked, setLooked] = useState<number>();
  const at = Math.min(looked ?? Math.max(0, plannedAt), choices.length - 1);
  const choice = choices[at];
  if (choice === undefined || choices.length < 2) return null;
  const step = (width - CHART_LEFT) / choices.length;
  const lines = drillChoiceWords(choice, screwLimitN, units);
  return (
    <Card gap={8} role="region" aria-label="Drills on hand">
      <Heading>The drills on hand</Heading>
      <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
        {width === 0 ? null : (
          <Suspense fallback={<View height={CHART_HEIGHT} />}>
            <DrillChart choices={choices} width={width} {...limit(screwLimitN)} />
          </Suspense>
        )}
        {width === 0 ? null : (
          <View
            position="absolute"
            pointerEvents="none"
            top={8}
            height={CHART_HEIGHT}
            width={2}
            backgroundColor={choice.refused === undefined ? "$settled" : "$clash"}
            left={CHART_LEFT + at * step}
          />
        )}
      </View>
      <input
        type="range"
        min={0}
        max={choices.length - 1}
        step={1}
        value={at}
        aria-label="Drill"
        aria-valuetext={`${drillWords(choice.drill)}: ${lines[0] ?? ""}`}
        style={{ width: "100%", height: 48, accentColor: theme.ink.val, margin: 0 }}
        onChange={(event) => setLooked(Number(event.target.value))}
      />
      <View minHeight={132} gap={4} role="status">
        <Figure fontSize={24} lineHeight={28}>
          {drillWords(choice.drill)}
        </Figure>
        {lines.map((line, i) => (
          <Body key={line} color={i > 1 ? "$clash" : "$ink"}>
            {line}
          </Body>
        ))}
      </View>
      <ActionButton
        label={isSame(choice.drill, planned) ? "The plan takes this drill" : "Take this drill"}
        disabled={choice.refused !== undefined || isSame(choice.drill, planned)}
        onPress={() => chooseDrill(choice.drill)}
      />
    </Card>
  );
}

const limit = (screwLimitN: number | undefined) =>
  screwLimitN === undefined ? {} : { screwLimitN };
