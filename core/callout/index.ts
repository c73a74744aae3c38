export { formatCallout, lengthWritten } from "./format-callout";
export { calledScrew, parseScrew } from "./called-screw";
export { parseCallout } from "./parse-callout";
export { goingWith, headOf, isCalloutProblem, isStructuralScrew, madeToOf } from "./fastener-spec";
export { SCREW_PIECES, pieceChoices, pieceWritten } from "./screw-pieces";
export type { ScrewPiece } from "./screw-pieces";
export { atEnd, holeEnd, nutEnd, studEndsOf, turnedRound } from "./stud-spec";
export { isTeachable, nearWord } from "./near-word";
export { suggestCallouts } from "./suggest";
export type { CalloutSuggestion } from "./suggest";
export type { OwnMeaning, OwnWord } from "./own-words";
export type {
  CalloutProblem,
  FastenerSpec,
  FittingEnd,
  FittingEnds,
  FittingSpec,
  NutSpec,
  PlugSpec,
  ScrewSpec,
  PinSpec,
  PinStyle,
  StudEnd,
  StudPlace,
  WasherSpec,
} from "./fastener-spec";
