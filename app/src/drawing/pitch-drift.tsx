import { printLength } from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import Svg, { G, Line, Polyline, Text } from "react-native-svg";
import type { ComparedThreads } from "./compared-threads";
import { WEIGHT } from "./lines";

const HEIGHT = 118;
const THREADS = 10;
const MARGIN = 12;
const TOOTH = 16;
const FONT = { fontFamily: "Barlow Semi Condensed", fontSize: 14, fontWeight: "600" } as const;

/** A row of teeth from a common start, as many as are shown, pointing up or down to the line between the rows. */
function teeth(pitchPx: number, y: number, way: 1 | -1): string {
  const points = Array.from({ length: 2 * THREADS + 1 }, (_, i) => {
    const x = MARGIN + (i * pitchPx) / 2;
    return `${x.toFixed(2)},${(i % 2 === 0 ? y : y + way * TOOTH).toFixed(2)}`;
  });
  return points.join(" ");
}

/** Ten threads of each from a common start, and how far the tenth crests have parted. */
export function PitchDrift({ first, second, units }: ComparedThreads) {
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const colour = theme.scribe.val;
  const longer = Math.max(first.pitchMm, second.pitchMm);
  const scale = (width - 2 * MARGIN) / (THREADS * longer);
  const ends = [first, second].map(({ pitchMm }) => MARGIN + THREADS * pitchMm * scale);
  const drift = Math.abs(first.pitchMm - second.pitchMm) * THREADS;
  const same = drift < 0.0005;
  const words = same
    ? "Ten threads of each are the same length"
    : `Over ten threads they part by ${printLength(drift, units)}`;
  return (
    <View
      backgroundColor="$marking"
      borderRadius={4}
      height={HEIGHT}
      role="img"
      aria-label={words}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
    >
      {width === 0 ? null : (
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Polyline
            points={teeth(first.pitchMm * scale, 42, -1)}
            stroke={colour}
            strokeWidth={2}
            fill="none"
          />
          <Polyline
            points={teeth(second.pitchMm * scale, 52, 1)}
            stroke={colour}
            strokeWidth={WEIGHT.outline}
            strokeDasharray="6 4"
            fill="none"
          />
          <G stroke={colour} strokeWidth={WEIGHT.dimension}>
            {ends.map((x, i) => (
              <Line key={i} x1={x} y1={i === 0 ? 24 : 50} x2={x} y2={84} />
            ))}
            {same ? null : <Line x1={ends[0]} y1={80} x2={ends[1]} y2={80} />}
          </G>
          <Text x={MARGIN} y={18} fill={colour} {...FONT}>
            {`${first.designation}, ten threads`}
          </Text>
          <Text x={MARGIN} y={86} fill={colour} {...FONT}>
            {second.designation}
          </Text>
          <Text x={width - MARGIN} y={106} fill={colour} textAnchor="end" {...FONT}>
            {words}
          </Text>
        </Svg>
      )}
    </View>
  );
}
