import {
  LINE_PLACES,
  headLinesMarks,
  placeOnHead,
  placesOfLines,
  type LinePlace,
} from "@root-gauge/core/draw/joint";
import { PANEL_SENTENCES } from "@root-gauge/core/say/bench";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import Svg from "react-native-svg";
import { Marks } from "../../draw/marks";
import { ActionButton } from "../../kit/action-button";
import { Pressable } from "../../kit/pressable";
import { Body } from "../../kit/text";

const SIZE = 232;
const HEAD = { centre: { x: SIZE / 2, y: SIZE / 2 }, radius: 92 };
const TARGET = 48;

/** Lines on a head are counted by touching them in where they are seen. */
export function MarkEndView({ lines, onTake }: { lines: number; onTake: (lines: number) => void }) {
  const theme = useTheme();
  const [seen, setSeen] = useState<readonly LinePlace[]>(() => placesOfLines(lines));
  const toggle = (hour: LinePlace) =>
    setSeen(seen.includes(hour) ? seen.filter((one) => one !== hour) : [...seen, hour]);
  const count = `${seen.length} ${seen.length === 1 ? "line" : "lines"}`;
  return (
    <View gap={8} alignItems="center" backgroundColor="$marking" borderRadius={4} padding={12}>
      <View width={SIZE} height={SIZE}>
        <Svg width={SIZE} height={SIZE} aria-hidden>
          <Marks marks={headLinesMarks(HEAD, seen)} colour={theme.scribe.val} />
        </Svg>
        {LINE_PLACES.map((hour) => {
          const { x, y } = placeOnHead(HEAD, hour, 0.6);
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
      <Body color="$scribe">{seen.length === 0 ? PANEL_SENTENCES.touchLines : count}</Body>
      {seen.length === 0 ? null : (
        <ActionButton label={`Take ${count}`} onPress={() => onTake(seen.length)} />
      )}
    </View>
  );
}
