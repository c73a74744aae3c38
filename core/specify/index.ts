export { nearestThatWorks } from "./nearest-that-works";
export type { HoleChange, OtherWay } from "./nearest-that-works";
export { HEAD_ROOMS, lookedAt, specify, usualGrade } from "./specify";
export type { HeadRoom, HoleToFill, LookedAt, Specification } from "./specify";
export { HOLE_KINDS, readHoleSize, threadsForHole } from "./threads-for-hole";
export type { HoleKind, HoleSize } from "./threads-for-hole";
