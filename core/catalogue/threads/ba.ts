import { roundTo, type Mm } from "../../measure";
import type { BasicSizes, FamilyStandard, Thread, ThreadLimits, ThreadSide } from "./thread";

/** BS 93:2008, table 1: full diameter and pitch in mm by number; P = 0.9^N and D = 6 P^1.2, rounded as the standard rounds. */
const BS_93: readonly (readonly [Mm, Mm])[] = [
  [6, 1],
  [5.3, 0.9],
  [4.7, 0.81],
  [4.1, 0.73],
  [3.6, 0.66],
  [3.2, 0.59],
  [2.8, 0.53],
  [2.5, 0.48],
  [2.2, 0.43],
  [1.9, 0.39],
  [1.7, 0.35],
  [1.5, 0.31],
  [1.3, 0.28],
  [1.2, 0.25],
  [1, 0.23],
  [0.9, 0.21],
  [0.79, 0.19],
];

/** The even numbers are the usual ones; from 11 on, instrument sizes. */
function choiceOf(number: number): 1 | 2 | 3 {
  if (number > 10) return 3;
  return number % 2 === 0 ? 1 : 2;
}

function baThread(number: number, majorMm: Mm, pitchMm: Mm): Thread {
  return {
    id: `ba-${number}`,
    designation: `${number} BA`,
    family: "ba",
    series: "BA",
    majorMm,
    pitchMm,
    flankAngleDeg: 47.5,
    starts: 1,
    hand: "right",
    choice: choiceOf(number),
    standard: "BS 93",
    verified: true,
  };
}

/** Depth 0.6 P to the nearest 0.005 mm builds both smaller diameters, as BS 93 tables them. */
function baBasicSizes({ majorMm, pitchMm }: Thread): BasicSizes {
  const depth = Math.round((0.6 * pitchMm) / 0.005 + 1e-9) * 0.005;
  return {
    major: majorMm,
    pitch: roundTo(majorMm - depth, 3),
    minor: roundTo(majorMm - 2 * depth, 3),
  };
}

const isInstrumentSize = (thread: Thread) => thread.majorMm < 1.7;

/** Close and normal bolts (close up to 10 BA only); one class of nut. */
function baClasses(thread: Thread, side: ThreadSide): readonly string[] {
  if (side === "internal" || isInstrumentSize(thread)) return ["normal"];
  return ["normal", "close"];
}

/**
 * Limits by the tolerance formulas of BS 93, in mm: normal bolts 0.20 P (0.25 P from 11 BA), 0.10 P + 0.025,
 * 0.20 P + 0.05; close bolts 0.15 P, 0.08 P + 0.02, 0.16 P + 0.04; nuts 0.12 P + 0.03 and 0.375 P.
 */
function baLimits(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  const { major, pitch, minor } = baBasicSizes(thread);
  const p = thread.pitchMm;
  const shared = { toleranceClass, verified: true };
  const r3 = (size: Mm) => roundTo(size, 3);
  if (side === "internal") {
    return {
      ...shared,
      major: { min: major },
      pitch: { min: pitch, max: r3(pitch + 0.12 * p + 0.03) },
      minor: { min: minor, max: r3(minor + 0.375 * p) },
    };
  }
  const close = toleranceClass === "close";
  const majorShare = close ? 0.15 : isInstrumentSize(thread) ? 0.25 : 0.2;
  return {
    ...shared,
    major: { min: r3(major - majorShare * p), max: major },
    pitch: { min: r3(pitch - (close ? 0.08 * p + 0.02 : 0.1 * p + 0.025)), max: pitch },
    minor: { min: r3(minor - (close ? 0.16 * p + 0.04 : 0.2 * p + 0.05)), max: minor },
  };
}

/** British Association threads, 0 to 16. Left out: 17 to 25, and the plating allowance of normal bolts. */
export const britishAssociation: FamilyStandard = {
  threads: BS_93.map(([majorMm, pitchMm], number) => baThread(number, majorMm, pitchMm)),
  basicSizes: baBasicSizes,
  classes: baClasses,
  limits: baLimits,
};
