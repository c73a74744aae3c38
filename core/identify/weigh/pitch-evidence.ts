import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { normalCumulative, normalDensity } from "./distributions";
import type { Agreement } from "./agreement";
import type { Evidence } from "./evidence";
import type { ReadingOf } from "./reading";

/** Pitches a part on the bench may have, mm; an unknown thread or a slip is even over their logarithm. */
const LOG_PITCH_SPAN = Math.log(8 / 0.2);

/** Chance of a plain slip: the span misread, a wrong figure written down. */
const SLIP = 0.005;

/** How often the thread that a count begins on is counted as one of them, or a length spans one pitch more than was meant. */
const ONE_TOO_MANY = 0.055;
const ONE_PITCH_MORE = 0.018;

/** Half a thread at each end is in doubt, so a count is out by about 0.4 of a thread. */
const COUNT_SD = 0.4;

/** So many threads off nobody counts. */
const FAR_OFF = 9 * COUNT_SD;

/** The points of the jaws on two crests: instrument and the eye together, mm. */
export const CREST_SD = 0.05;

/** How many threads a count over the span ought to give. */
function expectedThreads(spanMm: Mm, thread: Thread): number {
  return spanMm / thread.pitchMm;
}

/** Probability that so many threads are counted over the span. */
export function countChance(
  reading: ReadingOf<"count">,
  { pitchMm }: Pick<Thread, "pitchMm">,
): number {
  const expected = reading.spanMm / pitchMm;
  const right = countedChance(reading.threads, expected);
  const fencePosts = countedChance(reading.threads, expected + 1);
  const sound = (1 - ONE_TOO_MANY) * right + ONE_TOO_MANY * fencePosts;
  return (1 - SLIP) * sound + SLIP * countBackground(reading);
}

/** Counts are to the nearest half thread, so a count's probability is the normal's mass a quarter to each side. */
function countedChance(threads: number, expected: number): number {
  if (Math.abs(threads - expected) > FAR_OFF) return 0;
  const upper = normalCumulative((threads + 0.25 - expected) / COUNT_SD);
  const lower = normalCumulative((threads - 0.25 - expected) / COUNT_SD);
  return Math.max(upper - lower, 0);
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
  unknownLikelihood: (reading, pitchMm) => countChance(reading, { pitchMm }),
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

function spanDensity(reading: ReadingOf<"crest-to-crest">, pitchMm: Mm): number {
  const { mm, pitches } = reading;
  const right = normalDensity(mm, pitches * pitchMm, CREST_SD);
  const onePitchMore = normalDensity(mm, (pitches + 1) * pitchMm, CREST_SD);
  const sound = (1 - ONE_PITCH_MORE) * right + ONE_PITCH_MORE * onePitchMore;
  return (1 - SLIP) * sound + SLIP * crestBackground(reading);
}

/** A length from crest to crest over a number of pitches. */
export const crestToCrestEvidence: Evidence<"crest-to-crest"> = {
  likelihood: (reading, { pitchMm }) => spanDensity(reading, pitchMm),
  unknownLikelihood: spanDensity,
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
