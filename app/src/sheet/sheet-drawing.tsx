import { leafWords, pitchWords, printLength, type Thread, type Units } from "@root-gauge/core";
import { useTheme, View } from "@tamagui/core";
import { useState } from "react";
import Svg from "react-native-svg";
import { BoltDrawing } from "../drawing/bolt-drawing";
import { fittingScale, PX_PER_MM, scaleWords } from "../drawing/scale";
import { Label } from "../kit/text";

const HEIGHT = 190;
const MOST_DIAMETER = 90;

/** The thread drawn to its basic sizes, at a stated scale. Head and length are not known, so dashed. */
export function SheetDrawing({ thread, units }: { thread: Thread; units: Units }) {
  const theme = useTheme();
  const [width, setWidth] = useState(0);
  const scale = fittingScale(thread.majorMm, MOST_DIAMETER);
  const shape = {
    teeth: true,
    headLeft: 24,
    axisY: HEIGHT * 0.48,
    end: width - 24,
    major: thread.majorMm * scale * PX_PER_MM,
    pitch: thread.pitchMm * scale * PX_PER_MM,
  };
  const pitch =
    thread.tpi === undefined ? pitchWords(thread.pitchMm, units) : leafWords({ tpi: thread.tpi });
  return (
    <View
      backgroundColor="$marking"
      height={HEIGHT}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
    >
      {width === 0 ? null : (
        <Svg width={width} height={HEIGHT} aria-hidden>
          <BoltDrawing
            shape={shape}
            known={{ major: true, pitch: true }}
            colour={theme.scribe.val}
          />
        </Svg>
      )}
      <View position="absolute" left={12} right={12} bottom={8} flexDirection="row" gap={8}>
        <Label flex={1} color="$scribe">
          {`Ø ${printLength(thread.majorMm, units)}, pitch ${pitch}`}
        </Label>
        <Label color="$scribe">{scaleWords(scale)}</Label>
      </View>
    </View>
  );
}
