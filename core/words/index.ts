export { leafWords, percentWords, pitchWords } from "./figures";
export { countProblemWords, lengthProblemWords } from "./problem-words";
export { FUNCTION_WORDS, LEAF_OUTCOME_WORDS, PLACE_WORDS, readingWords } from "./reading-words";
export type { ReadingWords } from "./reading-words";
export { allReasonsWords, reasonWords } from "./reason-words";
export { nextTestWords, suspectWords, verdictWords } from "./verdict-words";
export { DRILL_BASIS_WORDS, DRILL_SET_WORDS, DRILL_SUITS_WORDS, drillWords } from "./drill-words";
export { matingOutcomeWords, matingWords, tellApartWords } from "./mating-words";
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
