import { scaleWords } from "@root-gauge/core";
import { formatCallout, type ScrewSpec } from "@root-gauge/core/callout";
import { screwDrawing, screwOutline } from "@root-gauge/core/draw/joint";
import { Plate } from "../../draw/plate";
import { Label } from "../../kit/text";

const HEIGHT = 260;
const CAPTION = 30;

/** The screw to scale with its dimensions, on marking blue. */
export function FastenerPicture({ spec }: { spec: ScrewSpec }) {
  const outline = screwOutline(spec);
  return (
    <Plate
      says={`${formatCallout(spec)}, drawn to scale`}
      height={HEIGHT}
      data-print="drawing"
      draw={(width) => screwDrawing(outline, { width, height: HEIGHT - CAPTION }, spec.thread)}
    >
      {(drawing) => (
        <Label
          position="absolute"
          left={12}
          right={12}
          bottom={8}
          color="$scribe"
          textAlign="right"
        >
          {[
            spec.lengthMm === undefined ? "length not known" : undefined,
            outline.headToScale ? undefined : "head in proportion only",
            drawing === undefined ? undefined : scaleWords(drawing.scale),
          ]
            .filter(Boolean)
            .join(", ")}
        </Label>
      )}
    </Plate>
  );
}
