export { calloutProblemWords, spannerFitWords, specProblemWords } from "./callout-words";
export { DUTY_WORDS, ENVIRONMENT_WORDS, PART_METAL_WORDS } from "./circumstances-words";
export { datumWords, nominalLengthWords } from "./fastener-words";
export {
  HOLE_MATERIAL_WORDS,
  SEAT_WORDS,
  TAP_WORDS,
  holeChangeWords,
  jointReachWords,
  lengthAdviceWords,
  nearestLengthWords,
  seatingWords,
} from "./joint-words";
export {
  cautionWords,
  changeWords,
  neverUseWords,
  nutAdviceWords,
  washerAdviceWords,
} from "./replace-words";
export { PAPER_WORDS, SHEET_SENTENCES, lengthWindowWords, newJobWords } from "./sheet-sentences";
export { sheetWords } from "./sheet-words";
export type { SheetSection, SheetWords } from "./sheet-words";
export { partTitleWords } from "./title-words";
export {
  MAGNET_CONTRADICTS,
  SURFACE_WORDS,
  boltMarkWords,
  forceWords,
  nutMarkWords,
} from "./strength-words";
