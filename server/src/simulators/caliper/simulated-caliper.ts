import type { CaliperCommand, CaliperFigure } from "@root-gauge/contract";
import type { SeededRandom } from "@root-gauge/core/random";

/** A digital caliper with a part in its jaws. */
export interface Caliper {
  /** What the display shows at this moment, ms on any clock. */
  figureAt(ms: number): CaliperFigure;
  press(button: CaliperCommand["press"], ms: number): void;
}

/**
 * Parts of the print works as they measure over the crests, mm: the guillotine's guard bolt 7/16-14, a side cover screw
 * M8, a frame bolt 1/2 BSW, the plug of the regulator's G 1/2 port, the roller hook 2 BA; the last is a gauge block.
 */
const PARTS_MM = [11.02, 7.88, 12.6, 20.88, 4.63, 25] as const;

/** The jaws were last closed on a chip: until it is zeroed, every figure is over by this, mm. */
const ZERO_ERROR_MM = 0.07;

/** The last digit flickers by this much, sd, mm. */
const JITTER_MM = 0.008;

/** The slide follows the hand: most of the way in this long, ms. */
const SETTLING_MS = 350;

const toHundredths = (mm: number) => Math.round(mm * 100) / 100;

/** A caliper that is not there: jittering, not zeroed at first, with a hold button, and a row of parts to measure. */
export function simulatedCaliper(random: SeededRandom): Caliper {
  let part = 0;
  let from = 0;
  let since = Number.NEGATIVE_INFINITY;
  let zeroError = ZERO_ERROR_MM;
  let heldMm: number | undefined;

  const openingAt = (ms: number) => {
    const target = PARTS_MM[part % PARTS_MM.length] ?? 0;
    return target + (from - target) * Math.exp(-(ms - since) / SETTLING_MS);
  };
  const shownAt = (ms: number) =>
    toHundredths(openingAt(ms) + zeroError + random.normal() * JITTER_MM);

  return {
    figureAt: (ms) => ({ mm: heldMm ?? shownAt(ms), held: heldMm !== undefined }),
    press: (button, ms) => {
      switch (button) {
        case "hold":
          heldMm = shownAt(ms);
          return;
        case "release":
          heldMm = undefined;
          return;
        case "zero":
          zeroError = 0;
          return;
        case "next-part":
          from = openingAt(ms);
          since = ms;
          part += 1;
          heldMm = undefined;
      }
    },
  };
}
