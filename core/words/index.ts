export { leafWords, percentWords, pitchWords, threadName } from "./figures";
export { countProblemWords, lengthProblemWords, pitchProblemWords } from "./problem-words";
export {
  FUNCTION_WORDS,
  LEAF_OUTCOME_WORDS,
  MARK_KIND_WORDS,
  PART_KIND_WORDS,
  PLACE_WORDS,
  TOOL_WORDS,
  TRIAL_WORDS,
  markWords,
  readingWords,
} from "./reading-words";
export type { ReadingWords } from "./reading-words";
export { allReasonsWords, reasonWords } from "./reason-words";
export { TEACHING } from "./teaching";
export { nextTestWords } from "./test-words";
export type { TestWords } from "./test-words";
export { notHeldWords, suspectWords, verdictWords } from "./verdict-words";
export { DRILL_BASIS_WORDS, DRILL_SET_WORDS, DRILL_SUITS_WORDS, drillWords } from "./drill-words";
export { dangerWords, pairOutcomeWords, pairWords, tellApartWords } from "./mating-words";
export {
  designationProblemWords,
  offWords,
  pitchNeighboursWords,
  understandingWords,
} from "./search-words";
export { threadColumnHeads, threadRow } from "./thread-row";
export type { ThreadColumn, ThreadRowOptions } from "./thread-row";
export {
  FAMILY_WORDS,
  angleWords,
  areaWords,
  classNameWords,
  sizeNoteWords,
  sizeRangeWords,
  threadUseWords,
} from "./thread-words";
export {
  DRIVE_WORDS,
  DUTY_WORDS,
  ENVIRONMENT_WORDS,
  FINISH_WORDS,
  HEAD_WORDS,
  NUT_STYLE_WORDS,
  PART_METAL_WORDS,
  POINT_WORDS,
  WASHER_STYLE_WORDS,
  counterWords,
  datumWords,
  gradeSpoken,
  nominalLengthWords,
  recessWords,
  turningToolWords,
} from "./fastener-words";
export {
  FIRST_TO_GO_WORDS,
  MAGNET_CONTRADICTS,
  SURFACE_WORDS,
  nutMarkWords,
  boltMarkWords,
  equivalentWords,
  forceWords,
  strengthWords,
  stressWords,
  torqueBasisWords,
  torqueWords,
} from "./strength-words";
export { calloutProblemWords, spannerFitWords, specProblemWords } from "./callout-words";
export {
  HOLE_MATERIAL_WORDS,
  SEAT_WORDS,
  TAP_WORDS,
  holeChangeWords,
  lengthAdviceWords,
  nearestLengthWords,
  seatingWords,
} from "./joint-words";
export {
  EVERY_SHEET_CAUTION,
  LOCKING_WORDS,
  cautionWords,
  changeWords,
  neverUseWords,
  nutAdviceWords,
  washerAdviceWords,
} from "./replace-words";
export { sheetWords } from "./sheet-words";
export type { SheetFact, SheetSection, SheetWords } from "./sheet-words";
