import { limits, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { Drill } from "./drill-sets";
import { ownedDrills, type OwnedTools } from "./owned-tools";
import { percentThread } from "./thread-percent";

/** How a tapping drill suits the work. */
export type DrillSuits = "good" | "full" | "shallow" | "too-full" | "too-shallow";

export interface TapDrill {
  readonly drill: Drill;
  readonly percent: number;
  readonly suits: DrillSuits;
  /** Whether the hole lies within the nut's minor diameter limits of the usual class; undefined where there are none. */
  readonly withinLimits: boolean | undefined;
}

export interface TapDrillOptions {
  readonly tools?: OwnedTools;
  /** Percent of thread wished for; default 70, the middle of 65 to 75. */
  readonly percent?: number;
  readonly most?: number;
}

/** Over this a tap turns hard and breaks, for a few percent of strength. */
const TOO_FULL = 83;

function suitsOf(percent: number): DrillSuits {
  if (percent > TOO_FULL) return "too-full";
  if (percent > 75) return "full";
  if (percent >= 65) return "good";
  return percent >= 50 ? "shallow" : "too-shallow";
}

function isWithinLimits(thread: Thread, mm: Mm): boolean | undefined {
  if (thread.taper !== undefined) return undefined;
  const { min, max } = limits(thread, "internal").minor;
  if (min === undefined || max === undefined) return undefined;
  return mm >= min - 1e-9 && mm <= max + 1e-9;
}

/** A drill as a tapping drill for this thread, with its percent of thread and what that means. */
export function asTapDrill(thread: Thread, drill: Drill): TapDrill {
  const percent = percentThread(thread, drill.mm);
  return {
    drill,
    percent,
    suits: suitsOf(percent),
    withinLimits: isWithinLimits(thread, drill.mm),
  };
}

/**
 * Drills on hand that will do for tapping: first those that leave the hole within the nut's limits, then
 * the rest, each ranked by how near they come to the percent of thread wished for; none over the thread's major diameter or fuller than 100 %.
 */
export function tapDrills(thread: Thread, options: TapDrillOptions = {}): readonly TapDrill[] {
  const { tools, percent = 70, most = 8 } = options;
  return ownedDrills(tools)
    .map((drill) => asTapDrill(thread, drill))
    .filter((tapDrill) => tapDrill.percent > 0 && tapDrill.percent <= 100)
    .sort(
      (a, b) =>
        Number(a.withinLimits === false) - Number(b.withinLimits === false) ||
        Math.abs(a.percent - percent) - Math.abs(b.percent - percent),
    )
    .slice(0, most);
}
