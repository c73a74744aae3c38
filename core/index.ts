export {
  FRACTION_DENOMINATORS,
  MM_PER_INCH,
  inchesFromMm,
  mmFromFraction,
  mmFromInches,
  nearestFraction,
  pitchMmFromTpi,
  printFigure,
  printFraction,
  printLength,
  printPlain,
  printRange,
  readLength,
  tpiFromPitchMm,
} from "./units";
export type { InchFraction, LengthProblem, LengthRange, LengthReading, Mm, Units } from "./units";
export { basicSizes, catalogue, findThread, limits, stressArea, threadById } from "./threads";
export type { SizeRange, Thread, ThreadFamily, ThreadLimits, ThreadSide } from "./threads";
export {
  ACCEPTED,
  candidatesInTheRunning,
  decisiveReason,
  identify,
  leafMark,
  leafPitchMm,
  rankLeaves,
  sameLeaf,
} from "./identify";
export type {
  Agreement,
  Candidate,
  DiameterInstrument,
  Identification,
  IdentifyOptions,
  LeafMark,
  LeafOutcome,
  NextTest,
  PartCondition,
  RankedLeaf,
  Reading,
  ReadingKind,
  ReadingOf,
  Reason,
  ReasonFigures,
  Suspect,
  TestOutcome,
  Verdict,
} from "./identify";
export {
  LEAF_OUTCOME_WORDS,
  allReasonsWords,
  countProblemWords,
  leafWords,
  lengthProblemWords,
  nextTestWords,
  percentWords,
  pitchWords,
  readingWords,
  reasonWords,
  suspectWords,
  verdictWords,
} from "./words";
export type { ReadingWords } from "./words";
