import type { Thread } from "../threads";
import type { Mm } from "../units";
import { drillsOf, nearestDrills, type Drill, type DrillSet } from "./drill-sets";
import { asTapDrill } from "./tapping-drills";

const NEAREST = 12;
/** Drills outside these shares of thread are of no use for the thread chosen. */
const LEAST_PERCENT = 35;
const MOST_PERCENT = 105;

export interface DrillsWanted {
  readonly sets: readonly DrillSet[];
  readonly sizeMm: Mm | undefined;
  readonly thread: Thread | undefined;
}

/**
 * The drills to show: the nearest to a size, else those of use for the chosen thread, else every drill; all sets
 * interleaved by size.
 */
export function drillsToShow({ sets, sizeMm, thread }: DrillsWanted): readonly Drill[] {
  if (sizeMm !== undefined) return nearestDrills(sizeMm, sets, NEAREST).map(({ drill }) => drill);
  const all = drillsOf(sets);
  if (thread === undefined) return all;
  return all.filter((drill) => {
    const { percent } = asTapDrill(thread, drill);
    return percent >= LEAST_PERCENT && percent <= MOST_PERCENT;
  });
}
