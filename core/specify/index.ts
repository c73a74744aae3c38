export { HEAD_ROOMS, specifiedScrew, specify, usualGrade } from "./specify";
export type { HeadRoom, HoleToFill, Specification } from "./specify";
export { HOLE_KINDS, readHoleSize, threadsForHole } from "./threads-for-hole";
export type { HoleKind, HoleSize } from "./threads-for-hole";
