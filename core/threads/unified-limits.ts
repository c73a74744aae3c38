import { mmFromInches, type Mm } from "../units";
import { assertClassHeld } from "./held-class";
import { roundHalfEven, roundTo } from "./rounding";
import type { SizeRange, Thread, ThreadLimits, ThreadSide } from "./thread";

/** Classes held so far: the general-purpose pair of ASME B1.1. */
const UNIFIED_CLASSES = { external: ["2A"], internal: ["2B"] } as const;

interface InchThread {
  readonly majorIn: number;
  readonly pitchIn: number;
}

function inchThread(thread: Thread): InchThread {
  if (thread.majorInch === undefined || thread.tpi === undefined) {
    throw new RangeError(`${thread.designation} has no inch sizes`);
  }
  return { majorIn: thread.majorInch, pitchIn: 1 / thread.tpi };
}

const r4 = (inches: number) => roundHalfEven(inches, 4);

function basicPitchIn({ majorIn, pitchIn }: InchThread): number {
  return r4(majorIn - 0.64951905 * pitchIn);
}

function basicMinorIn({ majorIn, pitchIn }: InchThread): number {
  return r4(majorIn - 1.08253175 * pitchIn);
}

/** Basic sizes by ASME B1.1, rounded to 0.0001 in as its tables are, in millimetres. */
export function unifiedBasicSizes(thread: Thread): { major: Mm; pitch: Mm; minor: Mm } {
  const inch = inchThread(thread);
  return {
    major: thread.majorMm,
    pitch: mmFromInches(basicPitchIn(inch)),
    minor: mmFromInches(basicMinorIn(inch)),
  };
}

/** Td2 of class 2A, in inches, to six decimals (1.3 of which makes 2B); the length of engagement of UNC and UNF is one diameter. */
function pitchTolerance2A({ majorIn, pitchIn }: InchThread): number {
  const tolerance =
    0.0015 * Math.cbrt(majorIn) + 0.0015 * Math.sqrt(majorIn) + 0.015 * pitchIn ** (2 / 3);
  return roundHalfEven(tolerance, 6);
}

/** TD1 of class 2B, in inches: below 1/4 in by formula within its bounds, from 1/4 in by pitch alone. */
function internalMinorTolerance2B({ majorIn, pitchIn }: InchThread): number {
  if (majorIn >= 0.25) {
    return pitchIn > 0.25 ? 0.15 * pitchIn : 0.25 * pitchIn - 0.4 * pitchIn ** 2;
  }
  const formula = 0.05 * pitchIn ** (2 / 3) + (0.03 * pitchIn) / majorIn - 0.002;
  const least = 0.25 * pitchIn - 0.4 * pitchIn ** 2;
  return Math.min(Math.max(formula, least), 0.394 * pitchIn);
}

function rangeFromInches(min: number | undefined, max: number | undefined): SizeRange {
  return {
    ...(min === undefined ? {} : { min: mmFromInches(min) }),
    ...(max === undefined ? {} : { max: mmFromInches(max) }),
  };
}

/**
 * Limits of size of a UNC or UNF thread in class 2A or 2B, in millimetres, by ASME B1.1 clause 5.
 * Each component is rounded to 0.0001 in before adding, the 2B minor diameter to 0.001 in from #6 up,
 * which reproduces the published tables. External minor maximum is that of the rounded-root (UNR) form.
 * @throws RangeError when the class is not one of `UNIFIED_CLASSES`
 */
export function unifiedLimits(
  thread: Thread,
  side: ThreadSide,
  toleranceClass: string = UNIFIED_CLASSES[side][0],
): ThreadLimits {
  assertClassHeld(thread, side, toleranceClass, UNIFIED_CLASSES[side]);
  const inch = inchThread(thread);
  return side === "external"
    ? externalLimits(inch, toleranceClass)
    : internalLimits(inch, toleranceClass);
}

function externalLimits(inch: InchThread, toleranceClass: string): ThreadLimits {
  const tolerance2 = pitchTolerance2A(inch);
  const allowance = r4(0.3 * r4(tolerance2));
  const majorMax = inch.majorIn - allowance;
  const pitchMax = basicPitchIn(inch) - allowance;
  const majorTolerance = r4(0.06 * inch.pitchIn ** (2 / 3));
  return {
    toleranceClass,
    major: rangeFromInches(r4(majorMax - majorTolerance), r4(majorMax)),
    pitch: rangeFromInches(r4(pitchMax - r4(tolerance2)), r4(pitchMax)),
    minor: rangeFromInches(undefined, r4(majorMax - 1.19078493 * inch.pitchIn)),
  };
}

function internalLimits(inch: InchThread, toleranceClass: string): ThreadLimits {
  const pitchMin = basicPitchIn(inch);
  const minorMin = basicMinorIn(inch);
  const minorMax = minorMin + r4(internalMinorTolerance2B(inch));
  const decimals = inch.majorIn < 0.138 ? 4 : 3;
  return {
    toleranceClass,
    major: rangeFromInches(inch.majorIn, undefined),
    pitch: rangeFromInches(pitchMin, r4(pitchMin + r4(1.3 * pitchTolerance2A(inch)))),
    minor: rangeFromInches(roundTo(minorMin, decimals), roundTo(minorMax, decimals)),
  };
}
