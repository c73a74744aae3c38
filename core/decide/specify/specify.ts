import type { ScrewSpec } from "../../callout";
import { nutSize, stockLengths, washerSize } from "../../catalogue/fasteners";
import { gradesFor, type Grade } from "../../catalogue/grades";
import {
  lengthWindow,
  seatingOf,
  stockLength,
  type HoleMaterial,
  type Joint,
  type LengthAdvice,
  type LengthWindow,
  type Seating,
  type Tap,
} from "../joints";
import type { HeadStyle } from "../../catalogue/looks";
import { specProblems, type SpecProblem } from "../replace";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { HoleKind } from "./threads-for-hole";

/** Room round the head: for a spanner, for a key from above only, or none above the surface. */
export const HEAD_ROOMS = ["spanner", "key", "flush"] as const;

export type HeadRoom = (typeof HEAD_ROOMS)[number];

/** A hole and what it is to hold, in mm. */
export interface HoleToFill {
  readonly kind: HoleKind;
  readonly thread: Thread;
  readonly gripMm: Mm;
  /** Thickness of the tapped part, or depth of a blind hole; of no use for a clear hole. */
  readonly depthMm?: Mm;
  readonly material: HoleMaterial;
  readonly tap: Tap;
  readonly room: HeadRoom;
  readonly washer: boolean;
  readonly gradeId?: string;
}

/** What a hole was led to. */
export interface Specification {
  readonly joint: Joint;
  readonly grade: Grade;
  readonly head: HeadStyle;
  readonly window: LengthWindow;
  readonly advice: LengthAdvice;
  /** The stocked lengths about the window, as they would lie, shortest first. */
  readonly lengths: readonly Seating[];
}

const HEADS: Readonly<Record<HeadRoom, HeadStyle>> = {
  spanner: "hex",
  key: "socket-cap",
  flush: "csk",
};

/** The class a counter hands over when none is asked for that is strong enough for machines. */
const USUAL_GRADES: readonly string[] = ["8.8", "sae-5", "letter-R"];

/** The usual class for a thread, or the strongest weaker one where it is not made. */
function usualGrade(thread: Thread): Grade | undefined {
  const made = gradesFor(thread);
  return made.find(({ id }) => USUAL_GRADES.includes(id)) ?? made[0];
}

function jointOf(hole: HoleToFill): Joint | undefined {
  const { kind, thread, gripMm, depthMm, material, tap, room } = hole;
  const each = hole.washer && room !== "flush" ? (washerSize("flat", thread)?.thickMm ?? 0) : 0;
  if (kind === "clear") {
    const { heightMm } = nutSize("hex", thread);
    // One washer under the head, one under the nut.
    const underNut = hole.washer ? (washerSize("flat", thread)?.thickMm ?? 0) : 0;
    return { kind: "through", gripMm, washersMm: each + underNut, nutHeightMm: heightMm };
  }
  if (depthMm === undefined) return undefined;
  const common = { gripMm, washersMm: each, depthMm, material };
  return kind === "tapped" ? { kind: "tapped", ...common } : { kind: "blind", tap, ...common };
}

/** Lengths shown on either side of the window. */
const ABOUT = 2;

function lengthsAbout(
  joint: Joint,
  head: HeadStyle,
  thread: Thread,
  window: LengthWindow,
): readonly Seating[] {
  const all = stockLengths(head, thread);
  const first = all.findIndex((length) => length >= window.leastMm - 1e-6);
  const last = all.findLastIndex((length) => length <= window.mostMm + 1e-6);
  const from = Math.max(0, (first < 0 ? all.length : first) - ABOUT);
  const to = Math.min(all.length, Math.max(last, first) + 1 + ABOUT);
  return all.slice(from, to).map((length) => seatingOf(joint, head, thread, length, window));
}

/**
 * Leads from a hole to head, class and stocked length.
 * @returns undefined while the hole's depth is not known, or where the thread holds no bolts
 */
export function specify(hole: HoleToFill): Specification | undefined {
  const { thread, room, gradeId } = hole;
  const joint = jointOf(hole);
  const said = gradesFor(thread).find(({ id }) => id === gradeId);
  const grade = said ?? usualGrade(thread);
  const head = HEADS[room];
  if (joint === undefined || grade === undefined) return undefined;
  const window = lengthWindow(joint, thread, grade);
  const advice = stockLength(joint, head, thread, grade);
  if (window === undefined || advice === undefined) return undefined;
  return { joint, grade, head, window, advice, lengths: lengthsAbout(joint, head, thread, window) };
}

/** A screw looked at for a hole, and how it lies there. */
export interface LookedAt {
  readonly spec: ScrewSpec;
  readonly seating: Seating;
  /** What is wrong with it as a part, besides how it lies. */
  readonly problems: readonly SpecProblem[];
  /** It satisfies every check: it may be offered. */
  readonly works: boolean;
}

/** The screw of a specification at a length: the one advised, else the one nearest to doing, unless another is asked for. */
export function lookedAt(
  hole: HoleToFill,
  found: Specification,
  lengthMm?: Mm,
): LookedAt | undefined {
  const { joint, head, window } = found;
  const seating =
    lengthMm === undefined
      ? advisedSeating(found)
      : seatingOf(joint, head, hole.thread, lengthMm, window);
  if (seating === undefined) return undefined;
  const spec = specifiedScrew(hole, found, seating);
  const problems = specProblems(spec);
  return { spec, seating, problems, works: seating.seat === "sound" && problems.length === 0 };
}

function advisedSeating({ advice, lengths }: Specification): Seating | undefined {
  if (advice.kind === "stock" || advice.kind === "shank-fouls") return advice.seating;
  if (advice.kind === "between") return advice.longer ?? advice.shorter;
  return lengths[0];
}

function specifiedScrew(
  { thread }: HoleToFill,
  { grade, head }: Specification,
  { lengthMm, fullThread }: Seating,
): ScrewSpec {
  return {
    part: "screw",
    thread,
    head,
    lengthMm,
    gradeId: grade.id,
    ...(grade.system === "stainless" ? { finish: "stainless" } : {}),
    ...(fullThread ? { fullThread: true } : {}),
  };
}
