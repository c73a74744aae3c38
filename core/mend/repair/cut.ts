import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { RepairOption } from "./repair-options";
import { solidBush } from "./solid-bush";
import { stiSizes } from "./wire-insert";

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
  /** What its drill goes down to, at full width, and the point below that. */
  readonly drilled?: { readonly diameterMm: Mm; readonly drillDepthMm: Mm; readonly pointMm: Mm };
}

const CUTS: ReadonlySet<RepairOption["kind"]> = new Set([
  "wire-insert",
  "solid-bush",
  "plug-and-redrill",
  "oversize",
]);

/** What a repair cuts away; undefined where it cuts nothing. */
export function cutOf(option: RepairOption): RepairCut | undefined {
  const { kind, cut, drill } = option;
  if (CUTS.has(kind)) {
    const diameterMm = tappedBy(option).majorMm;
    if (cut === undefined) return { diameterMm };
    const { fullThreadMm, drillDepthMm, pointMm } = cut;
    return {
      diameterMm,
      depthMm: fullThreadMm,
      drilled: { diameterMm: cut.drill.mm, drillDepthMm, pointMm },
    };
  }
  return drill === undefined ? undefined : { diameterMm: drill.mm };
}
