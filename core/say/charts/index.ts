export { DRILL_SET_WORDS, drillWords } from "./drill-words";
export {
  designationProblemWords,
  offWords,
  pitchNeighboursWords,
  understandingWords,
  unreadPitchWords,
} from "./search-words";
export { threadColumnHeads, threadRow } from "./thread-row";
export type { ThreadColumn, ThreadRowOptions } from "./thread-row";
export {
  CHART_SENTENCES,
  alsoCalledWords,
  bareLengthWords,
  barePitchWords,
  chartDrillByWords,
  holeSourcesWords,
  noSuchThreadWords,
  notTwoThreadsWords,
  overlayWords,
  whichThreadWords,
} from "./chart-sentences";
export { compareFacts } from "./compare-facts";
export type { CompareFact } from "./compare-facts";
export { lengthConversions, pitchConversions } from "./conversions";
export {
  basicFacts,
  hasEstimates,
  limitCells,
  limitHeads,
  limitRows,
  tableFacts,
} from "./thread-figures";
export { sizeNoteWords, threadUseWords } from "./note-words";
export { drillRows } from "./drill-rows";
export type { DrillRow } from "./drill-rows";
export {
  diameterLabel,
  dimensionWords,
  driftWords,
  leafLightWords,
  nearScaleWords,
  paperScaleWords,
  tenThreadsWords,
} from "./drawing-words";
export { dangerWords, pairOutcomeWords, pairWords, tellApartWords } from "./pair-words";
