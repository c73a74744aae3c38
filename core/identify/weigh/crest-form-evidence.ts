import type { Thread } from "../../catalogue/threads";
import { agreementOf } from "./agreement";
import type { Evidence } from "./evidence";
import type { CrestForm, ReadingOf } from "./reading";

/** Threads whose standards round the crests: Whitworth form (BS 84, ISO 228-1, ISO 7-1), BA (BS 93), cycle (BS 811). */
const ROUNDED_ANGLES: ReadonlySet<number> = new Set([55, 47.5]);

/** The crests that the standard gives a thread. */
function crestFormOf({ flankAngleDeg, family }: Thread): CrestForm {
  return ROUNDED_ANGLES.has(flankAngleDeg) || family === "cycle" ? "rounded" : "flat";
}

/**
 * How often rounded crests look rounded, and flat ones do: turned Whitworth threads are often cut off flat, and rolled
 * metric and unified ones close to a round. The finer, the less is seen. Estimates.
 */
const SEEN_ROUNDED = 0.85;
const SEEN_FLAT = 0.9;
const EASY_PITCH_MM = 1;
const NOTHING_SEEN_MM = 0.3;

/** Probability that the crests of this thread are called so. */
export function crestsCalled(form: CrestForm, thread: Thread): number {
  const own = crestFormOf(thread);
  const best = own === "rounded" ? SEEN_ROUNDED : SEEN_FLAT;
  const clarity = (thread.pitchMm - NOTHING_SEEN_MM) / (EASY_PITCH_MM - NOTHING_SEEN_MM);
  const seen = 0.5 + (best - 0.5) * Math.min(1, Math.max(0, clarity));
  return form === own ? seen : 1 - seen;
}

/** Of threads that nobody holds, old works' own are as often rounded as not. An estimate. */
const UNKNOWN_ROUNDED = 0.35;

const chanceOf = ({ form }: ReadingOf<"crest-form">, thread: Thread) => crestsCalled(form, thread);

/** The crests under a glass. */
export const crestFormEvidence: Evidence<"crest-form"> = {
  likelihood: chanceOf,
  unknownLikelihood: ({ form }) => (form === "rounded" ? UNKNOWN_ROUNDED : 1 - UNKNOWN_ROUNDED),
  reason: (reading, thread) => ({
    code: "crest-form",
    agreement: agreementOf(chanceOf(reading, thread)),
    form: reading.form,
    threadForm: crestFormOf(thread),
  }),
};
