import { mmFromInches, roundTo } from "../../measure";
import { inchSizesOf, rangeFromInches } from "./inch-size";
import type { BasicSizes, Thread, ThreadLimits, ThreadSide } from "./thread";

/** Depth of the rounded 55 degree form, as a share of the pitch (BS 84). */
const DEPTH = 0.640327;

const r4 = (inches: number) => roundTo(inches, 4);

interface InchBasic {
  readonly major: number;
  readonly pitch: number;
  readonly minor: number;
}

/** Full, effective and core diameter in inches, each rounded to 0.0001 in once. */
function basicInches(thread: Thread): InchBasic {
  const { majorIn, pitchIn } = inchSizesOf(thread);
  const depth = DEPTH * pitchIn;
  return { major: majorIn, pitch: r4(majorIn - depth), minor: r4(majorIn - 2 * depth) };
}

/** Basic sizes by BS 84, to 0.0001 in, in millimetres. */
export function whitworthBasicSizes(thread: Thread): BasicSizes {
  const { major, pitch, minor } = basicInches(thread);
  return { major: mmFromInches(major), pitch: mmFromInches(pitch), minor: mmFromInches(minor) };
}

/** Close, medium and free bolts; medium and free nuts, and the close one that goes with a close bolt. */
export function whitworthClasses(): readonly string[] {
  return ["medium", "close", "free"];
}

/** Share of T that is the effective-diameter tolerance of each class. */
const CLASS_SHARE: Readonly<Record<string, number>> = { close: 2 / 3, medium: 1, free: 1.5 };

/** T, the medium effective-diameter tolerance, in inches: 0.002 D^(1/3) + 0.003 L^(1/2) + 0.005 p^(1/2), L one diameter. */
function effectiveTolerance(majorIn: number, pitchIn: number): number {
  return 0.002 * Math.cbrt(majorIn) + 0.003 * Math.sqrt(majorIn) + 0.005 * Math.sqrt(pitchIn);
}

/** Up to 3/4 in a medium or free bolt stands 0.3 T under its basic sizes; under 1/4 in by as much as at 1/4 in. */
function allowance(majorIn: number, tpi: number, toleranceClass: string): number {
  if (toleranceClass === "close" || majorIn > 0.75) return 0;
  const [size, pitch] = majorIn < 0.25 ? [0.25, 1 / 20] : [majorIn, 1 / tpi];
  return 0.3 * effectiveTolerance(size, pitch);
}

/** Tolerance of a nut's core diameter, in inches, by the number of threads to the inch. */
function coreTolerance(pitchIn: number): number {
  const tpi = 1 / pitchIn;
  if (tpi >= 26) return 0.2 * pitchIn + 0.004;
  return tpi >= 22 ? 0.2 * pitchIn + 0.005 : 0.2 * pitchIn + 0.007;
}

/**
 * Limits of a Whitworth-form bolt or nut in millimetres, by the tolerance formulas of BS 84: effective diameter T,
 * full diameter T + 0.01 p^(1/2), core T + 0.02 p^(1/2) (close: 0.013), T scaled by class.
 */
export function whitworthLimits(
  thread: Thread,
  side: ThreadSide,
  toleranceClass: string,
): ThreadLimits {
  const { majorIn, pitchIn } = inchSizesOf(thread);
  const basic = basicInches(thread);
  const tolerance = (CLASS_SHARE[toleranceClass] ?? 1) * effectiveTolerance(majorIn, pitchIn);
  const root = Math.sqrt(pitchIn);
  const shared = { toleranceClass, verified: thread.verified };
  if (side === "internal") {
    return {
      ...shared,
      major: rangeFromInches(basic.major, undefined),
      pitch: rangeFromInches(basic.pitch, r4(basic.pitch + tolerance)),
      minor: rangeFromInches(basic.minor, r4(basic.minor + coreTolerance(pitchIn))),
    };
  }
  const lowered = allowance(majorIn, 1 / pitchIn, toleranceClass);
  const below = (size: number, band: number) =>
    rangeFromInches(r4(size - lowered - band), r4(size - lowered));
  return {
    ...shared,
    major: below(basic.major, tolerance + 0.01 * root),
    pitch: below(basic.pitch, tolerance),
    minor: below(basic.minor, tolerance + (toleranceClass === "close" ? 0.013 : 0.02) * root),
  };
}
