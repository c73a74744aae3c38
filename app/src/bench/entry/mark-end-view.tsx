import { WEIGHTS } from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import Svg, { Circle, Line, Polygon } from "react-native-svg";
import { ActionButton } from "../../kit/action-button";
import { Pressable } from "../../kit/pressable";
import { Body } from "../../kit/text";

const SIZE = 232;
const MIDDLE = SIZE / 2;
const CORNER = 92;
const PLACES = [12, 2, 4, 6, 8, 10] as const;
const TARGET = 48;

const angleOf = (hour: number) => ((hour - 3) * Math.PI) / 6;

const along = (hour: number, radius: number) => ({
  x: MIDDLE + radius * Math.cos(angleOf(hour)),
  y: MIDDLE + radius * Math.sin(angleOf(hour)),
});

/** Lines on a head are counted by touching them in where they are seen. */
export function MarkEndView({ lines, onTake }: { lines: number; onTake: (lines: number) => void }) {
  const theme = useTheme();
  const scribe = theme.scribe.val;
  const [seen, setSeen] = useState<readonly number[]>(() => evenly(lines));
  const toggle = (hour: number) =>
    setSeen(seen.includes(hour) ? seen.filter((one) => one !== hour) : [...seen, hour]);
  const corners = [0, 1, 2, 3, 4, 5]
    .map((at) => along(2 * at + 1, CORNER))
    .map(({ x, y }) => `${x},${y}`)
    .join(" ");
  return (
    <View gap={8} alignItems="center" backgroundColor="$marking" borderRadius={4} padding={12}>
      <View width={SIZE} height={SIZE}>
        <Svg width={SIZE} height={SIZE} aria-hidden>
          <Polygon points={corners} stroke={scribe} strokeWidth={WEIGHTS.outline} fill="none" />
          <Circle
            cx={MIDDLE}
            cy={MIDDLE}
            r={CORNER * 0.8}
            stroke={scribe}
            strokeWidth={WEIGHTS.fine}
            fill="none"
          />
          {PLACES.map((hour) => {
            const [from, to] = [along(hour, CORNER * 0.36), along(hour, CORNER * 0.72)];
            const there = seen.includes(hour);
            return (
              <Line
                key={hour}
                x1={from.x}
                y1={from.y}
                x2={to.x}
                y2={to.y}
                stroke={scribe}
                strokeWidth={there ? 4 : WEIGHTS.dimension}
                {...(there ? {} : { strokeDasharray: "4 4" })}
              />
            );
          })}
        </Svg>
        {PLACES.map((hour) => {
          const { x, y } = along(hour, CORNER * 0.6);
          return (
            <Pressable
              key={hour}
              role="checkbox"
              aria-checked={seen.includes(hour)}
              aria-label={`Line at ${hour} o’clock`}
              position="absolute"
              left={x - TARGET / 2}
              top={y - TARGET / 2}
              width={TARGET}
              minHeight={TARGET}
              focusVisibleStyle={{ outlineColor: "$scribe" }}
              onPress={() => toggle(hour)}
            />
          );
        })}
      </View>
      <Body color="$scribe">
        {seen.length === 0
          ? "Touch in every line you see."
          : `${seen.length} ${seen.length === 1 ? "line" : "lines"}`}
      </Body>
      {seen.length === 0 ? null : (
        <ActionButton
          label={`Take ${seen.length} ${seen.length === 1 ? "line" : "lines"}`}
          onPress={() => onTake(seen.length)}
        />
      )}
    </View>
  );
}

/** Where lines already read would stand. */
function evenly(lines: number): readonly number[] {
  if (lines === 3) return [12, 4, 8];
  return PLACES.slice(0, lines);
}
