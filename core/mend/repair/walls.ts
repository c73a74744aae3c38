import { WORK_MATERIALS, type WorkMaterial } from "../holes";
import type { Mm } from "../../measure";

/** What is left outside a cut, against what it should be. */
export interface WallCheck {
  readonly leftMm: Mm;
  readonly thinMm: Mm;
  readonly refuseMm: Mm;
  readonly verdict: "sound" | "thin" | "too-thin";
  /** Mean hoop stress that the wedging flanks put into the wall, friction left out: an estimate. */
  readonly hoopMpa?: number;
}

/** A force on a length of thread. */
export interface WallLoad {
  readonly newtons: number;
  readonly engagementMm: Mm;
}

/**
 * The wall left outside a hole. Shares of the diameter are rules of this product, checked by the hoop stress
 * F tan 30 / (2 pi Le w): at the refused share cast metal comes to 0.4 of its tensile strength.
 * @param majorMm major diameter of the thread that the shares are of
 * @param cutMm widest diameter that is cut
 * @param distanceMm from the hole's centre to the edge, or to what lies beside it
 */
export function wallCheck(
  material: WorkMaterial,
  majorMm: Mm,
  cutMm: Mm,
  distanceMm: Mm,
  load?: WallLoad,
): WallCheck {
  const { wallThin, wallRefuse } = WORK_MATERIALS[material];
  const leftMm = distanceMm - cutMm / 2;
  const thinMm = wallThin * majorMm;
  const refuseMm = wallRefuse * majorMm;
  const verdict = leftMm < refuseMm ? "too-thin" : leftMm < thinMm ? "thin" : "sound";
  const checked = { leftMm, thinMm, refuseMm, verdict } as const;
  if (load === undefined || leftMm <= 0 || load.engagementMm <= 0) return checked;
  return { ...checked, hoopMpa: hoopMpa(load, leftMm) };
}

function hoopMpa({ newtons, engagementMm }: WallLoad, wallMm: Mm): number {
  return (newtons * Math.tan(Math.PI / 6)) / (2 * Math.PI * engagementMm * wallMm);
}
