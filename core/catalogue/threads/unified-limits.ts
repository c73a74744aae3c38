import { mmFromInches, roundHalfEven, roundTo } from "../../measure";
import { inchSizesOf, rangeFromInches } from "./inch-size";
import type { BasicSizes, Thread, ThreadLimits, ThreadSide } from "./thread";

/** Share of Td2 (class 2A) that is each class's pitch-diameter tolerance; ASME B1.1 clause 5.8. */
const PITCH_TOLERANCE_SHARE: Readonly<Record<string, number>> = {
  "1A": 1.5,
  "2A": 1,
  "3A": 0.75,
  "1B": 1.95,
  "2B": 1.3,
  "3B": 0.975,
};

interface InchSizes {
  readonly majorIn: number;
  readonly pitchIn: number;
}

const r4 = (inches: number) => roundHalfEven(inches, 4);

function basicPitchIn({ majorIn, pitchIn }: InchSizes): number {
  return r4(majorIn - 0.64951905 * pitchIn);
}

function basicMinorIn({ majorIn, pitchIn }: InchSizes): number {
  return r4(majorIn - 1.08253175 * pitchIn);
}

/** Basic sizes by ASME B1.1, rounded to 0.0001 in as its tables are, in millimetres. */
export function unifiedBasicSizes(thread: Thread): BasicSizes {
  const inch = inchSizesOf(thread);
  return {
    major: thread.majorMm,
    pitch: mmFromInches(basicPitchIn(inch)),
    minor: mmFromInches(basicMinorIn(inch)),
  };
}

/** The classes of ASME B1.1, the general-purpose one first. */
export function unifiedClasses(_thread: Thread, side: ThreadSide): readonly string[] {
  return side === "external" ? ["2A", "1A", "3A"] : ["2B", "1B", "3B"];
}

/** Series whose length of engagement is one diameter; the others' is nine pitches. */
const ONE_DIAMETER = new Set(["UNC", "UNF", "4-UN", "6-UN", "8-UN"]);

/** Td2 of class 2A, in inches, to six decimals: the value the other classes are shares of. */
function pitchTolerance2A(thread: Thread): number {
  const { majorIn, pitchIn } = inchSizesOf(thread);
  const engagement = ONE_DIAMETER.has(thread.series) ? majorIn : 9 * pitchIn;
  const tolerance =
    0.0015 * Math.cbrt(majorIn) + 0.0015 * Math.sqrt(engagement) + 0.015 * pitchIn ** (2 / 3);
  return roundHalfEven(tolerance, 6);
}

/** TD1 of classes 1B and 2B, in inches: below 1/4 in by formula within its bounds, from 1/4 in by pitch alone. */
function minorTolerance2B({ majorIn, pitchIn }: InchSizes): number {
  if (majorIn >= 0.25) {
    return pitchIn > 0.25 ? 0.15 * pitchIn : 0.25 * pitchIn - 0.4 * pitchIn ** 2;
  }
  return within(
    minorToleranceFormula(majorIn, pitchIn),
    0.25 * pitchIn - 0.4 * pitchIn ** 2,
    pitchIn,
  );
}

/** TD1 of class 3B, in inches; its least value changes at 13 threads per inch. */
function minorTolerance3B({ majorIn, pitchIn }: InchSizes): number {
  const least = pitchIn > 1 / 13 + 1e-9 ? 0.12 * pitchIn : 0.23 * pitchIn - 1.5 * pitchIn ** 2;
  return within(minorToleranceFormula(majorIn, pitchIn), least, pitchIn);
}

function minorToleranceFormula(majorIn: number, pitchIn: number): number {
  return 0.05 * pitchIn ** (2 / 3) + (0.03 * pitchIn) / majorIn - 0.002;
}

function within(tolerance: number, least: number, pitchIn: number): number {
  return Math.min(Math.max(tolerance, least), 0.394 * pitchIn);
}

/**
 * Limits of size of a unified thread, in millimetres, by ASME B1.1 clause 5.
 * Each component is rounded to 0.0001 in before adding, the 1B and 2B minor diameter to 0.001 in from #6 up,
 * which reproduces the published tables. External minor maximum is that of the rounded-root (UNR) form.
 */
export function unifiedLimits(
  thread: Thread,
  side: ThreadSide,
  toleranceClass: string,
): ThreadLimits {
  const sizes =
    side === "external"
      ? externalLimits(thread, toleranceClass)
      : internalLimits(thread, toleranceClass);
  return { toleranceClass, verified: true, ...sizes };
}

type Sizes = Pick<ThreadLimits, "major" | "pitch" | "minor">;

/** Sizes whose published allowance is not the formula's, in inches; ASME B1.1 table 2. */
const PUBLISHED_ALLOWANCE: Readonly<Record<string, number>> = { "5/8-11 UNC": 0.0016 };

/** 0.3 of Td2, rounded once; class 3A has none. */
function allowanceOf(thread: Thread, toleranceClass: string): number {
  if (toleranceClass === "3A") return 0;
  return PUBLISHED_ALLOWANCE[thread.designation] ?? r4(0.3 * pitchTolerance2A(thread));
}

function pitchTolerance(thread: Thread, toleranceClass: string): number {
  return r4((PITCH_TOLERANCE_SHARE[toleranceClass] ?? 1) * pitchTolerance2A(thread));
}

function externalLimits(thread: Thread, toleranceClass: string): Sizes {
  const inch = inchSizesOf(thread);
  const allowance = allowanceOf(thread, toleranceClass);
  const majorMax = inch.majorIn - allowance;
  const pitchMax = basicPitchIn(inch) - allowance;
  const majorTolerance = r4((toleranceClass === "1A" ? 0.09 : 0.06) * inch.pitchIn ** (2 / 3));
  return {
    major: rangeFromInches(r4(majorMax - majorTolerance), r4(majorMax)),
    pitch: rangeFromInches(r4(pitchMax - pitchTolerance(thread, toleranceClass)), r4(pitchMax)),
    minor: rangeFromInches(undefined, r4(majorMax - 1.19078493 * inch.pitchIn)),
  };
}

function internalLimits(thread: Thread, toleranceClass: string): Sizes {
  const inch = inchSizesOf(thread);
  const pitchMin = basicPitchIn(inch);
  const minorMin = basicMinorIn(inch);
  const closest = toleranceClass === "3B";
  const tolerance = closest ? minorTolerance3B(inch) : minorTolerance2B(inch);
  const decimals = closest || inch.majorIn < 0.138 ? 4 : 3;
  const minDecimals = inch.majorIn < 0.138 ? 4 : 3;
  return {
    major: rangeFromInches(inch.majorIn, undefined),
    pitch: rangeFromInches(pitchMin, r4(pitchMin + pitchTolerance(thread, toleranceClass))),
    minor: rangeFromInches(
      roundTo(minorMin, minDecimals),
      roundTo(minorMin + r4(tolerance), decimals),
    ),
  };
}
