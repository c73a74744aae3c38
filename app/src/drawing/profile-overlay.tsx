import { printLength, threadProfile, type Thread } from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import Svg, { Line, Path } from "react-native-svg";
import { Label } from "../kit/text";
import type { ComparedThreads } from "./compared-threads";
import { WEIGHT } from "./lines";
import { overlayLayout } from "./overlay-layout";
import { profilePath } from "./profile-path";
import { nearScaleWords } from "./scale";

const MOST_HEIGHT = 210;
const BEFORE_MEASURED = 120;
const DASHES = "6 4";

function Key({ name, dashed, colour }: { name: string; dashed: boolean; colour: string }) {
  return (
    <View flexDirection="row" alignItems="center" gap={6}>
      <Svg width={28} height={10} aria-hidden>
        <Line
          x1={0}
          y1={5}
          x2={28}
          y2={5}
          stroke={colour}
          strokeWidth={2}
          {...(dashed ? { strokeDasharray: DASHES } : {})}
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
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const colour = theme.scribe.val;
  const layout =
    width === 0 ? undefined : overlayLayout(first, second, { width, mostHeight: MOST_HEIGHT });
  const path = (thread: Thread, at: 0 | 1) =>
    layout === undefined
      ? ""
      : profilePath(
          threadProfile(thread, "external"),
          thread.pitchMm,
          layout.pitches[at],
          layout.places[at],
        );
  const apart = printLength(Math.abs(first.majorMm - second.majorMm), units);
  return (
    <View backgroundColor="$marking" borderRadius={4} overflow="hidden">
      <View
        height={layout?.height ?? BEFORE_MEASURED}
        role="img"
        aria-label={`Profiles of ${first.designation} and ${second.designation} over each other`}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      >
        {layout === undefined ? null : (
          <Svg width={width} height={layout.height} aria-hidden>
            <Path d={path(first, 0)} stroke={colour} strokeWidth={2} fill="none" />
            <Path
              d={path(second, 1)}
              stroke={colour}
              strokeWidth={WEIGHT.outline}
              strokeDasharray={DASHES}
              fill="none"
            />
          </Svg>
        )}
      </View>
      <View padding={12} paddingTop={0} gap={4}>
        <View flexDirection="row" flexWrap="wrap" gap={12}>
          <Key name={first.designation} dashed={false} colour={colour} />
          <Key name={second.designation} dashed colour={colour} />
        </View>
        <Label color="$scribe">
          {layout === undefined
            ? ""
            : layout.crestsTogether
              ? `${nearScaleWords(layout.scale)}; crests laid on one line, the diameters are ${apart} apart`
              : `${nearScaleWords(layout.scale)}, each at its own radius`}
        </Label>
      </View>
    </View>
  );
}
