import { TAPS, type Tap } from "../../decide/joints";
import type { Thread } from "../../catalogue/threads";
import { DRILL_SETS, drillsOf, type Drill, type DrillSet } from "./drill-sets";

/** What turns the drill. */
export const MACHINES = ["hand", "drill-press", "mill"] as const;

export type Machine = (typeof MACHINES)[number];

/** The tools of a workshop. What is left out is all owned: nobody is held up by a list that was not made. */
export interface OwnedTools {
  readonly drillSets?: readonly DrillSet[];
  /** Drills that are lost from a set. */
  readonly missing?: readonly { readonly set: DrillSet; readonly mark: string }[];
  /** Loose drills, beside the sets. */
  readonly extra?: readonly Drill[];
  /** Kinds of hand taps. */
  readonly taps?: readonly Tap[];
  /** Threads there are taps for, by thread id. */
  readonly tapThreads?: readonly string[];
  /** Threads there are insert taps (STI) for, by the id of the thread inside. */
  readonly stiThreads?: readonly string[];
  readonly machine?: Machine;
}

/** The drills on hand: the sets less what is lost, and the loose ones; smallest first. */
export function ownedDrills(tools: OwnedTools = {}): readonly Drill[] {
  const { drillSets = DRILL_SETS, missing = [], extra = [] } = tools;
  const isLost = ({ set, mark }: Drill) =>
    missing.some((lost) => lost.set === set && lost.mark === mark);
  const fromSets = drillsOf(drillSets).filter((drill) => !isLost(drill));
  const loose = extra.filter(
    ({ set, mark }) => !fromSets.some((drill) => drill.set === set && drill.mark === mark),
  );
  return [...fromSets, ...loose].sort((a, b) => a.mm - b.mm);
}

/** The kinds of hand taps on hand, in the order they are used. */
export function ownedTaps({ taps = TAPS }: OwnedTools = {}): readonly Tap[] {
  return TAPS.filter((tap) => taps.includes(tap));
}

/** Whether there is a tap for a thread. */
export function ownsTap({ id }: Thread, { tapThreads }: OwnedTools = {}): boolean {
  return tapThreads === undefined || tapThreads.includes(id);
}

/** Whether there is an insert tap for a thread. */
export function ownsStiTap({ id }: Thread, { stiThreads }: OwnedTools = {}): boolean {
  return stiThreads === undefined || stiThreads.includes(id);
}
