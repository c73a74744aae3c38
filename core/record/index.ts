export { POSITION_STATES, countStates, thatStand } from "./states";
export type { PositionState, StateCounts } from "./states";
export { isSameName, namesOfPath, pathOfNames } from "./position-path";
export { besideOf, mayStandWithin, namesTo, pathTo, rankAt, treeRows } from "./position-tree";
export { putAt } from "./put-at";
export type { Put } from "./put-at";
export type { Placed, TreeRow } from "./position-tree";
export { originReading, placeOfCountry, yearIn } from "./machine-origin";
export type { MachineMake } from "./machine-origin";
