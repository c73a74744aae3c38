export { formatCallout, lengthWritten } from "./format-callout";
export { parseCallout } from "./parse-callout";
export { headOf, isCalloutProblem } from "./fastener-spec";
export type { CalloutProblem, FastenerSpec, NutSpec, ScrewSpec, WasherSpec } from "./fastener-spec";
