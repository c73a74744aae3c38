import { catalogue, type Thread } from "../../catalogue/threads";
import { likeliestFirst, posteriorOf, type Posterior, type PriorOptions } from "./posterior";
import type { Reading } from "./reading";
import type { Reason, ReasonFigures } from "./reason";
import type { WeighedReading } from "./weigh";

/** A reading that, taken away, lets the rest agree: the likely culprit when they contradict each other. */
export interface Suspect {
  /** Its place in the readings as given. */
  readonly reading: number;
  /** What the other readings then say. */
  readonly thread: Thread;
  readonly probability: number;
  /** How the suspect stands to that thread: what it read, and what it would have to be. */
  readonly reason: ReasonFigures;
}

/** Threads this much less likely than the best are still worth the question which one the suspect nearly fitted. */
const WORTH_ASKING = 0.2;

/** Of the threads that the other readings leave, the one that the suspect itself came nearest to: a small slip before a large one. */
function likeliestMistaken(probabilities: Float64Array, suspect: Float64Array | undefined): number {
  const most = probabilities.reduce((a, b) => Math.max(a, b), 0);
  return probabilities.reduce((best, probability, i) => {
    if (probability < WORTH_ASKING * most) return best;
    return best < 0 || (suspect?.[i] ?? 0) > (suspect?.[best] ?? 0) ? i : best;
  }, -1);
}

/** A suspect's thread must be this much likelier than the unknown once the suspect is taken away. */
const MOST_UNKNOWN = 0.5;

/** Of many readings only those that speak most against the rest are tried: each costs a posterior of its own. */
const MOST_TRIED = 8;

/** Places of the readings that suit what all of them together leave worst, the worst first. */
function mostDoubtful(weighed: readonly WeighedReading[], together: Posterior): readonly number[] {
  const best = likeliestFirst(together)[0] ?? 0;
  return weighed
    .map(({ ofThreads, best: most }, at) => ({ at, suits: (ofThreads[best] ?? 0) / most }))
    .sort((a, b) => a.suits - b.suits)
    .slice(0, MOST_TRIED)
    .map(({ at }) => at);
}

/**
 * Tries each reading in turn as the wrong one; of more than eight those that suit the rest worst.
 * @returns those without which a thread fits that every other reading agrees with; first the one whose slip makes the most
 * of all the readings together, its own included
 */
export function suspectsOf(
  readings: readonly Reading[],
  weighed: readonly WeighedReading[],
  options: PriorOptions,
): Suspect[] {
  const together = posteriorOf(weighed, options);
  const likeliest = likeliestFirst(together)[0] ?? 0;
  const tried = new Set(
    readings.length > MOST_TRIED ? mostDoubtful(weighed, together) : readings.keys(),
  );
  const found = readings.flatMap((suspect, at): (Suspect & { readonly forAll: number })[] => {
    if (!tried.has(at)) return [];
    const posterior = posteriorOf(
      weighed.filter((_, i) => i !== at),
      options,
    );
    if (posterior.unknown > MOST_UNKNOWN) return [];
    const best = likeliestMistaken(posterior.probabilities, weighed[at]?.ofThreads);
    // Where the suspect merely strains the thread it came nearest to, it may speak against the one that leads for all that.
    return [best, likeliest]
      .flatMap((place) => {
        const thread = catalogue()[place];
        if (thread === undefined) return [];
        const reason = mistakenFor(suspect, at, thread, weighed);
        const probability = posterior.probabilities[place] ?? 0;
        const forAll = together.logs[place] ?? 0;
        return reason === undefined ? [] : [{ reading: at, thread, probability, reason, forAll }];
      })
      .slice(0, 1);
  });
  return found.sort((a, b) => b.forAll - a.forAll).map(({ forAll: _, ...suspect }) => suspect);
}

/** How the suspect stands to this thread, where it speaks against it and every other reading agrees. */
function mistakenFor(
  suspect: Reading,
  at: number,
  thread: Thread,
  weighed: readonly WeighedReading[],
): ReasonFigures | undefined {
  const restAgrees = weighed.every(
    ({ reading, evidence }, i) =>
      i === at || evidence.reason(reading, thread).agreement !== "at-odds",
  );
  const reason = weighed[at]?.evidence.reason(suspect, thread);
  return restAgrees && reason?.agreement === "at-odds" ? reason : undefined;
}

/** A candidate, as far as its readings are doubted. */
interface Leading {
  readonly thread: Thread;
  readonly probability: number;
  readonly reasons: readonly Reason[];
}

/** A reading that makes a leading thread this much less likely than the thread it suits best is doubtful: six times. */
const DOUBTFUL = -1.8;

/** A thread less likely than this leads nobody to doubt a reading for its sake. */
const WORTH_DOUBTING = 0.25;

/**
 * Of the threads that lead for all that, the readings that fit them badly: doubtful, though not so much that nothing is
 * concluded. The likeliest thread's first, and of those the worst.
 * @param candidates most likely first
 */
export function doubtfulOf(candidates: readonly Leading[]): Suspect[] {
  const doubted = candidates
    .filter(({ probability }) => probability >= WORTH_DOUBTING)
    .flatMap(({ thread, probability, reasons }) =>
      reasons
        .flatMap((reason) =>
          reason.reading !== undefined &&
          reason.agreement !== "agrees" &&
          (reason.support ?? 0) < DOUBTFUL
            ? [{ reading: reason.reading, thread, probability, reason }]
            : [],
        )
        .sort((a, b) => supportOf(a) - supportOf(b)),
    );
  return doubted.filter(
    ({ reading }, at) => doubted.findIndex((other) => other.reading === reading) === at,
  );
}

const supportOf = ({ reason }: { readonly reason: Reason }) => reason.support ?? 0;
