import type { DrillChoices } from "@root-gauge/core/mend/holes";
import { drillChartWords } from "@root-gauge/core/say/mend";
import { useTheme, View } from "@tamagui/core";
import { memo } from "react";
import { LineChart } from "../../kit/charts";
import { Small } from "../../kit/text";

const HEIGHT = 190;
/** Of it, what stands over the marks under the axis. */
export const PLOT_HEIGHT = 150;
/** Left of the first point, and right of the last, in the chart's own frame. */
export const CHART_LEFT = 52;
/** Every how many drills a mark is written under the axis. */
const LABELS = 5;
/** Over this the effort is out of the picture: the tap breaks long before. */
const MOST_EFFORT = 250;

/** Runs of drills that are refused, from one place up to another. */
function refusedSpans(choices: DrillChoices["choices"]): readonly (readonly [number, number])[] {
  const first = choices.findIndex(({ refused }) => refused === undefined);
  const last = choices.findLastIndex(({ refused }) => refused === undefined);
  if (first === -1) return [[0.5, choices.length]];
  const spans = [
    [0.5, first],
    [last + 1, choices.length],
  ] as const;
  return spans.filter(([from, to]) => to > from);
}

/** What every drill's hole holds, against how hard its tap turns, in percent; the screw's own limit is the level line. */
export const DrillChart = memo(function DrillChart({
  choices,
  screwLimitN,
  width,
}: DrillChoices & { readonly width: number }) {
  const theme = useTheme();
  const full = screwLimitN ?? Math.max(...choices.map(({ holdN }) => holdN));
  const every = Math.max(1, Math.ceil(choices.length / LABELS));
  const line = (data: number[], color: string, dashes: number[] = []) => ({
    data,
    color: () => color,
    strokeWidth: 2,
    withDots: false,
    ...(dashes.length === 0 ? {} : { strokeDashArray: dashes }),
  });
  const effort = (of: "least" | "most") =>
    choices.map(({ effort: band }) => Math.min(MOST_EFFORT, 100 * band[of]));
  const ink = theme.ink.val;
  const step = (width - CHART_LEFT) / choices.length;
  return (
    <View aria-hidden>
      <LineChart
        data={{
          labels: choices.map(({ drill }, i) => (i % every === 0 ? drill.mark : "")),
          datasets: [
            line(
              choices.map(({ holdN }) => (100 * holdN) / full),
              ink,
            ),
            line(
              choices.map(() => 100),
              theme.clash.val,
              [6, 4],
            ),
            line(effort("least"), theme.brass.val, [2, 3]),
            line(effort("most"), theme.brass.val, [2, 3]),
          ],
        }}
        width={width}
        height={HEIGHT}
        yAxisSuffix=" %"
        fromZero
        segments={5}
        withShadow={false}
        withVerticalLines={false}
        chartConfig={{
          backgroundGradientFrom: theme.card.val,
          backgroundGradientTo: theme.card.val,
          decimalPlaces: 0,
          color: () => theme.line.val,
          labelColor: () => ink,
          propsForLabels: { fontFamily: "Barlow Semi Condensed", fontSize: 13 },
          propsForBackgroundLines: { strokeDasharray: "" },
        }}
        style={{ paddingRight: CHART_LEFT }}
      />
      {refusedSpans(choices).map(([from, to]) => (
        <View
          key={from}
          position="absolute"
          top={8}
          height={PLOT_HEIGHT}
          left={CHART_LEFT + (from - 0.5) * step}
          width={(to - from) * step}
          backgroundColor="$clash"
          opacity={0.14}
        />
      ))}
      <Small>{drillChartWords(screwLimitN !== undefined)}</Small>
    </View>
  );
});
