import {
  basicSizes,
  sizesOverCrests,
  toleranceClasses,
  type Thread,
} from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { normalDensity } from "./distributions";
import { BLUNDER, backgroundDensity } from "./misread";
import type { PartCondition } from "./reading";
import {
  lostOf,
  sizeDensity,
  type LostMetal,
  type ReadingSpread,
  type SizeBand,
} from "./size-model";

export interface MajorBand extends SizeBand {
  readonly toleranceClass: string;
}

const bands = new Map<string, MajorBand | null>();

/** The external major diameter's limits in the usual class, worked out once a thread; undefined for one that is only internal. */
export function majorBand(thread: Thread): MajorBand | undefined {
  const known = bands.get(thread.id);
  if (known !== undefined) return known ?? undefined;
  const sizes = sizesOverCrests(thread);
  const [toleranceClass = ""] = toleranceClasses(thread, "external");
  const band = sizes && { minMm: sizes.min, maxMm: sizes.max, toleranceClass };
  bands.set(thread.id, band ?? null);
  return band;
}

/** How often the plain shank of a screw rolled on drawn wire, as thick as its pitch diameter, is taken for the crests. */
const SHANK = 0.002;
const SHANK_SD = 0.04;
/** Threads of fasteners have such shanks. */
const WITH_SHANK: ReadonlySet<Thread["family"]> = new Set([
  "iso-metric",
  "unified",
  "whitworth",
  "ba",
]);

/** Density of this size for the plain shank of a screw with the thread. */
function shankDensity(mm: Mm, thread: Thread): number {
  return WITH_SHANK.has(thread.family) ? normalDensity(mm, basicSizes(thread).pitch, SHANK_SD) : 0;
}

/** Density of this size over the crests for a thread, slips included. */
export function crestsLikelihood(
  mm: Mm,
  thread: Thread,
  spread: ReadingSpread,
  condition?: PartCondition,
): number {
  const band = majorBand(thread);
  const blunder = BLUNDER * backgroundDensity(mm);
  if (band === undefined) return blunder;
  return (
    (1 - BLUNDER - SHANK) * sizeDensity(mm, band, spread, condition) +
    SHANK * shankDensity(mm, thread) +
    blunder
  );
}

/** What a part of the thread that measures so much over its crests has lost; undefined for a thread that is only internal. */
export function lostOverCrests(
  mm: Mm,
  thread: Thread,
  condition?: PartCondition,
): LostMetal | undefined {
  const band = majorBand(thread);
  return band && lostOf(mm, band, condition);
}
