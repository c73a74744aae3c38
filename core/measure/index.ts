export { MPA_PER_KSI, NEWTONS_PER_POUND } from "./force";
export { roundHalfEven, roundTo } from "./rounding";
export {
  MM_PER_INCH,
  UNITS,
  inchesFromMm,
  mmFromInches,
  pitchMmFromTpi,
  tpiFromPitchMm,
} from "./length";
export type { Mm, Units } from "./length";
export {
  FRACTION_DENOMINATORS,
  mmFromFraction,
  nearestFraction,
  printFraction,
  reduceFraction,
} from "./inch-fraction";
export { MOST_LETTERS, oneSpelling, plainFigure, withPoint } from "./spelling";
export { inOtherUnit } from "./other-unit";
export { readLength } from "./read-length";
export { saidLength, saidText } from "./said-length";
export type { SaidLength } from "./said-length";
export type { LengthProblem, LengthRange } from "./read-length";
export {
  printCompared,
  printFigure,
  printLength,
  printPlain,
  printRange,
  printWindow,
  tableDecimals,
} from "./print-length";
