import type { Thread } from "../threads";
import type { Mm } from "../units";
import type { RepairOption } from "./repair-options";
import { solidBush } from "./solid-bush";
import { stiSizes, wireInsert } from "./wire-insert";

/** The thread that a repair taps: the larger one an insert or a bush stands in, or the new one. */
export interface TappedThread {
  readonly thread: Thread;
  readonly majorMm: Mm;
}

export function tappedBy({ kind, thread }: Pick<RepairOption, "kind" | "thread">): TappedThread {
  if (kind === "wire-insert") return { thread, majorMm: stiSizes(thread).major };
  const bush = kind === "solid-bush" || kind === "plug-and-redrill" ? solidBush(thread) : undefined;
  const outer = bush?.outer ?? thread;
  return { thread: outer, majorMm: outer.majorMm };
}

/** The widest cut of a repair, and how deep it goes where that is not the hole's own depth. */
export interface RepairCut {
  readonly diameterMm: Mm;
  readonly depthMm?: Mm;
}

const CUTS: ReadonlySet<RepairOption["kind"]> = new Set([
  "wire-insert",
  "solid-bush",
  "plug-and-redrill",
  "oversize",
]);

/** What a repair cuts away; undefined where it cuts nothing. */
export function cutOf(option: RepairOption): RepairCut | undefined {
  const { kind, thread, lengthInDiameters } = option;
  if (!CUTS.has(kind)) return undefined;
  const diameterMm = tappedBy(option).majorMm;
  const insert = kind === "wire-insert" ? wireInsert(thread, lengthInDiameters ?? 1) : undefined;
  return insert === undefined ? { diameterMm } : { diameterMm, depthMm: insert.fullThreadMm };
}
