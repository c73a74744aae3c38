import type { Evidence } from "./evidence";
import type { ReadingKind } from "./reading";
import type { ReasonFigures } from "./reason";

const NO_WEIGHT = { likelihood: () => 1, alike: () => 0, unknownLikelihood: () => 1 } as const;

/** The kinds of reading that say nothing of which thread it is, each with the code of its reason. */
const WEIGHTLESS: Readonly<Partial<Record<ReadingKind, ReasonFigures["code"]>>> = {
  length: "length",
  "head-style": "look",
  finish: "look",
  magnet: "look",
  "thread-length": "look",
  "other-end": "look",
  hand: "hand",
};

const WEIGHTLESS_REASONS: ReadonlySet<ReasonFigures["code"]> = new Set(Object.values(WEIGHTLESS));

/** Whether readings of this kind say nothing of which thread it is. */
export function bearsOnNothing(kind: ReadingKind): boolean {
  return WEIGHTLESS[kind] !== undefined;
}

/** Whether a reason is of a reading that says nothing of which thread it is. */
export function isOfNoWeight({ code }: Pick<ReasonFigures, "code">): boolean {
  return WEIGHTLESS_REASONS.has(code);
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
