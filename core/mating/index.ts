export { compareThreads, confusedWith, sameAs, sameDiameter } from "./look-alikes";
export type { LookAlike, TellingSign } from "./look-alikes";
export { judgePair } from "./judge-pair";
export type { JudgedPair } from "./judge-pair";
export { matingVerdict, willItGo } from "./will-it-go";
export type {
  Mating,
  MatingCause,
  MatingFit,
  MatingOptions,
  MatingOutcome,
  MeasuredDiameters,
} from "./will-it-go";
export { strippingAreas } from "./stripping";
export type { StrippingAreas } from "./stripping";
