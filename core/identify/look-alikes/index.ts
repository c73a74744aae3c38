export { compareThreads, confusedWith, sameAs, sameDiameter } from "./look-alikes";
export type { LookAlike } from "./look-alikes";
