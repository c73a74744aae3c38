import { printLength } from "@root-gauge/core";
import { overlayWords, nearScaleWords } from "@root-gauge/core/say/charts";
import { overlayDrawing } from "@root-gauge/core/draw/thread";
import { useTheme, View } from "@tamagui/core";
import Svg from "react-native-svg";
import { Label } from "../kit/text";
import type { ComparedThreads } from "./compared-threads";
import { Marks } from "./marks";
import { Plate } from "./plate";

const MOST_HEIGHT = 210;
const BEFORE_MEASURED = 120;

function Key({ name, dashed }: { name: string; dashed: boolean }) {
  const theme = useTheme();
  const line = { from: { x: 0, y: 5 }, to: { x: 28, y: 5 } };
  return (
    <View flexDirection="row" alignItems="center" gap={6}>
      <Svg width={28} height={10} aria-hidden>
        <Marks
          marks={[{ kind: "segments", segments: [line], stroke: { weight: "heavy", dashed } }]}
          colour={theme.scribe.val}
        />
      </Svg>
      <Label color="$scribe" fontWeight="600">
        {name}
      </Label>
    </View>
  );
}

/** Two screws' profiles over each other to one scale: the first solid, the second dashed. */
export function ProfileOverlay({ first, second, units }: ComparedThreads) {
  const apart = printLength(Math.abs(first.majorMm - second.majorMm), units);
  return (
    <Plate
      says={`Profiles of ${first.designation} and ${second.designation} over each other`}
      height={BEFORE_MEASURED}
      followsDrawing
      draw={(width) => overlayDrawing(first, second, { width, mostHeight: MOST_HEIGHT })}
    >
      {(drawing) => (
        <View padding={12} paddingTop={0} gap={4}>
          <View flexDirection="row" flexWrap="wrap" gap={12}>
            <Key name={first.designation} dashed={false} />
            <Key name={second.designation} dashed />
          </View>
          <Label color="$scribe">
            {drawing === undefined
              ? ""
              : overlayWords(nearScaleWords(drawing.scale), drawing.crestsTogether, apart)}
          </Label>
        </View>
      )}
    </Plate>
  );
}
