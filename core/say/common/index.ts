// The words of the Bench; those of a sheet and of the charts are parts of their own.
export { BENCH_SENTENCES, FIRST_STEPS, changePartWords, noSuchLeafWords } from "./bench-sentences";
export {
  AT_ONCE_TURNS,
  leafWords,
  percentWords,
  pitchWords,
  taperFigure,
  turnsWords,
} from "./figures";
export { saidSpan } from "./said-words";
export { lowerFirst, upperFirst } from "./letter-case";
export { DRIVE_WORDS, FINISH_WORDS, HEAD_WORDS } from "./look-words";
export { countProblemWords, lengthProblemWords, pitchProblemWords } from "./problem-words";
export {
  FUNCTION_WORDS,
  LEAF_OUTCOME_WORDS,
  PART_KIND_SHORT,
  PART_KIND_WORDS,
  PLACE_WORDS,
  TRADE_WORDS,
  TRIAL_WORDS,
  markWords,
  readingWords,
} from "./reading-words";
export { allReasonsWords, reasonWords } from "./reason-words";
export { TEACHING_SIZES } from "./teaching";
export { aThread, nextTestWords } from "./test-words";
export { withArticle } from "./article";
export { ASSUMED_SCREEN, scaleWords } from "./scale-words";
export { FAMILY_WORDS, angleWords, areaWords } from "./thread-words";
export { STANDING_WORDS, UNKNOWN_WORDS, verdictWords } from "./verdict-words";
