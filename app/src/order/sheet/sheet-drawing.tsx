import {
  UNITS_PER_MM,
  boltMarks,
  fittingScale,
  leafWords,
  pitchWords,
  printLength,
  scaleWords,
  type Drawing,
  type Thread,
  type Units,
} from "@root-gauge/core";
import { View } from "@tamagui/core";
import { Plate } from "../../draw/plate";
import { Label } from "../../kit/text";

const HEIGHT = 190;
const MOST_DIAMETER = 90;

/** The thread at its basic sizes; head and length are not known, so dashed. */
function threadDrawing(thread: Thread, width: number): Drawing {
  const scale = fittingScale(thread.majorMm, MOST_DIAMETER);
  const shape = {
    teeth: true,
    headLeft: 24,
    axisY: HEIGHT * 0.48,
    end: width - 24,
    major: thread.majorMm * scale * UNITS_PER_MM,
    pitch: thread.pitchMm * scale * UNITS_PER_MM,
  };
  const marks = boltMarks({ shape, known: { major: true, pitch: true } });
  return { width, height: HEIGHT, scale, marks };
}

/** The thread drawn to its basic sizes, at a stated scale. */
export function SheetDrawing({ thread, units }: { thread: Thread; units: Units }) {
  const pitch =
    thread.tpi === undefined ? pitchWords(thread.pitchMm, units) : leafWords({ tpi: thread.tpi });
  return (
    <Plate
      says={`${thread.designation}, drawn to scale`}
      height={HEIGHT}
      borderRadius={0}
      draw={(width) => threadDrawing(thread, width)}
    >
      {(drawing) => (
        <View position="absolute" left={12} right={12} bottom={8} flexDirection="row" gap={8}>
          <Label flex={1} color="$scribe">
            {`Ø ${printLength(thread.majorMm, units)}, pitch ${pitch}`}
          </Label>
          <Label color="$scribe">{drawing === undefined ? "" : scaleWords(drawing.scale)}</Label>
        </View>
      )}
    </Plate>
  );
}
