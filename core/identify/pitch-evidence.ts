import type { Thread } from "../threads";
import type { Mm } from "../units";
import { normalCumulative, normalDensity } from "./distributions";
import type { Agreement } from "./agreement";
import type { Evidence } from "./evidence";
import type { ReadingOf } from "./reading";
import type {} from "./reason";

/** Pitches a part on the bench may have, mm; an unknown thread or a slip is even over their logarithm. */
const LOG_PITCH_SPAN = Math.log(8 / 0.2);

/** Chance of a plain slip: a thread skipped, the span misread. */
const SLIP = 0.002;

/** Half a thread at each end is in doubt, so a count is out by about 0.4 of a thread. */
const COUNT_SD = 0.4;

/** The points of the jaws on two crests: instrument and the eye together, mm. */
export const CREST_SD = 0.05;

/** How many threads a count over the span ought to give. */
function expectedThreads(spanMm: Mm, thread: Thread): number {
  return spanMm / thread.pitchMm;
}

/** Probability that so many threads are counted over the span. */
export function countChance(reading: ReadingOf<"count">, thread: Thread): number {
  const expected = expectedThreads(reading.spanMm, thread);
  // The count is to the nearest half thread, so its probability is the normal's mass a quarter to each side.
  const upper = normalCumulative((reading.threads + 0.25 - expected) / COUNT_SD);
  const lower = normalCumulative((reading.threads - 0.25 - expected) / COUNT_SD);
  return (1 - SLIP) * Math.max(upper - lower, 0) + SLIP * countBackground(reading);
}

function countBackground(reading: ReadingOf<"count">): number {
  return 0.5 / (reading.threads * LOG_PITCH_SPAN);
}

function agreementByDistance(distance: number, stretched: number, against: number): Agreement {
  if (distance <= stretched) return "agrees";
  return distance <= against ? "strained" : "at-odds";
}

/** Threads counted over a span. */
export const countEvidence: Evidence<"count"> = {
  likelihood: countChance,
  unknownLikelihood: countBackground,
  alike: ({ pitchMm }) => pitchMm,
  reason: (reading, thread) => {
    const expected = expectedThreads(reading.spanMm, thread);
    return {
      code: "count",
      agreement: agreementByDistance(Math.abs(reading.threads - expected), 0.6, 1.2),
      threads: reading.threads,
      spanMm: reading.spanMm,
      expectedThreads: expected,
    };
  },
};

function crestBackground(reading: ReadingOf<"crest-to-crest">): number {
  return 1 / (reading.mm * LOG_PITCH_SPAN);
}

/** A length from crest to crest over a number of pitches. */
export const crestToCrestEvidence: Evidence<"crest-to-crest"> = {
  likelihood: (reading, thread) =>
    (1 - SLIP) * normalDensity(reading.mm, reading.pitches * thread.pitchMm, CREST_SD) +
    SLIP * crestBackground(reading),
  unknownLikelihood: crestBackground,
  alike: ({ pitchMm }) => pitchMm,
  reason: (reading, thread) => {
    const expectedMm = reading.pitches * thread.pitchMm;
    const deviations = Math.abs(reading.mm - expectedMm) / CREST_SD;
    return {
      code: "crest-to-crest",
      agreement: agreementByDistance(deviations, 2.5, 4),
      pitches: reading.pitches,
      mm: reading.mm,
      expectedMm,
    };
  },
};
