import { catalogue, type Thread } from "../threads";
import { commonnessOf } from "./commonness";
import { evidenceFor } from "./evidence";
import { nextTests, type NextTest } from "./next-tests";
import {
  posteriorOf,
  weighReading,
  type Posterior,
  type PriorOptions,
  type ReadingLikelihoods,
} from "./posterior";
import type { Reading } from "./reading";
import type { Reason } from "./reason";
import { suspectsOf, type Suspect } from "./suspects";
import { verdictOf, type Verdict } from "./verdict";

export type IdentifyOptions = PriorOptions;

/** A thread, how likely it is, and how each reading stands to it. */
export interface Candidate {
  readonly thread: Thread;
  readonly probability: number;
  /** One for each reading in the order given, then how common the thread is when that was weighed. */
  readonly reasons: readonly Reason[];
}

export interface Identification {
  /** Every thread of the catalogue, most likely first; with `unknown` the probabilities make 1. */
  readonly candidates: readonly Candidate[];
  /** The probability of a thread that the catalogue does not hold. */
  readonly unknown: number;
  readonly verdict: Verdict;
  readonly nextTests: readonly NextTest[];
  /** Filled when the verdict is contradictory. */
  readonly suspects: readonly Suspect[];
}

/** Threads under this share are not worth planning a test for. */
const LEAST_STANDING = 0.005;

/**
 * Identifies a thread from readings, by Bayes' rule over the whole catalogue and an unknown remainder: prior by
 * commonness, likelihood by tolerance band, instrument and technique. Pure: the same input gives the same output.
 * @param readings in the order taken; none gives the prior
 */
export function identify(
  readings: readonly Reading[],
  options: IdentifyOptions = {},
): Identification {
  const weighed = readings.map(weighReading);
  const posterior = posteriorOf(weighed, options);
  const candidates = rankedCandidates(readings, weighed, posterior, options);
  const verdict = verdictOf(readings, candidates, posterior.unknown);
  const standing = candidates.filter(({ probability }) => probability >= LEAST_STANDING);
  return {
    candidates,
    unknown: posterior.unknown,
    verdict,
    nextTests: verdict === "settled" ? [] : nextTests(readings, standing),
    suspects: verdict === "contradictory" ? suspectsOf(readings, weighed, options) : [],
  };
}

function rankedCandidates(
  readings: readonly Reading[],
  weighed: readonly ReadingLikelihoods[],
  posterior: Posterior,
  options: IdentifyOptions,
): Candidate[] {
  const best = weighed.map(({ ofThreads }) => ofThreads.reduce((a, b) => Math.max(a, b), 0));
  return catalogue()
    .map((thread, at) => {
      const ofReadings = readings.map((reading, i): Reason => {
        const support = Math.log((weighed[i]?.ofThreads[at] ?? 0) / (best[i] ?? 1));
        // Added to the fresh record rather than spread into another: a thousand spreads cost 2 ms.
        return Object.assign(evidenceFor(reading).reason(reading, thread), { reading: i, support });
      });
      return {
        thread,
        probability: posterior.probabilities[at] ?? 0,
        reasons: [...ofReadings, ...commonnessReason(thread, options)],
      };
    })
    .sort((a, b) => b.probability - a.probability);
}

function commonnessReason(thread: Thread, options: IdentifyOptions): Reason[] {
  if (options.useCommonness === false) return [];
  return [{ code: "commonness", agreement: "agrees", common: commonnessOf(thread) }];
}

/** The reason that says most about a candidate: the reading that suits it worst, else how common it is. */
export function decisiveReason(candidate: Candidate): Reason | undefined {
  return candidate.reasons.reduce<Reason | undefined>(
    (worst, reason) =>
      worst === undefined || (reason.support ?? 0) < (worst.support ?? 0) ? reason : worst,
    undefined,
  );
}
