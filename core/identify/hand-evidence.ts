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

const NO_WEIGHT = { likelihood: () => 1, alike: () => 0, unknownLikelihood: () => 1 } as const;

/** How long it is: kept with the readings for the call-out, of no weight for the thread. */
export const lengthEvidence: Evidence<"length"> = {
  ...NO_WEIGHT,
  reason: ({ mm }) => ({ code: "length", agreement: "agrees", mm }),
};

/** Head, finish and magnet: for the call-out and the class, of no weight for the thread. */
export function lookEvidence<K extends "head-style" | "finish" | "magnet">(): Evidence<K> {
  return { ...NO_WEIGHT, reason: () => ({ code: "look", agreement: "agrees" }) };
}

const leftHanded = new WeakMap<Thread, Thread>();

/** The same thread cut left-hand, the same object each time. */
export function leftHand(thread: Thread): Thread {
  const known = leftHanded.get(thread);
  if (known !== undefined) return known;
  const left = { ...thread, hand: "left" } as const;
  leftHanded.set(thread, left);
  return left;
}
