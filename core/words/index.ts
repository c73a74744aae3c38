export { leafWords, percentWords, pitchWords, threadName } from "./figures";
export { countProblemWords, lengthProblemWords } from "./problem-words";
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
export { slipWords, suspectWords, verdictWords } from "./verdict-words";
export { DRILL_BASIS_WORDS, DRILL_SET_WORDS, DRILL_SUITS_WORDS, drillWords } from "./drill-words";
export { dangerWords, matingOutcomeWords, matingWords, tellApartWords } from "./mating-words";
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
