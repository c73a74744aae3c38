export { LEAST_MET, partsMet } from "./met";
export { seriesMet } from "./met-on-machine";
export type { MetThreads } from "./met";
export type { ReadingProblem } from "./refused";
export { commonnessWeight } from "./commonness";
export { decisiveReason, identify } from "./identify";
export type { IdentifyOptions } from "./identify";
export type { Candidate, Identification } from "./identification";
export { LEAVES, rankLeaves, sameLeaf } from "./leaves";
export { GAUGES, oneGaugeOf } from "./best-leaf";
export type { RankedLeaf } from "./leaves";
export { leafMark, leafPitchMm } from "./leaf-evidence";
export { measuredSizes, readingOfMajor, widestReading } from "./measured";
export type { MeasuredSizes } from "./measured";
export { againKey, sideRead, sizeWasRead, testKey } from "./next-tests";
export { takesReading } from "./next-test";
export type {
  ConditionTest,
  InformativeTest,
  NextTest,
  OpeningTest,
  DoubtTest,
  ReadingTest,
  RetakeTest,
  TestAnswer,
} from "./next-test";
export { markKind } from "./mark-kind";
export type { MarkKind } from "./mark-kind";
export { foundAtOtherEnd, turnedEnd } from "./other-end";
export { isPipe, partRead, readingsForNext, readingsOfPart } from "./part-read";
export { PART_KINDS, sideOf } from "./part";
export type { PartKind } from "./part";
export { A_FEW_TURNS, TEST_TURNS } from "./trial-evidence";
export { TOOLS } from "./tools";
export type { Tool } from "./tools";
export { ACCEPTED } from "./accepted";
export {
  BORE_INSTRUMENTS,
  CREST_FORMS,
  DIAMETER_INSTRUMENTS,
  FLANK_ANGLES,
  LEAF_OUTCOMES,
  ORIGIN_PLACES,
  PART_CONDITIONS,
  PART_FUNCTIONS,
  isSized,
  lengthsOf,
  TRIAL_OUTCOMES,
} from "./reading";
export type {
  BoreInstrument,
  CrestForm,
  DiameterInstrument,
  FlankAngle,
  LeafOutcome,
  OriginPlace,
  PartCondition,
  PartFunction,
  EndReading,
  Reading,
  ReadingKind,
  ReadingOf,
  TrialOutcome,
} from "./reading";
export type { LeafMark, ReasonFigures } from "./reason";
export { lastReading } from "./readings-of-kind";
export { isOfNoWeight } from "./weightless-evidence";
export { summaryOf } from "./summary";
export type { IdentificationSummary } from "./summary";
export type { Suspect } from "./suspects";
export { VERDICTS, isRuledOut, leads, nearestFirst, standingOf, unknownStanding } from "./standing";
export type { Verdict } from "./standing";
export { TRADES } from "./trades";
export type { Trade } from "./trades";
