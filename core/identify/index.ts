export { commonnessWeight } from "./commonness";
export { decisiveReason, identify } from "./identify";
export type { Candidate, Identification, IdentifyOptions } from "./identify";
export { FLANK_ANGLES } from "./form-evidence";
export type { FlankAngle } from "./form-evidence";
export { LEAVES, rankLeaves, sameLeaf } from "./leaves";
export type { RankedLeaf } from "./leaves";
export { leafMark, leafPitchMm } from "./leaf-evidence";
export { measuredSizes } from "./measured";
export type { MeasuredSizes } from "./measured";
export type { NextTest, Standing, TestOutcome } from "./next-tests";
export type {
  DiameterInstrument,
  LeafOutcome,
  OriginPlace,
  PartCondition,
  PartFunction,
  Reading,
  ReadingKind,
  ReadingOf,
} from "./reading";
export type { Agreement, LeafMark, Reason, ReasonFigures } from "./reason";
export { summaryOf } from "./summary";
export type { IdentificationSummary } from "./summary";
export type { Suspect } from "./suspects";
export { candidatesInTheRunning } from "./verdict";
export type { Verdict } from "./verdict";
