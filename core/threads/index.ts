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
export { formSizes, tangentRadius, threadForm } from "./form";
export { threadProfile } from "./profile";
export type { ProfilePiece, ProfilePoint } from "./profile";
export { nearestPitches } from "./standard-pitches";
export type { PitchNeighbour } from "./standard-pitches";
export { threadCallout } from "./thread-callout";
export { PITCHES_READ, readPitch } from "./read-pitch";
export { stressArea } from "./stress-area";
export { HANDS, THREAD_FAMILIES, THREAD_SIDES } from "./thread";
export type {
  BasicSizes,
  Hand,
  SizeRange,
  Thread,
  ThreadFamily,
  ThreadLimits,
  ThreadSide,
} from "./thread";
