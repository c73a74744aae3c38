import type { Mm } from "../../measure";
import { FAMILIES } from "./families";
import type {
  BasicSizes,
  SizeRange,
  TaperLengths,
  Thread,
  ThreadLimits,
  ThreadSide,
} from "./thread";

/**
 * The tolerance classes with limits for one side of a thread, the usual one first (6g/6H, 2A/2B, medium...).
 * Empty when the standard does not have the thread on that side.
 */
export function toleranceClasses(thread: Thread, side: ThreadSide): readonly string[] {
  return FAMILIES[thread.family].classes(thread, side);
}

/**
 * Limits of size in millimetres; of a taper thread, at the gauge plane.
 * @param toleranceClass default: the first of `toleranceClasses`
 * @throws RangeError naming the classes held when the class is not one of them, or when there are none
 */
export function limits(thread: Thread, side: ThreadSide, toleranceClass?: string): ThreadLimits {
  const held = toleranceClasses(thread, side);
  const wanted = toleranceClass ?? held[0];
  if (wanted === undefined) {
    throw new RangeError(`${thread.designation} is an ${thread.only} thread: no ${side} limits`);
  }
  if (!held.includes(wanted)) {
    throw new RangeError(
      `${thread.designation} ${side}: class ${wanted} is not held; held are ${held.join(", ")}`,
    );
  }
  return FAMILIES[thread.family].limits(thread, side, wanted);
}

/** Major, pitch and minor diameter of the basic profile, in millimetres, rounded as the standard's table is; of a taper thread, at the gauge plane. */
export function basicSizes(thread: Thread): BasicSizes {
  return FAMILIES[thread.family].basicSizes(thread);
}

/** Gauge length and useful thread of a taper thread, in mm; undefined for a parallel one. */
export function taperLengths(thread: Thread): TaperLengths | undefined {
  return thread.taper === undefined ? undefined : FAMILIES[thread.family].taperLengths?.(thread);
}

/** How much smaller every diameter of a taper thread is at its small end than at the gauge plane, mm; 0 for a parallel one. */
export function smallEndReduction(thread: Thread): Mm {
  return (taperLengths(thread)?.gaugeMm ?? 0) * (thread.taper ?? 0);
}

/**
 * The sizes over the crests that a sound external part can show, in millimetres: the limits of the usual class; on a
 * taper, from the small end to the last useful thread. Undefined for a thread that is only internal.
 */
export function sizesOverCrests(thread: Thread): Required<SizeRange> | undefined {
  if (thread.only === "internal") return undefined;
  const { min = thread.majorMm, max = thread.majorMm } = limits(thread, "external").major;
  const lengths = taperLengths(thread);
  if (lengths === undefined || thread.taper === undefined) return { min, max };
  return {
    min: min - smallEndReduction(thread),
    max: max + (lengths.usefulMm - lengths.gaugeMm) * thread.taper,
  };
}
