import { bandAt, gradeById, gradeSystemOf, weakestGrade, type Grade } from "../../catalogue/grades";
import { torqueRange, type TorqueRange } from "../../decide/joints";
import type { TighteningSurface } from "../../catalogue/circumstances";
import type { Thread } from "../../catalogue/threads";
import { soundHoldN, type Damage } from "./damage";
import { isOddThread } from "./odd-thread";

/** A class that loads are counted with, and whether anybody said it. */
export interface CountedClass {
  readonly grade: Grade;
  readonly said: boolean;
}

/** What a screw is taken for where its class is not said: the usual strong one of its system, so that nothing is put in that holds less. */
const USUAL: Readonly<Record<"metric" | "inch" | "stainless", readonly string[]>> = {
  metric: ["8.8"],
  // Under a quarter inch SAE J429 has no grade 5: the metric class of the same strength stands for it.
  inch: ["sae-5", "8.8"],
  stainless: ["A2-70"],
};

function usualClass({ thread, material }: Pick<Damage, "thread" | "material">): Grade | undefined {
  const system = gradeSystemOf(thread);
  if (system === undefined) return undefined;
  const byInches = system !== "metric" && thread.family !== "ba";
  const ids = material === "stainless" ? USUAL.stainless : USUAL[byInches ? "inch" : "metric"];
  return ids
    .map((id) => gradeById(id))
    .find((grade) => grade !== undefined && bandAt(grade, thread.majorMm) !== undefined);
}

/**
 * The class that the wanted load counts on: the one that was said, else 8.8 (inch: grade 5; in stainless: A2-70).
 * @returns undefined for a thread of no standard, for one that holds no bolts (a pipe's), and where no class is made in its size
 */
export function countedClass({
  thread,
  material,
  gradeId,
  symptom,
}: Pick<Damage, "thread" | "material" | "gradeId"> & Partial<Pick<Damage, "symptom">>):
  CountedClass | undefined {
  if (isOddThread(thread) || symptom === "combustion") return undefined;
  const said = gradeId === undefined ? undefined : gradeById(gradeId);
  if (said !== undefined) return { grade: said, said: true };
  const grade = usualClass({ thread, material });
  return grade === undefined ? undefined : { grade, said: false };
}

/** How a screw is tightened, and the class and the surface that the figure counts on. */
export interface Tightening extends TorqueRange {
  readonly grade: Grade;
  /** Nobody said the class: the weakest is counted with, so that no screw is torn. */
  readonly said: boolean;
}

/** The surface that torques of a repair count on. */
const SURFACE: TighteningSurface = "dry-plain";

/** How a screw of the class, or of the weakest there is, is tightened dry: an estimate. */
export function tightening(thread: Thread, gradeId: string | undefined): Tightening | undefined {
  const said = gradeId === undefined ? undefined : gradeById(gradeId);
  const grade = said ?? weakestGrade(thread);
  // No class is told of a thread of no standard, and no torque of none.
  if (grade === undefined || isOddThread(thread)) return undefined;
  const surface = grade.system === "stainless" ? "stainless" : SURFACE;
  const range = torqueRange(thread, grade, surface);
  return range === undefined ? undefined : { ...range, grade, said: said !== undefined };
}

/** Nut factor by which a wanted torque is turned into a load: a middling one, dry. */
const NUT_FACTOR = 0.2;

/** The load that a torque comes to, by T = K D F: an estimate. */
function loadOfTorqueN({ majorMm }: Thread, torqueNm: number): number {
  return (torqueNm * 1000) / (NUT_FACTOR * majorMm);
}

/** The torque that comes to a load: an estimate. */
export function torqueOfLoadNm({ majorMm }: Thread, newtons: number): number {
  return (newtons * NUT_FACTOR * majorMm) / 1000;
}

/**
 * The load that has to be held: given, or the lesser of what the sound hole held and 0.75 of the proof load of the class
 * that is counted with.
 */
export function wantedLoadN(damage: Damage): number {
  const { wantedN, torqueNm, thread } = damage;
  if (wantedN !== undefined) return wantedN;
  if (torqueNm !== undefined) return loadOfTorqueN(thread, torqueNm);
  const grade = countedClass(damage)?.grade;
  const tightened = grade === undefined ? undefined : torqueRange(thread, grade, SURFACE)?.preloadN;
  return Math.min(soundHoldN(damage), tightened ?? Infinity);
}
