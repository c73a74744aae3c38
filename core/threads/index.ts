export { catalogue, threadById } from "./catalogue";
export { findThread } from "./find-thread";
export { basicSizes, limits } from "./limits";
export { threadCallout } from "./thread-callout";
export { stressArea } from "./stress-area";
export type { SizeRange, Thread, ThreadFamily, ThreadLimits, ThreadSide } from "./thread";
