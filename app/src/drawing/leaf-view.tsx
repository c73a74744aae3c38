import {
  UNITS_PER_MM,
  WEIGHTS,
  leafSeat,
  nearScaleWords,
  printLength,
  type LeafMark,
  type Thread,
  type Units,
} from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import { useMemo, useState } from "react";
import Svg, { Polygon, Polyline, Rect } from "react-native-svg";
import { Label } from "../kit/text";

export interface LeafViewProps {
  readonly leaf: LeafMark;
  readonly leafAngleDeg: number;
  readonly thread: Thread;
  readonly units: Units;
}

const HEIGHT = 60;
/** Teeth looked at: more would be too small to see light under on a phone. */
const TEETH = 7;
const SHORTEST_TEETH = 3;
/** A leaf shows this much length, mm, at the most. */
const LEAF_MM = 16;
/** Under this width of light nobody sees any, mm. */
const SEEN_MM = 0.02;

function teethFor(pitchMm: number): number {
  return Math.max(SHORTEST_TEETH, Math.min(TEETH, Math.floor(LEAF_MM / pitchMm)));
}

/** A leaf laid on a thread to scale, pressed home as far as it goes, with the light that then shows between them. */
export function LeafView({ leaf, leafAngleDeg, thread, units }: LeafViewProps) {
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const seat = useMemo(
    () => leafSeat(leaf, leafAngleDeg, thread, teethFor(thread.pitchMm)),
    [leaf, leafAngleDeg, thread],
  );
  const { threadEdge, leafEdge, lightMm, threadsEngaged } = seat;
  const first = threadEdge[0]?.x ?? 0;
  const length = (threadEdge.at(-1)?.x ?? 1) - first;
  const scale = width / length;
  const top = Math.max(...leafEdge.map(({ y }) => y));
  const bottom = Math.min(...threadEdge.map(({ y }) => y));
  const middle = (top + bottom) / 2;
  const placed = (points: readonly { x: number; y: number }[]) =>
    points
      .map(
        ({ x, y }) =>
          `${((x - first) * scale).toFixed(2)},${(HEIGHT / 2 - (y - middle) * scale).toFixed(2)}`,
      )
      .join(" ");
  const words =
    lightMm < SEEN_MM
      ? "no light"
      : `light up to ${printLength(lightMm, units)} over ${threadsEngaged} threads`;
  return (
    <View gap={2}>
      <View
        height={HEIGHT}
        backgroundColor="$marking"
        overflow="hidden"
        role="img"
        aria-label={`The leaf on ${thread.designation}: ${words}`}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      >
        {width === 0 ? null : (
          <Svg width={width} height={HEIGHT} aria-hidden>
            <Rect x={0} y={0} width={width} height={HEIGHT} fill={theme.scribe.val} />
            <Polygon
              points={`0,${HEIGHT} ${placed(threadEdge)} ${width},${HEIGHT}`}
              fill={theme.marking.val}
            />
            <Polygon points={`0,0 ${placed(leafEdge)} ${width},0`} fill={theme.marking.val} />
            <Polyline
              points={placed(threadEdge)}
              fill="none"
              stroke={theme.scribe.val}
              strokeOpacity={0.5}
              strokeWidth={WEIGHTS.fine}
            />
          </Svg>
        )}
      </View>
      <Label>{`${thread.designation}: ${words}, ${nearScaleWords(scale / UNITS_PER_MM)}`}</Label>
    </View>
  );
}
