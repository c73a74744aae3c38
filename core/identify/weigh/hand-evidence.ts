import type { Thread } from "../../catalogue/threads";
import type { Evidence } from "./evidence";

/** Share of left-hand threads: screws of presses and vices more often than fasteners. Estimates. */
const LEFT_FASTENER = 0.01;
const LEFT_POWER_SCREW = 0.06;
/** Pedals and bottom brackets come in pairs, one of each hand; an outlet of 21.80 is of a gas that burns, or of one that does not. */
const LEFT_OF_PAIR = 0.5;
const PAIRED: ReadonlySet<string> = new Set(["cycle-9/16-20", "cycle-1.37-24", "gas-w21.80-14"]);
/** Hoses and regulators of gases that burn are left-hand. */
const LEFT_PIPE = 0.03;

/** Share of a thread's parts that are left-hand: an estimate. */
export function leftShare({ id, family }: Thread): number {
  if (PAIRED.has(id)) return LEFT_OF_PAIR;
  if (family === "pipe-parallel") return LEFT_PIPE;
  return family === "trapezoidal" || family === "acme" || family === "square"
    ? LEFT_POWER_SCREW
    : LEFT_FASTENER;
}

/** Which way it turns: a property of the part, so it parts the threads hardly at all. */
export const handEvidence: Evidence<"hand"> = {
  likelihood: ({ hand }, thread) => (hand === "left" ? leftShare(thread) : 1 - leftShare(thread)),
  alike: ({ id, family }) => (PAIRED.has(id) ? id : family),
  unknownLikelihood: ({ hand }) => (hand === "left" ? LEFT_FASTENER : 1 - LEFT_FASTENER),
  reason: ({ hand }) => ({ code: "hand", agreement: "agrees", hand }),
};
