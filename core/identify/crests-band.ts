import { sizesOverCrests, toleranceClasses, type Thread } from "../threads";
import type { Mm } from "../units";
import { BLUNDER, backgroundDensity } from "./misread";
import type { PartCondition } from "./reading";
import { sizeDensity, type ReadingSpread, type SizeBand } from "./size-model";

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

/** Density of this size over the crests for a thread, blunders included. */
export function crestsLikelihood(
  mm: Mm,
  thread: Thread,
  spread: ReadingSpread,
  condition?: PartCondition,
): number {
  const band = majorBand(thread);
  const blunder = BLUNDER * backgroundDensity(mm);
  if (band === undefined) return blunder;
  return (1 - BLUNDER) * sizeDensity(mm, band, spread, condition) + blunder;
}
