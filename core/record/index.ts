export { POSITION_STATES, countStates, thatStand } from "./states";
export type { PositionState, StateCounts } from "./states";
export { isSameName, namesOfPath, pathOfNames } from "./position-path";
export { besideOf, mayStandWithin, pathTo, rankAt, treeRows } from "./position-tree";
export { moreLikeIt } from "./more-like-it";
export { putAt } from "./put-at";
export type { Placed, TreeRow } from "./position-tree";
export { originReading, yearIn } from "./machine-origin";
export { LONGEST } from "./letters";
