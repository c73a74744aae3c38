import {
  limits,
  sizesOverCrests,
  toleranceClasses,
  type Thread,
  type ThreadSide,
} from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** Sizes at which a part of a thread may be met: sound between `min` and `max`, worn or plated out to the ends of the reach. */
export interface Reach {
  readonly min: Mm;
  readonly max: Mm;
  readonly reachMin: Mm;
  readonly reachMax: Mm;
}

/** Reading and technique, wear of the band's own width, and half a percent for a coarse caliper. */
const worn = (bandMm: Mm, sizeMm: Mm) => 0.05 + bandMm + 0.005 * sizeMm;
const GAINED_MM = 0.05;

function measure(thread: Thread, side: ThreadSide): Reach | undefined {
  if (side === "external") {
    const band = sizesOverCrests(thread);
    if (band === undefined) return undefined;
    const { min, max } = band;
    return { min, max, reachMin: min - worn(max - min, max), reachMax: max + GAINED_MM };
  }
  if (toleranceClasses(thread, side).length === 0) return undefined;
  const { min, max } = limits(thread, side).minor;
  if (min === undefined || max === undefined) return undefined;
  // A bore wears wider, and caliper jaws read it a little small across the crests.
  return { min, max, reachMin: min - 2 * GAINED_MM, reachMax: max + worn(max - min, max) };
}

const known: Readonly<Record<ThreadSide, Map<string, Reach | undefined>>> = {
  external: new Map(),
  internal: new Map(),
};

/** What a diameter has to lie in to be this thread's, over the crests (external) or in the bore (internal), worked out once a thread. */
export function reachOf(thread: Thread, side: ThreadSide): Reach | undefined {
  const ofSide = known[side];
  if (!ofSide.has(thread.id)) ofSide.set(thread.id, measure(thread, side));
  return ofSide.get(thread.id);
}
