export { compareThreads, confusedWith, sameAs, sameDiameter } from "./look-alikes";
export type { LookAlike } from "./look-alikes";
export { judgePair } from "./judge-pair";
export type { JudgedPair } from "./judge-pair";
export { matingVerdict, willItGo } from "./will-it-go";
export type { Mating, MatingCause, MatingFit, MatingOptions, MatingOutcome } from "./will-it-go";
export { strippingAreas } from "./stripping";
