export { catalogue, threadById } from "./catalogue";
export { findThread, lookUpThread, lookUpThreadAlone } from "./find-thread";
export type { DesignationProblem, DesignationReading } from "./find-thread";
export {
  basicSizes,
  limits,
  sizesOverCrests,
  smallEndReduction,
  taperLengths,
  toleranceClasses,
} from "./limits";
export { formSizes, halfFlat, tangentRadius, threadForm } from "./form";
export type { ThreadEnd, ThreadForm } from "./form";
export { threadProfile } from "./profile";
export type { ProfilePiece, ProfilePoint } from "./profile";
export { nearestPitches, standardPitches } from "./standard-pitches";
export type { PitchNeighbour, StandardPitch } from "./standard-pitches";
export { threadUses } from "./uses";
export type { ThreadUse } from "./uses";
export { threadCallout } from "./thread-callout";
export { sizeNotes } from "./size-notes";
export type { SizeNote } from "./size-notes";
export { stressArea } from "./stress-area";
export type {
  BasicSizes,
  SizeRange,
  TaperLengths,
  Thread,
  ThreadFamily,
  ThreadLimits,
  ThreadSide,
} from "./thread";
