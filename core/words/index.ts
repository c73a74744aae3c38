export { leafWords, percentWords, pitchWords } from "./figures";
export { countProblemWords, lengthProblemWords } from "./problem-words";
export { LEAF_OUTCOME_WORDS, readingWords } from "./reading-words";
export type { ReadingWords } from "./reading-words";
export { allReasonsWords, reasonWords } from "./reason-words";
export { nextTestWords, suspectWords, verdictWords } from "./verdict-words";
