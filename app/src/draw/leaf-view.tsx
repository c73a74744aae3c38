import { type LeafMark, type Thread, type Units } from "@root-gauge/core";
import { leafLightWords, nearScaleWords } from "@root-gauge/core/say/charts";
import { leafDrawing, type LeafDrawing } from "@root-gauge/core/draw/thread";
import { Label } from "../kit/text";
import { Plate } from "./plate";

export interface LeafViewProps {
  readonly leaf: LeafMark;
  readonly leafAngleDeg: number;
  readonly thread: Thread;
  readonly units: Units;
}

const HEIGHT = 60;

/** A leaf laid on a thread to scale, pressed home as far as it goes, with the light that then shows between them. */
export function LeafView({ leaf, leafAngleDeg, thread, units }: LeafViewProps) {
  const seen = (drawing: LeafDrawing | undefined) =>
    drawing === undefined
      ? thread.designation
      : `${thread.designation}: ${leafLightWords(drawing.lightMm, drawing.threadsEngaged, units)}`;
  return (
    <Plate<LeafDrawing>
      says={(drawing) => `The leaf on ${seen(drawing)}`}
      height={HEIGHT}
      againstLight
      draw={(width) => leafDrawing(leaf, leafAngleDeg, thread, { width, height: HEIGHT })}
    >
      {(drawing) => (
        <Label color="$scribe" paddingHorizontal={8} paddingVertical={2}>
          {drawing === undefined
            ? seen(drawing)
            : `${seen(drawing)}, ${nearScaleWords(drawing.scale)}`}
        </Label>
      )}
    </Plate>
  );
}
