import { catalogue, type Thread, type ThreadSide } from "../threads";
import { combined } from "./combine";
import { commonnessWeight } from "./commonness";
import { sideOf, type PartKind } from "./part";
import type { ReadingLikelihoods, WeighedReading } from "./weigh";

/** The share, before any reading, that the part is a thread the catalogue does not hold. An estimate. */
const UNKNOWN_PRIOR = 0.03;

export interface PriorOptions {
  /** Weigh threads by how common they are (default), or all alike. */
  readonly useCommonness?: boolean;
  /** What lies on the bench: threads that are not made on that side fall away. */
  readonly part?: PartKind;
}

/** Probabilities of every thread in catalogue order, and of something else; together they make 1. */
export interface Posterior {
  readonly probabilities: readonly number[];
  readonly unknown: number;
  /**
   * How much less likely the readings are together than each alone, as a natural logarithm: negative while they bear
   * each other out, well over zero when they contradict each other.
   */
  readonly conflict: number;
}

/** A thread that is not made on the part's side keeps this share: anyone may have called the part the wrong thing. */
const WRONG_SIDE = 1e-4;

const priors = new Map<string, readonly number[]>();

/** ln of the probability of each thread before any reading, in catalogue order. */
function logPriorOf({ useCommonness = true, part }: PriorOptions): readonly number[] {
  const side = part === undefined ? undefined : sideOf(part);
  const key = `${useCommonness} ${side}`;
  const known = priors.get(key);
  if (known !== undefined) return known;
  const prior = priorOf(catalogue(), useCommonness, side).map(Math.log);
  priors.set(key, prior);
  return prior;
}

function priorOf(
  threads: readonly Thread[],
  useCommonness: boolean,
  side: ThreadSide | undefined,
): number[] {
  const weights = threads.map((thread) => {
    const made = side === undefined || thread.only === undefined || thread.only === side;
    return (useCommonness ? commonnessWeight(thread) : 1) * (made ? 1 : WRONG_SIDE);
  });
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => ((1 - UNKNOWN_PRIOR) * weight) / total);
}

/** Bayes' rule over the catalogue and the unknown, in logarithms so that many readings do not underflow. */
export function posteriorOf(
  weighed: readonly WeighedReading[],
  options: PriorOptions = {},
): Posterior {
  const witnesses = combined(weighed);
  const logs = logPriorOf(options).map((logPrior, at) =>
    witnesses.reduce((sum, { ofThreads }) => sum + Math.log(ofThreads[at] ?? 0), logPrior),
  );
  const logUnknown = witnesses.reduce(
    (sum, { ofUnknown }) => sum + Math.log(ofUnknown),
    Math.log(UNKNOWN_PRIOR),
  );
  const largest = logs.reduce((a, b) => Math.max(a, b), logUnknown);
  const shares = logs.map((log) => Math.exp(log - largest));
  const unknownShare = Math.exp(logUnknown - largest);
  const total = shares.reduce((sum, share) => sum + share, unknownShare);
  return {
    probabilities: shares.map((share) => share / total),
    unknown: unknownShare / total,
    conflict: logEach(witnesses, logPriorOf(options)) - (largest + Math.log(total)),
  };
}

/** ln of the product of the probabilities that each witness has alone. */
function logEach(witnesses: readonly ReadingLikelihoods[], logPrior: readonly number[]): number {
  const prior = logPrior.map(Math.exp);
  return witnesses.reduce((sum, { ofThreads, ofUnknown }) => {
    const alone = ofThreads.reduce(
      (total, likelihood, at) => total + likelihood * (prior[at] ?? 0),
      UNKNOWN_PRIOR * ofUnknown,
    );
    return sum + Math.log(alone);
  }, 0);
}
