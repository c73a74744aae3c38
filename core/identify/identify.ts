import { catalogue, type Thread } from "../threads";
import { widerThan } from "./combine";
import { commonnessOf } from "./commonness";
import { evidenceFor } from "./evidence";
import { leftHand } from "./hand-evidence";
import { nextTests, type NextTest, type TestOptions } from "./next-tests";
import { posteriorOf, type Posterior, type PriorOptions } from "./posterior";
import type { Hand, Reading } from "./reading";
import type { Reason, ReasonFigures } from "./reason";
import { suspectsOf, type Suspect } from "./suspects";
import { verdictOf, type Verdict } from "./verdict";
import { weighReading, type WeighedReading } from "./weigh";

export type IdentifyOptions = PriorOptions & TestOptions;

/** A thread, how likely it is, and how the readings stand to it. */
export interface Candidate {
  readonly thread: Thread;
  readonly probability: number;
  /**
   * Of a thread still possible, one for each reading in the order given; of one that is ruled out, only the reading
   * that speaks most against it. Then how common the thread is, when that was weighed.
   */
  readonly reasons: readonly Reason[];
}

export interface Identification {
  /** Every thread of the catalogue, most likely first; with `unknown` the probabilities make 1. */
  readonly candidates: readonly Candidate[];
  /** The probability of a thread that the catalogue does not hold. */
  readonly unknown: number;
  readonly verdict: Verdict;
  /** How much less likely the readings are together than each alone, as a natural logarithm. */
  readonly conflict: number;
  readonly nextTests: readonly NextTest[];
  /** Filled when the verdict is contradictory. */
  readonly suspects: readonly Suspect[];
}

/** Threads under this share are not worth planning a test for. */
const LEAST_STANDING = 0.005;

/** Under this share a thread is ruled out, and one reason says why. */
const RULED_OUT = 0.0005;

/**
 * Identifies a thread from readings, by Bayes' rule over the whole catalogue and an unknown remainder: prior by
 * commonness, likelihood by tolerance band, instrument and technique. Pure: the same input gives the same output.
 * @param readings in the order taken; none gives the prior. Readings of one thing are brought together: of repeated
 * diameters the widest counts.
 */
export function identify(
  readings: readonly Reading[],
  options: IdentifyOptions = {},
): Identification {
  const weighed = readings.map(weighReading);
  const posterior = posteriorOf(weighed, options);
  const candidates = rankedCandidates(weighed, posterior, options);
  const verdict = verdictOf(readings, candidates, posterior);
  const standing = candidates.filter(({ probability }) => probability >= LEAST_STANDING);
  return {
    candidates,
    unknown: posterior.unknown,
    verdict,
    conflict: posterior.conflict,
    nextTests: verdict === "settled" ? [] : nextTests(readings, standing, options),
    suspects: verdict === "contradictory" ? suspectsOf(readings, weighed, options) : [],
  };
}

function rankedCandidates(
  weighed: readonly WeighedReading[],
  posterior: Posterior,
  options: IdentifyOptions,
): Candidate[] {
  const readings = weighed.map(({ reading }) => reading);
  const best = weighed.map(({ ofThreads }) => ofThreads.reduce((a, b) => Math.max(a, b), 0));
  const hand = handOf(readings);
  const reasonFor = (at: number, thread: Thread, i: number): Reason => {
    // Written into the fresh record: a thousand spreads would cost 2 ms.
    const reason: { -readonly [Key in keyof Reason]: Reason[Key] } = reasonOf(readings, i, thread);
    reason.reading = i;
    reason.support = Math.log((weighed[i]?.ofThreads[at] ?? 0) / (best[i] ?? 1));
    return reason as Reason;
  };
  const candidates = catalogue().map((thread, at): Candidate => {
    const probability = posterior.probabilities[at] ?? 0;
    const possible = probability >= RULED_OUT;
    const reasons: Reason[] = [];
    if (possible) readings.forEach((_, i) => reasons.push(reasonFor(at, thread, i)));
    else if (readings.length > 0) reasons.push(reasonFor(at, thread, worstFor(weighed, best, at)));
    if (options.useCommonness !== false) reasons.push(commonnessReason(thread));
    return { thread: hand === "left" ? leftHand(thread) : thread, probability, reasons };
  });
  return candidates.sort((a, b) => b.probability - a.probability);
}

/** The reading that speaks most against the thread at this place of the catalogue. */
function worstFor(weighed: readonly WeighedReading[], best: readonly number[], at: number): number {
  let worst = 0;
  let least = Infinity;
  weighed.forEach(({ ofThreads }, i) => {
    const share = (ofThreads[at] ?? 0) / (best[i] ?? 1);
    if (share < least) {
      least = share;
      worst = i;
    }
  });
  return worst;
}

/** The reason of a reading on its own, unless a wider reading of the same size accounts for it. */
function reasonOf(readings: readonly Reading[], at: number, thread: Thread): ReasonFigures {
  const reading = readings[at];
  if (reading === undefined) throw new RangeError(`no reading at ${at}`);
  const reason = evidenceFor(reading).reason(reading, thread);
  if (reason.code !== "diameter-under" && reason.code !== "bore-under") return reason;
  if (reason.agreement === "agrees" || readings.length === 1) return reason;
  const widestMm = widerThan(reading, readings);
  if (widestMm === undefined) return reason;
  return { code: "held-askew", agreement: "agrees", mm: reason.mm, widestMm };
}

/** The hand as last read. */
function handOf(readings: readonly Reading[]): Hand {
  return readings.findLast((reading) => reading.kind === "hand")?.hand ?? "right";
}

const ofCommonness = new WeakMap<Thread, Reason>();

function commonnessReason(thread: Thread): Reason {
  const known = ofCommonness.get(thread);
  if (known !== undefined) return known;
  const reason: Reason = {
    code: "commonness",
    agreement: "agrees",
    common: commonnessOf(thread),
  };
  ofCommonness.set(thread, reason);
  return reason;
}

/** The reason that says most about a candidate: the reading that suits it worst, else how common it is. */
export function decisiveReason(candidate: Candidate): Reason | undefined {
  return candidate.reasons.reduce<Reason | undefined>(
    (worst, reason) =>
      worst === undefined || (reason.support ?? 0) < (worst.support ?? 0) ? reason : worst,
    undefined,
  );
}
