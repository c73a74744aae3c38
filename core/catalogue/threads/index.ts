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
export type { ThreadEnd } from "./form";
export {
  INSERT_GROWTH,
  insertTappedId,
  insertTappedLimits,
  insertTappedSizes,
  threadInsideInsert,
} from "./insert-tapped";
export { isSelectedMetric } from "./iso-262";
export { SERIES_NAMES } from "./read-designation";
export { PITCHES_READ, readPitch } from "./read-pitch";
export { HANDS, THREAD_FAMILIES, THREAD_SIDES, inHand, isPipeThread, threadName } from "./thread";
export type { BasicSizes, Hand, SizeRange, Thread, ThreadFamily, ThreadSide } from "./thread";
