import type { Thread } from "../threads";
import type { Evidence } from "./evidence";

/** Share of left-hand threads: screws of presses and vices more often than fasteners. Estimates. */
const LEFT_FASTENER = 0.01;
const LEFT_POWER_SCREW = 0.06;

function leftShare({ family }: Thread): number {
  return family === "trapezoidal" || family === "acme" || family === "square"
    ? LEFT_POWER_SCREW
    : LEFT_FASTENER;
}

/** Which way it turns: a property of the part, so it parts the threads hardly at all. */
export const handEvidence: Evidence<"hand"> = {
  likelihood: ({ hand }, thread) => (hand === "left" ? leftShare(thread) : 1 - leftShare(thread)),
  alike: ({ family }) => family,
  unknownLikelihood: ({ hand }) => (hand === "left" ? LEFT_FASTENER : 1 - LEFT_FASTENER),
  reason: ({ hand }) => ({ code: "hand", agreement: "agrees", hand }),
};
