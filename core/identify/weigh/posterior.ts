import { catalogue, type Thread, type ThreadSide } from "../../catalogue/threads";
import { combined } from "./combine";
import { commonnessWeight } from "./commonness";
import { priorAfterMet, type MetThreads } from "./met";
import { priorOnMachine } from "./met-on-machine";
import { sideOf, type PartKind } from "./part";
import { STRANGE_SHARES } from "./stranger";
import type { ReadingLikelihoods, WeighedReading } from "./weigh";

/** The share, before any reading, that the part is a thread the catalogue does not hold. An estimate. */
const UNKNOWN_PRIOR = 0.05;

export interface PriorOptions {
  /** Weigh threads by how common they are (default), or all alike. */
  readonly useCommonness?: boolean;
  /** What lies on the bench: threads that are not made on that side fall away. */
  readonly part?: PartKind;
  /** What this workshop has met, where it has counted: it moves the prior away from the table's. */
  readonly met?: MetThreads;
  /** What was found on the machine at hand: machines are built in few series. */
  readonly metOnMachine?: MetThreads;
}

/** Probabilities of every thread in catalogue order, and of something else; together they make 1. */
export interface Posterior {
  readonly probabilities: Float64Array;
  readonly unknown: number;
  /** ln of the joint probability of each thread and the readings, in catalogue order. */
  readonly logs: Float64Array;
  /** ln of the probability of the readings together. */
  readonly logEvidence: number;
  /** The readings brought together, as they were weighed. */
  readonly witnesses: readonly ReadingLikelihoods[];
  /** What each thread had before any reading. */
  readonly prior: Float64Array;
}

/** A thread that is not made on the part's side keeps this share: anyone may have called the part the wrong thing. */
const WRONG_SIDE = 1e-4;

const priors = new Map<string, Float64Array>();

/** A hole is tapped for an insert in a casting or a plate, never in a nut: only a part that is, or reads as, a hole has one. */
function mayHoldInsert({ part }: PriorOptions, weighed: readonly WeighedReading[]): boolean {
  if (part !== undefined) return part === "tapped-hole";
  return weighed.some(({ reading }) => reading.kind === "internal-diameter");
}

/** The probability of each thread before any reading, in catalogue order; worked out once for each choice. */
function knownPrior(options: PriorOptions, weighed: readonly WeighedReading[]): Float64Array {
  const { useCommonness = true, part } = options;
  const side = part === undefined ? undefined : sideOf(part);
  const inserts = mayHoldInsert(options, weighed);
  const key = `${useCommonness} ${part} ${inserts}`;
  const prior = priors.get(key) ?? priorOf(catalogue(), options, side, inserts);
  priors.set(key, prior);
  if (!useCommonness) return prior;
  const { met, metOnMachine } = options;
  const held = 1 - UNKNOWN_PRIOR;
  const ofShop =
    met === undefined ? prior : moved(met, key, prior, () => priorAfterMet(prior, met, held, part));
  return metOnMachine === undefined
    ? ofShop
    : moved(metOnMachine, key, ofShop, () => priorOnMachine(ofShop, metOnMachine, held));
}

interface Moved {
  readonly from: Float64Array;
  readonly to: Float64Array;
}

// Counts change with the records, not with a touch: what they make of a prior is worked out once.
const movedPriors = new WeakMap<MetThreads, Map<string, Moved>>();

function moved(
  met: MetThreads,
  key: string,
  from: Float64Array,
  move: () => Float64Array,
): Float64Array {
  const ofMet = movedPriors.get(met) ?? new Map<string, Moved>();
  movedPriors.set(met, ofMet);
  const known = ofMet.get(key);
  if (known?.from === from) return known.to;
  const to = move();
  ofMet.set(key, { from, to });
  return to;
}

function priorOf(
  threads: readonly Thread[],
  { useCommonness = true, part }: PriorOptions,
  side: ThreadSide | undefined,
  inserts: boolean,
): Float64Array {
  const weights = threads.map((thread) => {
    const made =
      thread.family === "insert-tapped"
        ? inserts
        : side === undefined || thread.only === undefined || thread.only === side;
    return (useCommonness ? commonnessWeight(thread, part) : 1) * (made ? 1 : WRONG_SIDE);
  });
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return Float64Array.from(weights, (weight) => ((1 - UNKNOWN_PRIOR) * weight) / total);
}

/** ln of prior times likelihoods for every thread. Plain loops here and below: they run with every touch on the Bench. */
function jointLogs(prior: Float64Array, witnesses: readonly ReadingLikelihoods[]): Float64Array {
  const logs = new Float64Array(prior.length);
  for (let at = 0; at < logs.length; at += 1) logs[at] = Math.log(prior[at] ?? 0);
  for (const { ofThreads } of witnesses) {
    for (let at = 0; at < logs.length; at += 1) {
      logs[at] = (logs[at] ?? 0) + Math.log(ofThreads[at] ?? 0);
    }
  }
  return logs;
}

/** ln of the joint probability of the readings and a thread that is not held, over the pitches that it may have. */
function logOfUnknown(witnesses: readonly ReadingLikelihoods[]): number {
  const logs = STRANGE_SHARES.map((share, at) =>
    witnesses.reduce((sum, { ofUnknown }) => sum + Math.log(ofUnknown[at] ?? 0), Math.log(share)),
  );
  const largest = Math.max(...logs);
  const total = logs.reduce((sum, log) => sum + Math.exp(log - largest), 0);
  return Math.log(UNKNOWN_PRIOR) + largest + Math.log(total);
}

/** Bayes' rule over the catalogue and the unknown, in logarithms so that many readings do not underflow. */
export function posteriorOf(
  given: readonly WeighedReading[],
  options: PriorOptions = {},
): Posterior {
  const weighed = given.filter(({ refused }) => !refused);
  const witnesses = combined(weighed);
  const prior = knownPrior(options, weighed);
  const logs = jointLogs(prior, witnesses);
  const logUnknown = logOfUnknown(witnesses);
  let largest = logUnknown;
  for (const log of logs) largest = Math.max(largest, log);
  const probabilities = new Float64Array(logs.length);
  const unknownShare = Math.exp(logUnknown - largest);
  let total = unknownShare;
  for (let at = 0; at < logs.length; at += 1) {
    const share = Math.exp((logs[at] ?? 0) - largest);
    probabilities[at] = share;
    total += share;
  }
  for (let at = 0; at < logs.length; at += 1) probabilities[at] = (probabilities[at] ?? 0) / total;
  return {
    probabilities,
    unknown: unknownShare / total,
    logs,
    logEvidence: largest + Math.log(total),
    witnesses,
    prior,
  };
}

/** More places than the catalogue will have, and so fine a step in the logarithm that no two shares shown are mixed up. */
const MOST_PLACES = 4096;
const LOG_STEP = 1e-6;

/**
 * Places of the catalogue, the likeliest first. The place rides in the low digits of one number each, so that the numbers can be sorted
 * without a comparison in JavaScript: ten times faster.
 */
export function likeliestFirst({ logs }: Posterior): number[] {
  const keys = new Float64Array(logs.length);
  for (let at = 0; at < keys.length; at += 1) {
    keys[at] = Math.round(-(logs[at] ?? 0) / LOG_STEP) * MOST_PLACES + at;
  }
  return Array.from(keys.sort(), (key) => ((key % MOST_PLACES) + MOST_PLACES) % MOST_PLACES);
}

/**
 * How much less likely the readings are together than each alone, as a natural logarithm: negative while they bear each
 * other out, well over zero when they contradict each other.
 */
export function conflictOf({ logEvidence, witnesses, prior }: Posterior): number {
  return logEach(witnesses, prior) - logEvidence;
}

/** ln of the product of the probabilities that each witness has alone. */
function logEach(witnesses: readonly ReadingLikelihoods[], prior: Float64Array): number {
  return witnesses.reduce((sum, { ofThreads, ofUnknown }) => {
    let alone = 0;
    for (let at = 0; at < STRANGE_SHARES.length; at += 1) {
      alone += UNKNOWN_PRIOR * (STRANGE_SHARES[at] ?? 0) * (ofUnknown[at] ?? 0);
    }
    for (let at = 0; at < prior.length; at += 1) {
      alone += (ofThreads[at] ?? 0) * (prior[at] ?? 0);
    }
    return sum + Math.log(alone);
  }, 0);
}
