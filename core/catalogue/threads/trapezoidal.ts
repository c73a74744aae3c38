import { roundTo, type Mm } from "../../measure";
import {
  externalMajorTolerance,
  externalPitchTolerance,
  internalMinorTolerance,
  internalPitchTolerance,
} from "./iso-tolerances";
import { r40 } from "./preferred-numbers";
import type { BasicSizes, FamilyStandard, Thread, ThreadLimits, ThreadSide } from "./thread";

/** ISO 2904:1977, table 1, 8 to 100 mm: nominal diameter, choice, preferred pitch, other pitches. Left out: over 100 mm. */
const ISO_2904: readonly (readonly [Mm, 1 | 2, Mm, readonly Mm[]])[] = [
  [8, 1, 1.5, []],
  [9, 2, 2, [1.5]],
  [10, 1, 2, [1.5]],
  [11, 2, 2, [3]],
  [12, 1, 3, [2]],
  [14, 2, 3, [2]],
  [16, 1, 4, [2]],
  [18, 2, 4, [2]],
  [20, 1, 4, [2]],
  [22, 2, 5, [8, 3]],
  [24, 1, 5, [8, 3]],
  [26, 2, 5, [8, 3]],
  [28, 1, 5, [8, 3]],
  [30, 2, 6, [10, 3]],
  [32, 1, 6, [10, 3]],
  [34, 2, 6, [10, 3]],
  [36, 1, 6, [10, 3]],
  [38, 2, 7, [10, 3]],
  [40, 1, 7, [10, 3]],
  [42, 2, 7, [10, 3]],
  [44, 1, 7, [12, 3]],
  [46, 2, 8, [12, 3]],
  [48, 1, 8, [12, 3]],
  [50, 2, 8, [12, 3]],
  [52, 1, 8, [12, 3]],
  [55, 2, 9, [14, 3]],
  [60, 1, 9, [14, 3]],
  [65, 2, 10, [16, 4]],
  [70, 1, 10, [16, 4]],
  [75, 2, 10, [16, 4]],
  [80, 1, 10, [16, 4]],
  [85, 2, 12, [18, 4]],
  [90, 1, 12, [18, 4]],
  [95, 2, 12, [18, 4]],
  [100, 1, 12, [20, 4]],
];

function trapezoidalThread(majorMm: Mm, pitchMm: Mm, choice: 1 | 2 | 3): Thread {
  return {
    id: `tr-${majorMm}x${pitchMm}`,
    designation: `Tr ${majorMm} x ${pitchMm}`,
    family: "trapezoidal",
    series: "Tr",
    majorMm,
    pitchMm,
    flankAngleDeg: 30,
    starts: 1,
    hand: "right",
    choice,
    standard: "ISO 2904, ISO 2903",
    verified: true,
  };
}

/** Crest clearance ac by pitch (ISO 2901, table 1). */
function crestClearance(pitch: Mm): Mm {
  if (pitch < 2) return 0.15;
  if (pitch < 6) return 0.25;
  return pitch < 14 ? 0.5 : 1;
}

/** Basic profile of ISO 2901: pitch diameter d - 0.5 P, minor diameter d - P, without the crest clearance. */
function trapezoidalBasicSizes({ majorMm, pitchMm }: Thread): BasicSizes {
  return { major: majorMm, pitch: majorMm - 0.5 * pitchMm, minor: majorMm - pitchMm };
}

/** Deviation c of the pitch diameter, in micrometres (ISO 2903, table 3). */
const C_TABLED: Readonly<Record<string, number>> = {
  "1.5": 140,
  "2": 150,
  "3": 170,
  "4": 190,
  "5": 212,
  "6": 236,
  "7": 250,
  "8": 265,
  "9": 280,
  "10": 300,
  "12": 335,
  "14": 355,
  "16": 375,
  "18": 400,
  "20": 425,
};

/** From this pitch on e is half of c to R40; below it is that of metric threads, as the table has both. */
const HALF_OF_C_FROM = 8;

/** The one pitch at which half of c lies between two R40 numbers, so that the table alone could tell. */
const E_NOT_CERTAIN = 12;

function pitchDeviation(pitch: Mm, position: string): Mm {
  const c = C_TABLED[String(pitch)];
  if (c === undefined) throw new RangeError(`no deviation is held for pitch ${pitch}`);
  if (position === "c") return c / 1000;
  return Math.round(pitch < HALF_OF_C_FROM ? r40(50 + 11 * pitch) : r40(c / 2)) / 1000;
}

/** The quality of ISO 2903 for general use first. */
function trapezoidalClasses(_thread: Thread, side: ThreadSide): readonly string[] {
  return side === "external" ? ["7e", "8e", "8c", "9c"] : ["7H", "8H", "9H"];
}

const r3 = (size: Mm): Mm => roundTo(size, 3);

/** TD2 by grade: 1.7 Td2(6) for 7, two R40-quarters up for each further grade (ISO 2903, clause 7). */
const GRADE_9_STEPS_OVER_8 = 1.25;

function internalTolerance(major: Mm, pitch: Mm, grade: number): Mm {
  if (grade < 9) return internalPitchTolerance(major, pitch, grade);
  const eight = internalPitchTolerance(major, pitch, 8);
  return Math.round(r40(1000 * eight * GRADE_9_STEPS_OVER_8)) / 1000;
}

/**
 * Limits of ISO 2903 in mm: major 4h and internal minor 4H in every class; pitch diameter by the class; external
 * minor down by 1.25 Td2 and the deviation below d3, which is the internal one less twice the crest clearance.
 */
function trapezoidalLimits(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  const basic = trapezoidalBasicSizes(thread);
  const { majorMm, pitchMm } = thread;
  const grade = Number(toleranceClass.charAt(0));
  const clearance = 2 * crestClearance(pitchMm);
  const shared = { toleranceClass, verified: true };
  if (side === "internal") {
    const tolerance = internalTolerance(majorMm, pitchMm, grade);
    return {
      ...shared,
      major: { min: r3(basic.major + clearance) },
      pitch: { min: basic.pitch, max: r3(basic.pitch + tolerance) },
      minor: { min: basic.minor, max: r3(basic.minor + minorTolerance4(pitchMm)) },
    };
  }
  const position = toleranceClass.charAt(1);
  const es = pitchDeviation(pitchMm, position);
  const tolerance = externalPitchTolerance(majorMm, pitchMm, grade);
  const minorMax = basic.minor - clearance;
  return {
    ...shared,
    verified: position === "c" || pitchMm !== E_NOT_CERTAIN,
    major: { min: r3(basic.major - majorTolerance4(pitchMm)), max: basic.major },
    pitch: { min: r3(basic.pitch - es - tolerance), max: r3(basic.pitch - es) },
    minor: { min: r3(minorMax - 1.25 * tolerance - es), max: r3(minorMax) },
  };
}

/** ISO 2903 rounds grade 4 of P = 4 from the formula, where ISO 965-1 has a table value; and TD1 of P = 10 downward. */
const majorTolerance4 = (pitch: Mm): Mm => (pitch === 4 ? 0.3 : externalMajorTolerance(pitch, 4));
const minorTolerance4 = (pitch: Mm): Mm => (pitch === 10 ? 0.71 : internalMinorTolerance(pitch, 4));

/** Trapezoidal threads of power screws: ISO 2901 to 2904. */
export const trapezoidal: FamilyStandard = {
  threads: ISO_2904.flatMap(([major, choice, preferred, others]) => [
    trapezoidalThread(major, preferred, choice),
    ...others.map((pitch) => trapezoidalThread(major, pitch, 3)),
  ]),
  basicSizes: trapezoidalBasicSizes,
  classes: trapezoidalClasses,
  limits: trapezoidalLimits,
};
