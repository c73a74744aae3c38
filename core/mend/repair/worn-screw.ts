import { bandAt, gradeById } from "../../catalogue/grades";
import { formSizes, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { Damage } from "./damage";
import type { RepairRefusal } from "./refusal";

/** From this class on a screw keeps more of its section: 8.8 and the like. */
const STRONG_MPA = 800;
const LEAST_LEFT_STRONG = 0.95;
const LEAST_LEFT = 0.9;

/**
 * Share of its stressed section that a screw keeps when so much is lost on its diameter all along:
 * ((d2 + d3)/2 - loss)^2 over ((d2 + d3)/2)^2.
 */
export function wornShare(thread: Thread, lossMm: Mm): number {
  const { pitch, minor } = formSizes(thread, "external");
  const stressed = (pitch + minor) / 2;
  return (Math.max(0, stressed - lossMm) / stressed) ** 2;
}

/** Why a screw is to be thrown away whatever its thread is like: a flaw, or too much of it lost. */
export function discardProblem(damage: Damage): RepairRefusal | undefined {
  const { thread, gradeId, wearMm, flaws = [] } = damage;
  const [flaw] = flaws;
  if (flaw !== undefined) return { code: "flawed", flaw };
  if (wearMm === undefined) return undefined;
  const grade = gradeId === undefined ? undefined : gradeById(gradeId);
  const tensileMpa = grade === undefined ? 0 : (bandAt(grade, thread.majorMm)?.tensileMpa ?? 0);
  const least = tensileMpa >= STRONG_MPA ? LEAST_LEFT_STRONG : LEAST_LEFT;
  const share = wornShare(thread, wearMm);
  return share < least ? { code: "worn-away", share, least } : undefined;
}
