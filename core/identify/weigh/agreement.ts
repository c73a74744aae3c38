import type { Mm } from "../../measure";

/** How one reading stands to one thread: in agreement, possible but stretched, or against it. */
export type Agreement = "agrees" | "strained" | "at-odds";

/** The agreement of an answer that had this probability. */
export function agreementOf(probability: number): Agreement {
  if (probability >= 0.25) return "agrees";
  return probability >= 0.05 ? "strained" : "at-odds";
}

/**
 * Outside the band by up to two instrument deviations agrees; wear or plating that nobody stated stretches that by
 * `slack`, and what a stated condition accounts for agrees.
 */
export function outsideAgreement(byMm: Mm, sdMm: Mm, slack: Mm, stated: Mm): Agreement {
  if (byMm <= 2 * sdMm + stated) return "agrees";
  return byMm <= 3 * sdMm + Math.max(slack, 2 * stated) ? "strained" : "at-odds";
}
