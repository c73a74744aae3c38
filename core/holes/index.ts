export { chartDrill } from "./chart-drill";
export type { ChartDrill, ChartDrillBasis } from "./chart-drill";
export { clearanceHoles } from "./clearance";
export type { ClearanceHole, ClearanceHoles } from "./clearance";
export { DRILL_SETS, drillsOf, nearestDrills } from "./drill-sets";
export type { Drill, DrillSet, NearDrill } from "./drill-sets";
export { asTapDrill, tapDrills } from "./tapping-drills";
export type { DrillSuits, TapDrill, TapDrillOptions } from "./tapping-drills";
export { drillForPercent, percentThread } from "./thread-percent";
