export { formatCallout, lengthWritten } from "./format-callout";
export { calledScrew, parseScrew, withEachThread } from "./called-screw";
export { parseCallout } from "./parse-callout";
export { headOf, isCalloutProblem } from "./fastener-spec";
export type { CalloutProblem, FastenerSpec, NutSpec, ScrewSpec } from "./fastener-spec";
