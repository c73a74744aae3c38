import type { Units } from "@root-gauge/core";
import { drillWords } from "@root-gauge/core/say/charts";
import {
  drillChoices,
  type Drill,
  type DrillChoice,
  type DrillChoices,
  type DrillQuestion,
} from "@root-gauge/core/mend/holes";
import { drillChoiceWords } from "@root-gauge/core/say/mend";
import { useTheme, View } from "@tamagui/core";
import { Suspense, memo, useDeferredValue, useMemo, useState, type ReactNode } from "react";
import { chooseDrill } from "../../data/kept/mend-state";
import { ActionButton } from "../../kit/action-button";
import { Card } from "../../kit/surface";
import { Body, Figure, Heading } from "../../kit/text";
import { CHART_LEFT, DrillChart, PLOT_HEIGHT } from "./drill-chart";

export interface DrillSliderProps {
  readonly question: DrillQuestion;
  /** The drill that the plan takes. */
  readonly planned: Drill;
  readonly units: Units;
}

const isSame = (a: Drill, b: Drill) => a.set === b.set && a.mark === b.mark;

interface ToldProps extends Pick<DrillSliderProps, "planned" | "units"> {
  readonly choice: DrillChoice;
  readonly screwLimitN: number | undefined;
}

/** What a drill leaves, holds and asks for, and the way to take it. */
const Told = memo(function Told({ choice, screwLimitN, planned, units }: ToldProps) {
  const lines = drillChoiceWords(choice, screwLimitN, units);
  return (
    <>
      <View minHeight={132} gap={4} role="status">
        <Figure fontSize="$figure" lineHeight="$figure">
          {drillWords(choice.drill)}
        </Figure>
        {lines.map((line, i) => (
          <Body key={i} color={i > 1 ? "$clash" : "$ink"}>
            {line}
          </Body>
        ))}
      </View>
      <ActionButton
        label={isSame(choice.drill, planned) ? "The plan takes this drill" : "Take this drill"}
        disabled={choice.refused !== undefined || isSame(choice.drill, planned)}
        onPress={() => chooseDrill(choice.drill)}
      />
    </>
  );
});

interface MovingProps extends Pick<DrillSliderProps, "planned" | "units"> {
  readonly all: DrillChoices;
  /** Width of the chart, which stands still while the slider moves. */
  readonly width: number;
  readonly children: ReactNode;
}

/** What moves: the place on the chart, the slider, and what the drill there leaves. */
function Moving({ all, planned, units, width, children }: MovingProps) {
  const theme = useTheme();
  const { choices, screwLimitN } = all;
  const plannedAt = choices.findIndex(({ drill }) => isSame(drill, planned));
  const [looked, setLooked] = useState<number>();
  const at = Math.min(looked ?? Math.max(0, plannedAt), choices.length - 1);
  // The slider and its place follow the finger; what is told of the drill may come a frame later.
  const told = useDeferredValue(at);
  const choice = choices[at];
  if (choice === undefined) return null;
  const step = (width - CHART_LEFT) / choices.length;
  return (
    <>
      <View>
        {children}
        <View
          position="absolute"
          pointerEvents="none"
          top={8}
          height={PLOT_HEIGHT}
          width={2}
          backgroundColor={choice.refused === undefined ? "$settled" : "$clash"}
          style={{ left: CHART_LEFT + at * step }}
        />
      </View>
      <input
        type="range"
        min={0}
        max={choices.length - 1}
        step={1}
        value={at}
        aria-label="Drill"
        aria-valuetext={drillWords(choice.drill)}
        style={{ width: "100%", height: 48, accentColor: theme.ink.val, margin: 0 }}
        onChange={(event) => setLooked(Number(event.target.value))}
      />
      <Told
        choice={choices[told] ?? choice}
        screwLimitN={screwLimitN}
        planned={planned}
        units={units}
      />
    </>
  );
}

/** A slider through the drills on hand: what each leaves, holds and asks for, and which are refused. */
export function DrillSlider({ question, planned, units }: DrillSliderProps) {
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
  if (all.choices.length < 2) return null;
  return (
    <Card gap={8} role="region" aria-label="Drills on hand">
      <Heading>The drills on hand</Heading>
      <View gap={8} onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
        {width === 0 ? null : (
          <Moving all={all} planned={planned} units={units} width={width}>
            <Suspense fallback={<View height={PLOT_HEIGHT} />}>
              <DrillChart {...all} width={width} />
            </Suspense>
          </Moving>
        )}
      </View>
    </Card>
  );
}
