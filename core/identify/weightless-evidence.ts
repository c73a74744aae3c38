import type { Evidence } from "./evidence";
import type { ReadingKind } from "./reading";

const NO_WEIGHT = { likelihood: () => 1, alike: () => 0, unknownLikelihood: () => 1 } as const;

const WEIGHTLESS: ReadonlySet<ReadingKind> = new Set([
  "length",
  "head-style",
  "finish",
  "magnet",
  "hand",
]);

/** Whether readings of this kind say nothing of which thread it is. */
export function bearsOnNothing(kind: ReadingKind): boolean {
  return WEIGHTLESS.has(kind);
}

/** How long it is: kept with the readings for the call-out, of no weight for the thread. */
export const lengthEvidence: Evidence<"length"> = {
  ...NO_WEIGHT,
  reason: ({ mm }) => ({ code: "length", agreement: "agrees", mm }),
};

/** Head, finish and magnet, for the call-out and the class; and what was refused: of no weight for the thread. */
export function lookEvidence<K extends ReadingKind>(): Evidence<K> {
  return { ...NO_WEIGHT, reason: () => ({ code: "look", agreement: "agrees" }) };
}
