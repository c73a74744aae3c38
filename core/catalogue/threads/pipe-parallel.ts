import { pipeSizeOf, pipeThread, PIPE_SIZES, type PipeSize } from "./pipe-sizes";
import { roundTo } from "../../measure";
import type { BasicSizes, FamilyStandard, Thread, ThreadLimits, ThreadSide } from "./thread";

/** 5/8 and 7/8 and the sizes between the inches are rare. */
function choiceOf({ inches }: PipeSize): 1 | 2 | 3 {
  if ([0.625, 0.875, 1.125, 1.75, 2.25, 2.75, 3.5, 4.5, 5.5].includes(inches)) return 3;
  return inches === 1 / 16 || inches > 2 ? 2 : 1;
}

function parallelThread(size: PipeSize): Thread {
  return pipeThread(size, {
    id: `g-${size.slug}`,
    designation: `G ${size.label}`,
    family: "pipe-parallel",
    series: "G",
    choice: choiceOf(size),
    alsoCalled: [`${size.label} BSPP`, `${size.label} BSPF`],
    standard: "ISO 228-1",
  });
}

/** Basic sizes of a British pipe thread: ISO 228-1 and, at the gauge plane, ISO 7-1. */
export function pipeBasicSizes(thread: Thread): BasicSizes {
  const { majorMm, depthMm } = pipeSizeOf(thread);
  return {
    major: majorMm,
    pitch: roundTo(majorMm - depthMm, 3),
    minor: roundTo(majorMm - 2 * depthMm, 3),
  };
}

/** ISO 228-1:2000, table 1, in mm: tolerance of the pitch diameter (class A and internal; class B twice as much) and of the internal minor diameter. */
function tolerancesOf({ tpi, inches }: PipeSize): { pitch: number; minor: number } {
  switch (tpi) {
    case 28:
      return { pitch: 0.107, minor: 0.282 };
    case 19:
      return { pitch: 0.125, minor: 0.445 };
    case 14:
      return { pitch: 0.142, minor: 0.541 };
    default:
      return { pitch: inches > 2 ? 0.217 : 0.18, minor: 0.64 };
  }
}

/** Classes A and B outside; the inside has one class, without a letter in the call-out. */
function parallelClasses(_thread: Thread, side: ThreadSide): readonly string[] {
  return side === "external" ? ["A", "B"] : ["internal"];
}

function parallelLimits(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  const basic = pipeBasicSizes(thread);
  const tolerance = tolerancesOf(pipeSizeOf(thread));
  const shared = { toleranceClass, verified: true };
  if (side === "internal") {
    return {
      ...shared,
      major: { min: basic.major },
      pitch: { min: basic.pitch, max: roundTo(basic.pitch + tolerance.pitch, 3) },
      minor: { min: basic.minor, max: roundTo(basic.minor + tolerance.minor, 3) },
    };
  }
  const pitchTolerance = toleranceClass === "B" ? 2 * tolerance.pitch : tolerance.pitch;
  return {
    ...shared,
    // The tolerance on the major diameter is that of class B's pitch diameter in either class.
    major: { min: roundTo(basic.major - 2 * tolerance.pitch, 3), max: basic.major },
    pitch: { min: roundTo(basic.pitch - pitchTolerance, 3), max: basic.pitch },
    minor: { max: basic.minor },
  };
}

/** Parallel pipe threads that do not seal on the thread: ISO 228-1. */
export const pipeParallel: FamilyStandard = {
  threads: PIPE_SIZES.map(parallelThread),
  basicSizes: pipeBasicSizes,
  classes: parallelClasses,
  limits: parallelLimits,
};
