import { strippingAreas } from "../../identify/mating";
import { INSERT_GROWTH, limits, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { WORK_MATERIALS, type WorkMaterial } from "./work-materials";

export interface StripLoadOptions {
  /** The thread is the inside of a wire insert, whose parent is wider. */
  readonly wireInsert?: boolean;
  /** Outside of a round boss, or across its flats. */
  readonly bossMm?: Mm;
}

const LEAST_BOSS = 1.4;
const STIFF_BOSS = 1.9;

/**
 * Share of its strip load that a thread in a thin boss keeps, as the boss opens under the wedge of the flanks:
 * -(s/D)^2 + 3.8 s/D - 2.61 from 1.4 to 1.9 D (VDI 2230, from memory: an estimate); nothing below.
 */
export function bossShare(thread: Thread, bossMm: Mm): number {
  const ratio = bossMm / thread.majorMm;
  if (ratio < LEAST_BOSS) return 0;
  return ratio >= STIFF_BOSS ? 1 : -(ratio ** 2) + 3.8 * ratio - 2.61;
}

/** How much wider the shear area of the parent is than that of the thread inside a wire insert. */
function insertShare(thread: Thread): number {
  const { min = thread.majorMm } = limits(thread, "external").major;
  return (min + INSERT_GROWTH * thread.pitchMm) / min;
}

/**
 * The load that strips the thread of a hole, newtons: FED-STD-H28/2B's shear area at the loosest the limits allow, by
 * the metal's shear strength. An estimate: real joints hold 15 to 40 % more.
 * @param engagementMm full threads that meet; of a wire insert, what its parent holds over
 */
export function stripLoadN(
  thread: Thread,
  material: WorkMaterial,
  engagementMm: Mm,
  { wireInsert = false, bossMm }: StripLoadOptions = {},
): number {
  const { tensileMpa, shearShare } = WORK_MATERIALS[material];
  const opened = bossMm === undefined ? 1 : bossShare(thread, bossMm);
  const widened = wireInsert ? insertShare(thread) : 1;
  const areaMm2 = strippingAreas(thread).nut * Math.max(0, engagementMm);
  return tensileMpa * shearShare * areaMm2 * widened * opened;
}

/** Share of tensile strength that a screw's own threads hold in shear. */
const SCREW_SHEAR_SHARE = 0.6;
/** tan 30 degrees: how a 60 degree flank gains width with depth. */
const FLANK = 0.57735;

/**
 * The load that strips the screw's own thread in a hole of a drilled size, newtons (FED-STD-H28/2B, formula 1 with the
 * hole's own minor diameter): all that a smaller drill buys.
 */
export function screwStripLoadN(
  thread: Thread,
  boreMm: Mm,
  screwTensileMpa: number,
  engagementMm: Mm,
): number {
  const { min = thread.majorMm } = limits(thread, "external").pitch;
  const perMm = Math.PI * boreMm * (0.5 + (FLANK * (min - boreMm)) / thread.pitchMm);
  return SCREW_SHEAR_SHARE * screwTensileMpa * Math.max(0, perMm) * Math.max(0, engagementMm);
}
