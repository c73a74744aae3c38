import { driftWords } from "@root-gauge/core/say/charts";
import { driftDrawing, driftOverTen } from "@root-gauge/core/draw/thread";
import type { ComparedThreads } from "./compared-threads";
import { Plate } from "./plate";

const HEIGHT = 118;

/** Ten threads of each from a common start, and how far the tenth crests have parted. */
export function PitchDrift({ first, second, units }: ComparedThreads) {
  return (
    <Plate
      says={driftWords(driftOverTen(first, second), units)}
      height={HEIGHT}
      draw={(width) => driftDrawing(first, second, width, units)}
    />
  );
}
