export { fillHole } from "./fill-hole";
export type { FilledHole } from "./fill-hole";
export { nearestThatWorks } from "./nearest-that-works";
export type { HoleChange } from "./nearest-that-works";
export { HEAD_ROOMS, lookedAt, specify } from "./specify";
export type { HeadRoom, HoleToFill } from "./specify";
export { HOLE_KINDS, readHoleSize, threadsForHole } from "./threads-for-hole";
export type { HoleKind, HoleSize } from "./threads-for-hole";
