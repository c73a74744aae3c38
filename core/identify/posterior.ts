import { catalogue, type Thread } from "../threads";
import { commonnessWeight } from "./commonness";
import { evidenceFor } from "./evidence";
import type { Reading } from "./reading";

/** The share, before any reading, that the part is a thread the catalogue does not hold. An estimate. */
const UNKNOWN_PRIOR = 0.03;

export interface PriorOptions {
  /** Weigh threads by how common they are (default), or all alike. */
  readonly useCommonness?: boolean;
}

/** Probabilities of every thread in catalogue order, and of something else; together they make 1. */
export interface Posterior {
  readonly probabilities: readonly number[];
  readonly unknown: number;
}

/** The probability of each thread before any reading, in catalogue order. */
function priorOf(threads: readonly Thread[], options: PriorOptions): number[] {
  const weights = threads.map((thread) =>
    options.useCommonness === false ? 1 : commonnessWeight(thread),
  );
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => ((1 - UNKNOWN_PRIOR) * weight) / total);
}

/** One reading's likelihood for every thread in catalogue order, and for the unknown. */
export interface ReadingLikelihoods {
  readonly ofThreads: readonly number[];
  readonly ofUnknown: number;
}

/** Weighs one reading against the whole catalogue. */
export function weighReading(reading: Reading): ReadingLikelihoods {
  const evidence = evidenceFor(reading);
  return {
    ofThreads: catalogue().map((thread) => evidence.likelihood(reading, thread)),
    ofUnknown: evidence.unknownLikelihood(reading),
  };
}

/** Bayes' rule over the catalogue and the unknown, in logarithms so that many readings do not underflow. */
export function posteriorOf(
  weighed: readonly ReadingLikelihoods[],
  options: PriorOptions = {},
): Posterior {
  const prior = priorOf(catalogue(), options);
  const logs = prior.map((probability, i) =>
    weighed.reduce(
      (sum, reading) => sum + Math.log(reading.ofThreads[i] ?? 0),
      Math.log(probability),
    ),
  );
  const logUnknown = weighed.reduce(
    (sum, reading) => sum + Math.log(reading.ofUnknown),
    Math.log(UNKNOWN_PRIOR),
  );
  const largest = logs.reduce((a, b) => Math.max(a, b), logUnknown);
  const shares = logs.map((log) => Math.exp(log - largest));
  const unknownShare = Math.exp(logUnknown - largest);
  const total = shares.reduce((sum, share) => sum + share, unknownShare);
  return { probabilities: shares.map((share) => share / total), unknown: unknownShare / total };
}
