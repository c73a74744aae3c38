import { sizesOverCrests, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** How far a size is from what a sound screw with the thread shows over its crests, mm; 0 within its limits. */
export function distanceFrom(mm: Mm, thread: Thread): Mm {
  const sizes = sizesOverCrests(thread);
  return sizes === undefined ? Infinity : Math.max(0, sizes.min - mm, mm - sizes.max);
}

/** A hexagon is made up to this share under its nominal size. */
const UNDER_FLATS = 0.025;

/** Whether a size is what a hexagon of this width shows across its flats, so little over it at the most, mm. */
export function showsFlats(mm: Mm, acrossFlatsMm: Mm, nearMm: Mm): boolean {
  return mm <= acrossFlatsMm + nearMm && mm >= acrossFlatsMm * (1 - UNDER_FLATS);
}
