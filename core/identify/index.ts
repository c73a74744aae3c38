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
export { sideRead, sizeWasRead, testKey } from "./next-tests";
export type { InformativeTest, NextTest, OpeningTest, TestAnswer, TestOptions } from "./next-tests";
export { markKind } from "./mark-evidence";
export type { MarkKind } from "./mark-evidence";
export { PART_KINDS, sideOf } from "./part";
export type { PartKind } from "./part";
export type { Standing, TestOutcome } from "./test-worth";
export { A_FEW_TURNS, TEST_TURNS } from "./trial-evidence";
export { TOOLS } from "./tools";
export type { Tool } from "./tools";
export { PART_CONDITIONS } from "./reading";
export type {
  BoreInstrument,
  DiameterInstrument,
  Hand,
  LeafOutcome,
  OriginPlace,
  PartCondition,
  PartFunction,
  Reading,
  ReadingKind,
  ReadingOf,
  TrialOutcome,
} from "./reading";
export type { Agreement, LeafMark, Reason, ReasonFigures } from "./reason";
export { summaryOf } from "./summary";
export type { IdentificationSummary } from "./summary";
export type { Suspect } from "./suspects";
export { candidatesInTheRunning } from "./verdict";
export type { Verdict } from "./verdict";
export { leafSeat } from "./leaf-seat";
export type { LeafSeat } from "./leaf-seat";
export { likelySlips } from "./slips";
export type { Slip } from "./slips";
