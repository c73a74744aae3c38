import type { Thread } from "../threads";
import type { Mm } from "../units";
import type { Evidence } from "./evidence";
import type { ReadingOf } from "./reading";
import type { Agreement } from "./reason";

/** The flank angles that are told apart on a bench, degrees; 0 is square. */
export const FLANK_ANGLES = [60, 55, 47.5, 30, 29, 80, 0] as const;

export type FlankAngle = (typeof FLANK_ANGLES)[number];

/** How far a judged angle is out, degrees, sd: an angle gauge or a profile against the light, and a mere look. */
const SURE_SD = 1.6;
const LOOKED_SD = 3;

/** From this pitch down the flanks are too short to judge, and the doubt grows as they shorten. */
const EASY_PITCH_MM = 1.5;
const MOST_SD = 12;

/** Chance that the answer is plainly wrong whatever the thread. */
const MISJUDGED = 0.01;

function angleSd(pitchMm: Mm, sure: boolean): number {
  const sd = sure ? SURE_SD : LOOKED_SD;
  return Math.min(MOST_SD, sd * Math.max(1, EASY_PITCH_MM / pitchMm));
}

/**
 * Probability of each answer when the flank angle of this thread is judged: nearer angles are taken for each other,
 * more so on a fine pitch. The answers' probabilities make 1.
 */
export function angleOutcomes(thread: Thread, sure = true): ReadonlyMap<FlankAngle, number> {
  const sd = angleSd(thread.pitchMm, sure);
  const weights = FLANK_ANGLES.map((angle) =>
    Math.exp(-0.5 * ((angle - thread.flankAngleDeg) / sd) ** 2),
  );
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return new Map(
    FLANK_ANGLES.map((angle, i) => [
      angle,
      (1 - MISJUDGED) * ((weights[i] ?? 0) / total) + MISJUDGED / FLANK_ANGLES.length,
    ]),
  );
}

/** Of threads that nobody holds, most have 60 degrees, then 55. An estimate. */
const UNKNOWN_ANGLES: Readonly<Record<FlankAngle, number>> = {
  60: 0.5,
  55: 0.2,
  47.5: 0.04,
  30: 0.1,
  29: 0.06,
  80: 0.04,
  0: 0.06,
};

function agreementOf(probability: number): Agreement {
  if (probability >= 0.25) return "agrees";
  return probability >= 0.05 ? "strained" : "at-odds";
}

const chanceOf = (reading: ReadingOf<"flank-angle">, thread: Thread): number =>
  angleOutcomes(thread, reading.sure ?? true).get(reading.degrees) ?? 0;

/** The flank angle, by angle gauge or by eye. */
export const flankAngleEvidence: Evidence<"flank-angle"> = {
  likelihood: chanceOf,
  unknownLikelihood: ({ degrees }) => UNKNOWN_ANGLES[degrees],
  reason: (reading, thread) => ({
    code: "flank-angle",
    agreement: agreementOf(chanceOf(reading, thread)),
    degrees: reading.degrees,
    threadDegrees: thread.flankAngleDeg,
    finePitch: thread.pitchMm < EASY_PITCH_MM,
  }),
};

/** A taper of 1 in 16 is seen by laying a straight edge on; a worn parallel thread is seldom taken for one. */
const TAPER_SEEN = 0.95;
const TAPER_IMAGINED = 0.02;
const UNKNOWN_TAPERED = 0.1;

/** Probability that this thread is called tapered. */
export function calledTapered(thread: Thread): number {
  return thread.taper === undefined ? TAPER_IMAGINED : TAPER_SEEN;
}

const taperChance = ({ tapered }: ReadingOf<"taper">, thread: Thread): number =>
  tapered ? calledTapered(thread) : 1 - calledTapered(thread);

/** Whether the thread tapers. */
export const taperEvidence: Evidence<"taper"> = {
  likelihood: taperChance,
  unknownLikelihood: ({ tapered }) => (tapered ? UNKNOWN_TAPERED : 1 - UNKNOWN_TAPERED),
  reason: (reading, thread) => ({
    code: "taper",
    agreement: agreementOf(taperChance(reading, thread)),
    tapered: reading.tapered,
    threadTapered: thread.taper !== undefined,
  }),
};
