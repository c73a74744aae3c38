import type { Mm } from "../../measure";

/**
 * A thread that the catalogue does not hold still has one pitch, and a diameter in proportion to it: what is read of it hangs
 * together. It stands as so many pitches, each with its own likelihood of every reading.
 */

const LEAST_PITCH_MM = 0.25;
const MOST_PITCH_MM = 8;
/** Steps of 0.7 %: finer than a leaf can tell, and about as fine as ten pitches from crest to crest. */
const STEPS = 480;

/** The pitches that a thread which is not held may have, mm, even over their logarithm. */
export const STRANGE_PITCHES: readonly Mm[] = Array.from(
  { length: STEPS },
  (_, at) => LEAST_PITCH_MM * (MOST_PITCH_MM / LEAST_PITCH_MM) ** (at / (STEPS - 1)),
);

/** Works' own threads are about as fine and coarse as others: most of them from 0.5 to 2.5 mm. An estimate. */
const USUAL_PITCH_MM = 1.1;
const PITCH_SD = 0.65;

function lognormal(value: number, median: number, sd: number): number {
  const off = Math.log(value / median) / sd;
  return Math.exp(-0.5 * off * off) / (sd * Math.sqrt(2 * Math.PI));
}

/** How often each of them is met; together 1. */
export const STRANGE_SHARES: readonly number[] = (() => {
  const weights = STRANGE_PITCHES.map((pitchMm) => lognormal(pitchMm, USUAL_PITCH_MM, PITCH_SD));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
})();

/** Screws are about so thick for their pitch: coarse metric 2 to 16 mm, with fine and coarse about them. */
const usualDiameter = (pitchMm: Mm): Mm => Math.max(0.8, (pitchMm - 0.2) / 0.115);
const DIAMETER_SD = 0.5;

/** Density of a diameter for a thread of this pitch that is not held, per mm. */
export function strangeDiameter(mm: Mm, pitchMm: Mm): number {
  return lognormal(mm, usualDiameter(pitchMm), DIAMETER_SD) / mm;
}
