import { catalogue, type Thread } from "../../catalogue/threads";
import { widerThan } from "./combine";
import { commonnessOf } from "./commonness";
import type { Candidate, Identification } from "./identification";
import { leftHand } from "./left-hand";
import { nextTests, sideRead, type TestOptions } from "./next-tests";
import {
  conflictOf,
  likeliestFirst,
  posteriorOf,
  type Posterior,
  type PriorOptions,
} from "./posterior";
import type { Reading } from "./reading";
import type { Reason } from "./reason";
import { lastReading } from "./readings-of-kind";
import { problemOfReading } from "./refused";
import { conditionTests, retakes } from "./retakes";
import { withOthersBeside } from "./others-beside";
import { isRuledOut, type Verdict } from "./standing";
import { doubtfulOf, suspectsOf, type Suspect } from "./suspects";
import { verdictOf } from "./verdict";
import { reasonOf, weighReading, type WeighedReading } from "./weigh";

export type IdentifyOptions = PriorOptions & TestOptions;

/**
 * Identifies a thread from readings, by Bayes' rule over the whole catalogue and an unknown remainder: prior by
 * commonness, likelihood by tolerance band, instrument and technique. Pure: the same input gives the same output.
 * @param given the readings in the order taken; none gives the prior. Readings of one thing are brought together: of repeated
 * diameters the widest counts.
 */
export function identify(given: readonly Reading[], options: IdentifyOptions = {}): Identification {
  const readings = withOthersBeside(given);
  const weighed = readings.map(weighReading);
  const posterior = posteriorOf(weighed, options);
  const candidates = rankedCandidates(weighed, posterior, options);
  const conflict = conflictOf(posterior);
  const sound = weighed.filter(({ refused }) => !refused).map(({ reading }) => reading);
  const verdict = verdictOf(sound, candidates, posterior.unknown, conflict);
  const standing = candidates.filter(({ probability }) => !isRuledOut(probability));
  const suspects =
    verdict === "contradictory" ? suspectsOf(readings, weighed, options) : doubtfulOf(candidates);
  return {
    candidates,
    unknown: posterior.unknown,
    verdict,
    side: sideRead(sound, options.part),
    conflict,
    refused: given.map(problemOfReading).filter((problem) => problem !== undefined),
    nextTests:
      verdict === "settled"
        ? []
        : [
            ...conditionTests(readings, { candidates, unknown: posterior.unknown }, options),
            ...retakes(given, worthRetaking(suspects, verdict, candidates), options),
            ...nextTests(sound, { standing, unknown: posterior.unknown }, options),
          ],
    suspects,
  };
}

/** Where nothing is contradicted, only what the likeliest thread makes doubtful is worth taking again. */
function worthRetaking(
  suspects: readonly Suspect[],
  verdict: Verdict,
  [likeliest]: readonly Candidate[],
): readonly Suspect[] {
  return verdict === "contradictory"
    ? suspects
    : suspects.filter(({ thread }) => thread.id === likeliest?.thread.id);
}

function rankedCandidates(
  weighed: readonly WeighedReading[],
  posterior: Posterior,
  options: IdentifyOptions,
): Candidate[] {
  const readings = weighed.map(({ reading }) => reading);
  const hand = lastReading(readings, "hand")?.hand ?? "right";
  const common = options.useCommonness === false ? undefined : commonnessReasons();
  const threads = catalogue();
  const against: Against = { weighed, readings, common };
  return likeliestFirst(posterior).map((at): Candidate => {
    const of = threads[at];
    if (of === undefined) throw new RangeError(`no thread at place ${at}`);
    const probability = posterior.probabilities[at] ?? 0;
    const thread = hand === "left" ? leftHand(of) : of;
    if (isRuledOut(probability)) return new RuledOut(thread, probability, at, against);
    const reasons = [
      ...weighed.map((one, i) => unlessAskew(reasonOf(one, i, of, at), readings)),
      ...(common?.slice(at, at + 1) ?? []),
    ];
    return { thread, probability, reasons };
  });
}

/** What speaks against threads that are ruled out. */
interface Against {
  readonly weighed: readonly WeighedReading[];
  readonly readings: readonly Reading[];
  /** How common each thread is, in catalogue order, where that was weighed. */
  readonly common: readonly Reason[] | undefined;
}

/** A thread that is ruled out. Why is worked out when it is asked for: of a thousand a screen shows a dozen. */
class RuledOut implements Candidate {
  constructor(
    readonly thread: Thread,
    readonly probability: number,
    private readonly at: number,
    private readonly against: Against,
  ) {}

  get reasons(): readonly Reason[] {
    return whyRuledOut(this.against, this.at);
  }
}

/** The reading that speaks most against the thread at this place of the catalogue. */
function worstFor(weighed: readonly WeighedReading[], at: number): number {
  let place = -1;
  let least = Infinity;
  for (let i = 0; i < weighed.length; i += 1) {
    const one = weighed[i];
    const share = one === undefined ? Infinity : (one.ofThreads[at] ?? 0) / one.best;
    if (share >= least) continue;
    least = share;
    place = i;
  }
  return place;
}

/** The one reason against a thread that is ruled out, and how common it is. */
function whyRuledOut({ weighed, readings, common }: Against, at: number): readonly Reason[] {
  const thread = catalogue()[at];
  const place = worstFor(weighed, at);
  const worst = weighed[place];
  const rare = common?.slice(at, at + 1) ?? [];
  if (worst === undefined || thread === undefined) return rare;
  return [unlessAskew(reasonOf(worst, place, thread, at), readings), ...rare];
}

/** The reason of a reading on its own, unless a wider reading of the same size accounts for it. */
function unlessAskew(reason: Reason, readings: readonly Reading[]): Reason {
  if (reason.code !== "diameter-under" && reason.code !== "bore-under") return reason;
  const reading = readings[reason.reading ?? -1];
  if (reason.agreement === "agrees" || readings.length === 1 || reading === undefined) {
    return reason;
  }
  const widestMm = widerThan(reading, readings);
  if (widestMm === undefined) return reason;
  const { mm, reading: place, support } = reason;
  return { code: "held-askew", agreement: "agrees", mm, widestMm, reading: place, support };
}

const COMMONNESS_REASONS = {
  common: { code: "commonness", agreement: "agrees", common: "common" },
  uncommon: { code: "commonness", agreement: "agrees", common: "uncommon" },
  rare: { code: "commonness", agreement: "agrees", common: "rare" },
} as const satisfies Record<string, Reason>;

let ofCommonness: readonly Reason[] | undefined;

/** How common each thread is, in catalogue order. */
function commonnessReasons(): readonly Reason[] {
  ofCommonness ??= catalogue().map((thread) => COMMONNESS_REASONS[commonnessOf(thread)]);
  return ofCommonness;
}

/** The reason that says most about a candidate: the reading that suits it worst, else how common it is. */
export function decisiveReason(candidate: Candidate): Reason | undefined {
  return candidate.reasons.reduce<Reason | undefined>(
    (worst, reason) =>
      worst === undefined || (reason.support ?? 0) < (worst.support ?? 0) ? reason : worst,
    undefined,
  );
}
