export { judgePair } from "./judge-pair";
export type { JudgedPair } from "./judge-pair";
export { pipeSeal, sealsOnThreads } from "./pipe-seal";
export type { PipeSeal } from "./pipe-seal";
export { SAME_SIZE_MM, isOneThread } from "./same-thread";
export { matingVerdict, sized, willItGo } from "./will-it-go";
export type {
  Mating,
  MatingCause,
  MatingFit,
  MatingOutcome,
  MeasuredDiameters,
} from "./will-it-go";
export { strippingAreas } from "./stripping";
