export {
  alternateProblemWords,
  lineProblemWords,
  calloutProblemWords,
  spannerFitWords,
  specProblemWords,
} from "./callout-words";
export {
  DUTY_WORDS,
  ENVIRONMENT_WORDS,
  PART_METAL_WORDS,
  goesInWords,
} from "./circumstances-words";
export {
  NUT_STYLE_WORDS,
  WASHER_STYLE_WORDS,
  datumWords,
  nominalLengthWords,
} from "./fastener-words";
export { OWN_WORD_SENTENCES, meaningWords, whatIsWords } from "./own-word-words";
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
  dutyWords,
  neverUseWords,
  nutAdviceWords,
  washerAdviceWords,
} from "./replace-words";
export {
  PAPER_WORDS,
  SHEET_SENTENCES,
  lengthWindowWords,
  newMachineWords,
} from "./sheet-sentences";
export { sheetWords } from "./sheet-words";
export type { SheetWords } from "./sheet-words";
export type { SheetSection } from "./section";
export { partSheetWords } from "./part-sheet-words";
export { partTitleWords } from "./title-words";
export type { TitledPart } from "./title-words";
export {
  MAGNET_CONTRADICTS,
  SURFACE_WORDS,
  boltMarkWords,
  forceWords,
  nutMarkWords,
} from "./strength-words";
