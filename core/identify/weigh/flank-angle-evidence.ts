import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { agreementOf } from "./agreement";
import { normalCumulative } from "./distributions";
import type { Evidence } from "./evidence";
import { FLANK_ANGLES, type FlankAngle, type ReadingOf } from "./reading";

/** How far a judged angle is out, degrees, sd: an angle gauge or a profile against the light, and a mere look. */
const SURE_SD = 1.5;
const LOOKED_SD = 2.6;

/** From this pitch down the flanks are too short to judge, and the doubt grows as they shorten. */
const EASY_PITCH_MM = 1.5;
const MOST_SD = 12;

/** Chance that the answer is plainly wrong whatever the thread. */
const MISJUDGED = 0.01;

function angleSd(pitchMm: Mm, sure: boolean): number {
  const sd = sure ? SURE_SD : LOOKED_SD;
  return Math.min(MOST_SD, sd * Math.max(1, EASY_PITCH_MM / pitchMm));
}

/** The angles in order, each with the range of judgement that is called by its name: half way to its neighbours. */
const RANGES = [...FLANK_ANGLES]
  .sort((a, b) => a - b)
  .map((angle, i, sorted) => ({
    angle,
    from: i === 0 ? -Infinity : (angle + (sorted[i - 1] ?? 0)) / 2,
    to: i === sorted.length - 1 ? Infinity : (angle + (sorted[i + 1] ?? 0)) / 2,
  }));

/**
 * Probability of each answer when the flank angle of this thread is judged: the nearest to a judgement that is normal
 * about the true angle, spread wider on a fine pitch. The answers' probabilities make 1.
 */
export function angleOutcomes(thread: Thread, sure = true): ReadonlyMap<FlankAngle, number> {
  const sd = angleSd(thread.pitchMm, sure);
  const under = (degrees: number) => normalCumulative((degrees - thread.flankAngleDeg) / sd);
  return new Map(
    RANGES.map(({ angle, from, to }) => [
      angle,
      (1 - MISJUDGED) * (under(to) - under(from)) + MISJUDGED / FLANK_ANGLES.length,
    ]),
  );
}

/** Of threads that nobody holds, most have 60 degrees, then 55. An estimate. */
const UNKNOWN_ANGLES: Readonly<Record<FlankAngle, number>> = {
  60: 0.56,
  55: 0.26,
  47.5: 0.03,
  30: 0.05,
  29: 0.03,
  80: 0.03,
  0: 0.04,
};

const chanceOf = (reading: ReadingOf<"flank-angle">, thread: Thread): number =>
  angleOutcomes(thread, reading.sure ?? true).get(reading.degrees) ?? 0;

/** The flank angle, by angle gauge or by eye. */
export const flankAngleEvidence: Evidence<"flank-angle"> = {
  likelihood: chanceOf,
  // One number: the angles are halves of a degree, and the pitch counts up to 1.5 mm.
  alike: ({ flankAngleDeg, pitchMm }) => 10 * flankAngleDeg + Math.min(pitchMm, EASY_PITCH_MM),
  unknownLikelihood: ({ degrees }) => UNKNOWN_ANGLES[degrees],
  reason: (reading, thread) => ({
    code: "flank-angle",
    agreement: agreementOf(chanceOf(reading, thread)),
    degrees: reading.degrees,
    threadDegrees: thread.flankAngleDeg,
    finePitch: thread.pitchMm < EASY_PITCH_MM,
  }),
};
