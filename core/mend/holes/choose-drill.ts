import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { chartDrill } from "./chart-drill";
import { isOwnSystem, type Drill } from "./drill-sets";
import { drillOversize } from "./drilling";
import { tapEffort, tapReserve, type TapEffort } from "./tap-effort";
import { asTapDrill, type TapDrill } from "./tapping-drills";
import { drillForPercent, percentThread } from "./thread-percent";
import type { WorkMaterial } from "./work-materials";

/** A drill of a plan, with the percent that its hole, as it is cut, leaves. */
export interface PlannedDrill extends TapDrill {
  readonly percentReached: number;
  readonly effort: TapEffort;
  /** Torque that breaks the tap over that of cutting: an estimate, for words only. */
  readonly reserve: number;
}

/** Under this crests bend and ride out. */
const LEAST_PERCENT = 50;
const MOST_PERCENT = 100;
/** Over this a tap turns hard; taken only where no other drill reaches enough. */
const TOO_FULL = 83;
const ENOUGH = 55;
/** A drill of the other system has to be so much nearer: who works in millimetres has no letter drills at hand. */
const OTHER_SYSTEM = 2;
/** The charted drill stands where it reaches this near to what the metal asks for. */
const CHART_NEAR = 7;

export function plannedDrill(thread: Thread, material: WorkMaterial, drill: Drill): PlannedDrill {
  const asDrilled = asTapDrill(thread, drill);
  return {
    ...asDrilled,
    percentReached: percentThread(thread, drill.mm + drillOversize(drill.mm).meanMm),
    effort: tapEffort(asDrilled.percent),
    reserve: tapReserve(thread, material, drill.mm),
  };
}

/** The smallest and the largest drill that leave a thread which holds. */
export function usefulDrillsMm(thread: Thread): { readonly leastMm: Mm; readonly mostMm: Mm } {
  return {
    leastMm: drillForPercent(thread, MOST_PERCENT),
    mostMm: drillForPercent(thread, LEAST_PERCENT),
  };
}

/**
 * The drills on hand that will do for tapping, best first: inside the nut's minor limits; then the charted one where it
 * reaches what the metal asks for, to within 7 %; then the nearest to that. None that leaves a thread too full while
 * another reaches enough; none under 50 %.
 * @param percent what is to be reached
 */
export function rankedDrills(
  thread: Thread,
  material: WorkMaterial,
  drills: readonly Drill[],
  percent: number,
): readonly PlannedDrill[] {
  const charted = chartDrill(thread).drill;
  const isCharted = ({ drill }: PlannedDrill) => Math.abs(drill.mm - charted.mm) < 1e-6;
  const off = ({ percentReached }: PlannedDrill) => Math.abs(percentReached - percent);
  const farOff = (drill: PlannedDrill) =>
    off(drill) + (isOwnSystem(thread, drill.drill) ? 0 : OTHER_SYSTEM);
  const { leastMm, mostMm } = usefulDrillsMm(thread);
  const holding = drills
    .filter(({ mm }) => mm > leastMm && mm <= mostMm + 1e-9)
    .map((drill) => plannedDrill(thread, material, drill));
  const freer = holding.filter((drill) => drill.percent <= TOO_FULL);
  const kept = freer.some(({ percentReached }) => percentReached >= ENOUGH) ? freer : holding;
  const rank = (drill: PlannedDrill) => {
    if (drill.withinLimits === false) return 2;
    return isCharted(drill) && off(drill) <= CHART_NEAR ? 0 : 1;
  };
  return kept.toSorted((a, b) => rank(a) - rank(b) || farOff(a) - farOff(b));
}
