import { formSizes, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { percentThread } from "./thread-percent";
import { WORK_MATERIALS, type WorkMaterial } from "./work-materials";

/** Depth of a full 60 degree thread on one side as a share of the pitch: three quarters of the sharp V. */
const FULL_DEPTH = 0.649519;
/** The same on the diameter, to the charts of metric practice. */
const METRIC_DEPTH = 1.082532;

/** Area that a tap cuts at a share of full thread, of the same at another share: q + 3 q squared. */
const cutArea = (share: number) => share + 3 * share ** 2;

const USUAL = 0.75;
/** The trade's rule that 100 % takes three times the torque of 75 %, as a power. */
const CROWDING = 3.82;

/** Torque of tapping against that at 75 %. */
export interface TapEffort {
  readonly least: number;
  readonly most: number;
}

/** How hard a tap turns at a percent of thread: a band between the area cut and the trade's rule of crowding chips. */
export function tapEffort(percent: number): TapEffort {
  const share = percent / 100;
  const byArea = cutArea(share) / cutArea(USUAL);
  const byTrade = (share / USUAL) ** CROWDING;
  return { least: Math.min(byArea, byTrade), most: Math.max(byArea, byTrade) };
}

/** Torque at which a hand tap breaks, N m by the cube of its root, mm: an estimate (M3 1.3, M6 10, M10 50). */
const BREAKS_AT = 0.084;
/** For friction, and a tap that is no longer new. */
const FRICTION = 2;

/**
 * How many times the torque of cutting a tap stands before it breaks: an estimate, to be said in words only.
 * @param drillMm the drill as it is called, before it wanders
 */
export function tapReserve(thread: Thread, material: WorkMaterial, drillMm: Mm): number {
  const { majorMm, pitchMm } = thread;
  const share = Math.max(0, percentThread(thread, drillMm) / 100);
  const areaMm2 = (FULL_DEPTH * pitchMm ** 2 * cutArea(share)) / 8;
  const cuttingNm = (FRICTION * WORK_MATERIALS[material].cuttingMpa * areaMm2 * majorMm) / 2000;
  const breakingNm = BREAKS_AT * (majorMm - METRIC_DEPTH * pitchMm) ** 3;
  return breakingNm / cuttingNm;
}

/** How a reserve is spoken of. */
export type TapReserveWord = "easy" | "ordinary" | "with-care" | "likely-to-break";

export function reserveWord(reserve: number): TapReserveWord {
  if (reserve >= 4) return "easy";
  if (reserve >= 2.5) return "ordinary";
  return reserve >= 1.5 ? "with-care" : "likely-to-break";
}

/** Percent of a formed thread, as the trade counts it, by which its drill is chosen. */
const FORMED_PERCENT = 65;
const FORMED_SHARE = 0.0068;

/**
 * The drill of a thread-forming tap, D - 0.0068 % P: it pushes metal up instead of cutting it (practice, +-0.03 P).
 * @returns undefined for a thread that is not a parallel 60 degree one
 */
export function formingDrillMm(thread: Thread, percent = FORMED_PERCENT): Mm | undefined {
  if (thread.flankAngleDeg !== 60 || thread.taper !== undefined) return undefined;
  return formSizes(thread, "internal").major - FORMED_SHARE * percent * thread.pitchMm;
}
