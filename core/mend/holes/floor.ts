import type { Mm } from "../../measure";

/** Left under the point of a drill: 1 mm, and these shares of the thread's diameter; more where something lies behind. */
const FLOOR_MM: Mm = 1;
const FLOOR_SHARE = 0.15;
const FLOOR_SHARE_BEHIND = 0.5;

/**
 * The metal that has to stay under the point of a drill: a rule of this product.
 * @param majorMm major diameter of the thread that the screw has
 * @param behind fluid, a bearing or electrics lie behind
 */
export function leastFloorMm(majorMm: Mm, behind: boolean): Mm {
  return Math.max(FLOOR_MM, (behind ? FLOOR_SHARE_BEHIND : FLOOR_SHARE) * majorMm);
}

/** A blind hole in a part of a known thickness. */
export interface FloorQuestion {
  readonly thicknessMm: Mm;
  readonly majorMm: Mm;
  readonly behind: boolean;
  /** How far the drill's point goes beyond its full width. */
  readonly pointMm: Mm;
}

/** How deep the full width may go so that the floor stays; negative where no hole leaves it. */
export function deepestOverFloorMm({ thicknessMm, majorMm, behind, pointMm }: FloorQuestion): Mm {
  return thicknessMm - leastFloorMm(majorMm, behind) - pointMm;
}
