import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { nearestDrills, type Drill } from "./drill-sets";
import { ownedDrills, type OwnedTools } from "./owned-tools";
import { asTapDrill } from "./tapping-drills";

const NEAREST = 12;
/** Drills outside these shares of thread are of no use for the thread chosen. */
const LEAST_PERCENT = 35;
const MOST_PERCENT = 105;

export interface DrillsWanted {
  readonly tools: OwnedTools;
  readonly sizeMm: Mm | undefined;
  readonly thread: Thread | undefined;
}

/**
 * The drills to show: the nearest to a size, else those of use for the chosen thread, else every drill; all sets
 * interleaved by size.
 */
export function drillsToShow({ tools, sizeMm, thread }: DrillsWanted): readonly Drill[] {
  const all = ownedDrills(tools);
  if (sizeMm !== undefined) return nearestDrills(sizeMm, all, NEAREST).map(({ drill }) => drill);
  if (thread === undefined) return all;
  return all.filter((drill) => {
    const { percent } = asTapDrill(thread, drill);
    return percent >= LEAST_PERCENT && percent <= MOST_PERCENT;
  });
}
