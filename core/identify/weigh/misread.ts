import type { Mm } from "../../measure";
import type { ReadingOf } from "./reading";
import { strangeDiameter } from "./stranger";

/** Chance that the figure is plainly wrong: jaws not zeroed, a digit slipped, the wrong thing measured. */
export const BLUNDER = 0.005;

/** Diameters a part on the bench may have, 0.5 to 200 mm: a blunder or an unknown thread is even over their logarithm. */
const LOG_DIAMETER_SPAN = Math.log(200 / 0.5);

/** Density of a diameter of which nothing is known. */
export function backgroundDensity(mm: Mm): number {
  return 1 / (mm * LOG_DIAMETER_SPAN);
}

/** A works' own thread is sometimes out of all proportion. */
const OUT_OF_PROPORTION = 0.3;

/** Density of a diameter over the crests for a thread of this pitch that is not held. */
export function unknownDensity(mm: Mm, pitchMm: Mm): number {
  return (
    (1 - OUT_OF_PROPORTION) * strangeDiameter(mm, pitchMm) +
    OUT_OF_PROPORTION * backgroundDensity(mm)
  );
}

/** Probability that a diameter of which nothing is known lies between two gauge holes. */
export function backgroundBetween({ overMm, notOverMm }: ReadingOf<"diameter-between">): number {
  return Math.max(1e-6, Math.log(notOverMm / Math.max(overMm, 0.01)) / LOG_DIAMETER_SPAN);
}
