import { NEWTONS_PER_POUND, type Thread, type Units } from "@root-gauge/core";
import type { Grade } from "@root-gauge/core/catalogue/grades";
import { classLoads } from "@root-gauge/core/decide/joints";
import { forceWords } from "@root-gauge/core/say/sheet";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import { BarChart } from "../../kit/charts";
import { Small } from "../../kit/text";

const HEIGHT = 210;

export interface LoadChartProps {
  readonly thread: Thread;
  readonly grade: Grade;
  readonly units: Units;
}

/** The load to stay under, class by class; this one filled. */
export function LoadChart({ thread, grade, units }: LoadChartProps) {
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const bars = classLoads(thread, grade);
  const own = bars.find((bar) => bar.grade.id === grade.id);
  if (bars.length < 2 || own === undefined) return null;
  const [ink, pale] = [theme.ink.val, theme.track.val];
  const per = units === "mm" ? 1000 : NEWTONS_PER_POUND * 1000;
  return (
    <View
      gap={4}
      role="img"
      aria-label={`Load to stay under by class; ${grade.name}: ${forceWords(own.newtons, units)}`}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
    >
      <Small>{`Load to stay under, by class, in ${units === "mm" ? "kN" : "thousands of lbf"}; this one is filled`}</Small>
      {width === 0 ? null : (
        <BarChart
          data={{
            labels: bars.map((bar) => bar.grade.name.replace(/^grade /, "")),
            datasets: [
              {
                data: bars.map(({ newtons }) => newtons / per),
                colors: bars.map((bar) => () => (bar.grade.id === grade.id ? ink : pale)),
              },
            ],
          }}
          width={width}
          height={HEIGHT}
          yAxisLabel=""
          yAxisSuffix=""
          fromZero
          withCustomBarColorFromData
          flatColor
          withInnerLines={false}
          showBarTops={false}
          chartConfig={{
            backgroundGradientFrom: theme.card.val,
            backgroundGradientTo: theme.card.val,
            decimalPlaces: own.newtons / per < 10 ? 1 : 0,
            barPercentage: Math.min(0.8, width / (bars.length * 62)),
            color: () => theme.line.val,
            labelColor: () => ink,
            propsForLabels: { fontFamily: "Barlow Semi Condensed", fontSize: 14 },
          }}
          style={{ marginLeft: -8 }}
        />
      )}
    </View>
  );
}
