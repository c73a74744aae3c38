import { formatCallout, screwOutline, type ScrewSpec, type Units } from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import Svg from "react-native-svg";
import { OutlineDrawing } from "../drawing/outline-drawing";
import { outlineLayout } from "../drawing/outline-layout";
import { scaleWords } from "../drawing/scale";
import { Label } from "../kit/text";

const HEIGHT = 260;
const CAPTION = 30;

/** The screw to scale with its dimensions, on marking blue. */
export function FastenerPicture({ spec, units }: { spec: ScrewSpec; units: Units }) {
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const outline = screwOutline(spec);
  const { scale } = outlineLayout(outline, width, HEIGHT - CAPTION);
  const said = [
    spec.lengthMm === undefined ? "length not known" : undefined,
    outline.headToScale ? undefined : "head in proportion only",
    scaleWords(scale),
  ];
  return (
    <View
      backgroundColor="$marking"
      borderRadius={4}
      height={HEIGHT}
      role="img"
      aria-label={`${formatCallout(spec)}, drawn to scale`}
      data-print="drawing"
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
    >
      {width === 0 ? null : (
        <Svg width={width} height={HEIGHT - CAPTION} aria-hidden>
          <OutlineDrawing
            outline={outline}
            width={width}
            height={HEIGHT - CAPTION}
            colour={theme.scribe.val}
            units={units}
            pitchMm={spec.thread.pitchMm}
          />
        </Svg>
      )}
      <Label position="absolute" left={12} right={12} bottom={8} color="$scribe" textAlign="right">
        {said.filter(Boolean).join(", ")}
      </Label>
    </View>
  );
}
