import { printFigure, type Thread, type Units } from "@root-gauge/core";
import { drillForPercent, percentThread } from "@root-gauge/core/mend/holes";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import { LineChart } from "../../kit/charts";
import { Small } from "../../kit/text";

const HEIGHT = 220;
const FULLEST = 100;
const SHALLOWEST = 40;
const POINTS = 11;
/** Every how many points a size is written under the axis. */
const LABEL_EVERY = 2;

/** Points from the fullest to the shallowest thread worth tapping, evenly by drill size. */
function curve(thread: Thread, units: Units): { labels: string[]; percents: number[] } {
  const from = drillForPercent(thread, FULLEST);
  const to = drillForPercent(thread, SHALLOWEST);
  const sizes = Array.from({ length: POINTS }, (_, i) => from + ((to - from) * i) / (POINTS - 1));
  return {
    labels: sizes.map((mm, i) =>
      i % LABEL_EVERY === 0 ? printFigure(mm, units, units === "mm" ? 2 : 3) : "",
    ),
    percents: sizes.map((mm) => percentThread(thread, mm)),
  };
}

/** Share of full thread against the size of the drill. */
export function PercentChart({ thread, units }: { thread: Thread; units: Units }) {
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const { labels, percents } = curve(thread, units);
  const ink = theme.ink.val;
  return (
    <View
      gap={4}
      role="img"
      aria-label={`Share of full ${thread.designation} thread against drill size`}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
    >
      <Small>{`Share of full thread, against drill size in ${units}`}</Small>
      {width === 0 ? null : (
        <LineChart
          data={{ labels, datasets: [{ data: percents, color: () => ink, strokeWidth: 2 }] }}
          width={width}
          height={HEIGHT}
          yAxisSuffix=" %"
          fromNumber={100}
          segments={6}
          withShadow={false}
          withVerticalLines={false}
          chartConfig={{
            backgroundGradientFrom: theme.card.val,
            backgroundGradientTo: theme.card.val,
            decimalPlaces: 0,
            color: () => theme.line.val,
            labelColor: () => ink,
            propsForLabels: { fontFamily: "Barlow Semi Condensed", fontSize: 14 },
            propsForDots: { r: "3", fill: ink, stroke: ink },
            propsForBackgroundLines: { strokeDasharray: "" },
          }}
          style={{ marginLeft: -8 }}
        />
      )}
    </View>
  );
}
