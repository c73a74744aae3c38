import type { Grade } from "../../catalogue/grades";
import { strippingAreas } from "../../identify/mating";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { boltLoads } from "./loads";
import { HOLE_MATERIALS, type HoleMaterial } from "./materials";

/** What gives way first when the joint is pulled apart. */
type FirstToGo = "bolt" | "screw-thread" | "hole-thread";

/** Loads that pull a tapped joint apart, newtons: estimates, from the least metal the limits allow. */
export interface StrippingLoads {
  readonly boltN: number;
  readonly screwThreadN: number;
  readonly holeThreadN: number;
  readonly first: FirstToGo;
}

/** Share of tensile strength that a screw's own threads hold in shear. */
const SCREW_SHEAR_SHARE = 0.6;

interface PerMm {
  readonly boltN: number;
  readonly screwN: number;
  readonly holeN: number;
}

function strengthPerMm(thread: Thread, grade: Grade, material: HoleMaterial): PerMm | undefined {
  const loads = boltLoads(thread, grade);
  if (loads === undefined) return undefined;
  const areas = strippingAreas(thread);
  const tensileMpa = loads.tensileN / loads.stressAreaMm2;
  return {
    boltN: loads.tensileN,
    screwN: SCREW_SHEAR_SHARE * tensileMpa * areas.screw,
    holeN: HOLE_MATERIALS[material].shearMpa * areas.nut,
  };
}

/**
 * What strips first over a length of full thread engaged (FED-STD-H28/2B).
 * @param engagementMm full threads of screw and hole that meet
 * @returns undefined where the class is not made in this size
 */
export function strippingLoads(
  thread: Thread,
  grade: Grade,
  material: HoleMaterial,
  engagementMm: Mm,
): StrippingLoads | undefined {
  const strength = strengthPerMm(thread, grade, material);
  if (strength === undefined) return undefined;
  const { boltN } = strength;
  const screwThreadN = strength.screwN * engagementMm;
  const holeThreadN = strength.holeN * engagementMm;
  const least = Math.min(boltN, screwThreadN, holeThreadN);
  const first = least === boltN ? "bolt" : least === screwThreadN ? "screw-thread" : "hole-thread";
  return { boltN, screwThreadN, holeThreadN, first };
}

/** How much thread a screw needs in a metal. */
export interface LeastEngagement {
  /** Full thread at which the bolt breaks before anything strips. */
  readonly calculatedMm: Mm;
  /** One diameter in steel, one and a half in light alloy and cast iron. */
  readonly ruleMm: Mm;
  /** The greater of the two: what the product goes by. */
  readonly adviceMm: Mm;
}

/**
 * Least engagement of a screw of this class in a metal: by calculation, never under the rule of thumb.
 * @returns undefined where the class is not made in this size
 */
export function leastEngagement(
  thread: Thread,
  grade: Grade,
  material: HoleMaterial,
): LeastEngagement | undefined {
  const strength = strengthPerMm(thread, grade, material);
  if (strength === undefined) return undefined;
  const calculatedMm = strength.boltN / Math.min(strength.screwN, strength.holeN);
  const ruleMm = HOLE_MATERIALS[material].leastDiameters * thread.majorMm;
  return { calculatedMm, ruleMm, adviceMm: Math.max(calculatedMm, ruleMm) };
}
