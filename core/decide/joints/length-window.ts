import type { Grade } from "../../catalogue/grades";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { leastEngagement, type LeastEngagement } from "./engagement";
import type { HoleMaterial } from "./materials";
import type { BlindJoint, Joint, TappedJoint } from "./joint";
import { tapLeadPitches } from "./tap-lead";

/** The lengths that do in a joint, both ends included, from the head's bearing face or the surface a sunk head lies in. */
export interface LengthWindow {
  readonly leastMm: Mm;
  readonly mostMm: Mm;
  /** Full thread wanted: engagement in a hole, or nut height and the pitches proud of it. */
  readonly wantedMm: Mm;
  /** Full thread that the hole has; absent with a nut. */
  readonly availableMm?: Mm;
  /** Of that, what a screw may use: a blind hole's last pitch is kept clear. */
  readonly usableMm?: Mm;
  /** The thread that calculation asks for, where the rule of thumb is a hair less and stands: one diameter in steel. */
  readonly calculatedMm?: Mm;
}

/** Pitches that stand proud of a nut, and of a hole tapped right through. */
const LEAST_PROUD = 1;
const MOST_PROUD = 3;
/** Pitches kept clear of the thread's end in a blind hole. */
const CLEAR_OF_BOTTOM = 1;

/** In steel one diameter is every school's rule of thumb: what calculation wants over it is said, and refuses nothing. */
const HAIR = 1.1;

/** The engagement that is wanted: as calculated, but for a hair over one diameter in steel that the hole does not have. */
function wantedEngagement(
  { adviceMm, ruleMm, calculatedMm }: LeastEngagement,
  material: HoleMaterial,
  usableMm: Mm,
): Pick<LengthWindow, "wantedMm" | "calculatedMm"> {
  const ruleStands =
    material === "steel" &&
    usableMm < adviceMm &&
    usableMm >= ruleMm - 1e-9 &&
    calculatedMm <= HAIR * ruleMm;
  return ruleStands ? { wantedMm: ruleMm, calculatedMm } : { wantedMm: adviceMm };
}

/** Full thread in a tapped hole, before what is kept clear of the bottom, mm. */
export function fullThreadDepth(joint: TappedJoint | BlindJoint, thread: Thread): Mm {
  if (joint.kind === "tapped") return joint.depthMm;
  return Math.max(0, joint.depthMm - tapLeadPitches(joint.tap) * thread.pitchMm);
}

/**
 * The window of lengths for a joint: a nut with one to three pitches proud; in a hole from the least engagement to
 * where it would bottom.
 * @returns undefined where the class is not made in this size
 */
export function lengthWindow(joint: Joint, thread: Thread, grade: Grade): LengthWindow | undefined {
  const from = joint.gripMm + (joint.washersMm ?? 0);
  const { pitchMm } = thread;
  if (joint.kind === "through") {
    const wantedMm = joint.nutHeightMm + LEAST_PROUD * pitchMm;
    return {
      leastMm: from + wantedMm,
      mostMm: from + joint.nutHeightMm + MOST_PROUD * pitchMm,
      wantedMm,
    };
  }
  const engagement = leastEngagement(thread, grade, joint.material);
  if (engagement === undefined) return undefined;
  const full = fullThreadDepth(joint, thread);
  const blind = joint.kind === "blind";
  const usableMm = Math.max(0, blind ? full - CLEAR_OF_BOTTOM * pitchMm : full);
  const wanted = wantedEngagement(engagement, joint.material, usableMm);
  return {
    leastMm: from + wanted.wantedMm,
    mostMm: from + (blind ? usableMm : full + MOST_PROUD * pitchMm),
    ...wanted,
    availableMm: full,
    usableMm,
  };
}
