import {
  NEWTONS_PER_POUND,
  boltLoads,
  forceWords,
  gradesFor,
  type Grade,
  type Thread,
  type Units,
} from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import { BarChart } from "react-native-chart-kit";
import { Small } from "../kit/text";

const HEIGHT = 210;

interface Bar {
  readonly grade: Grade;
  readonly newtons: number;
}

/** The load each class of the same system may be used to, in this thread. */
function barsOf(thread: Thread, grade: Grade): readonly Bar[] {
  return gradesFor(thread)
    .filter(({ standard }) => standard === grade.standard)
    .map((one) => {
      const loads = boltLoads(thread, one);
      return { grade: one, newtons: loads?.proofN ?? loads?.yieldN ?? 0 };
    })
    .filter(({ newtons }) => newtons > 0)
    .sort((one, other) => one.newtons - other.newtons);
}

/** Steels of one strength are one bar: A1-70 to A5-70 hold the same. */
function distinct(bars: readonly Bar[], grade: Grade): readonly Bar[] {
  return bars.filter(
    (bar, at) =>
      bar.grade.id === grade.id ||
      (bars.findIndex(({ newtons }) => newtons === bar.newtons) === at &&
        !bars.some((one) => one.grade.id === grade.id && one.newtons === bar.newtons)),
  );
}

export interface LoadChartProps {
  readonly thread: Thread;
  readonly grade: Grade;
  readonly units: Units;
}

/** The load to stay under, class by class; this one filled. */
export function LoadChart({ thread, grade, units }: LoadChartProps) {
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const bars = distinct(barsOf(thread, grade), grade);
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
