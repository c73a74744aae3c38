import { catalogue, type Thread } from "../../catalogue/threads";
import type { Evidence } from "./evidence";
import { evidenceFor } from "./evidence-table";
import type { Reading, ReadingKind } from "./reading";
import type { Reason } from "./reason";
import { problemOfReading } from "./refused";
import { STRANGE_PITCHES } from "./stranger";
import { lookEvidence } from "./weightless-evidence";

/** One reading's likelihood for every thread in catalogue order, and for the unknown. */
export interface ReadingLikelihoods {
  readonly ofThreads: Float64Array;
  /** For a thread that is not held, at each of the pitches it may have. */
  readonly ofUnknown: Float64Array;
}

/** A reading with what it says of every thread. */
export interface WeighedReading extends ReadingLikelihoods {
  readonly reading: Reading;
  /** What weighs it; of no weight where a figure of it was refused. */
  readonly evidence: Evidence<ReadingKind>;
  readonly refused: boolean;
  /** The likelihood for the thread it suits best. */
  readonly best: number;
  /** Reasons worked out so far, by what makes threads alike for this reading. */
  readonly reasons: Map<number | string, Reason>;
}

// Readings are data that do not change, so what one says of the catalogue is worked out once.
const alreadyWeighed = new WeakMap<Reading, WeighedReading>();

/** Weighs one reading against the whole catalogue. */
export function weighReading(reading: Reading): WeighedReading {
  const known = alreadyWeighed.get(reading);
  if (known !== undefined) return known;
  const refused = problemOfReading(reading, 0) !== undefined;
  const evidence: Evidence<ReadingKind> = refused ? REFUSED : evidenceFor(reading);
  const ofThreads = likelihoodsOf(reading, evidence);
  const weighed = {
    reading,
    evidence,
    refused,
    ofThreads,
    best: largestOf(ofThreads),
    reasons: new Map<number | string, Reason>(),
    ofUnknown: likelihoodsOfUnknown(reading, evidence),
  };
  alreadyWeighed.set(reading, weighed);
  return weighed;
}

const REFUSED: Evidence<ReadingKind> = lookEvidence();

// Plain loops here and below: they run with every touch on the Bench.
function largestOf(values: Float64Array): number {
  let largest = -Infinity;
  for (let at = 0; at < values.length; at += 1) largest = Math.max(largest, values[at] ?? 0);
  return largest;
}

function likelihoodsOfUnknown(reading: Reading, evidence: Evidence<ReadingKind>): Float64Array {
  const likelihoods = new Float64Array(STRANGE_PITCHES.length);
  for (let at = 0; at < likelihoods.length; at += 1) {
    likelihoods[at] = evidence.unknownLikelihood(reading, STRANGE_PITCHES[at] ?? 0);
  }
  return likelihoods;
}

/** The likelihood for every thread in catalogue order; for threads that are alike worked out once. */
function likelihoodsOf(reading: Reading, evidence: Evidence<ReadingKind>): Float64Array {
  const threads = catalogue();
  const likelihoods = new Float64Array(threads.length);
  const known = new Map<number | string, number>();
  for (const [at, thread] of threads.entries()) {
    const key = evidence.alike?.(thread);
    const likelihood =
      (key === undefined ? undefined : known.get(key)) ?? evidence.likelihood(reading, thread);
    if (key !== undefined) known.set(key, likelihood);
    likelihoods[at] = likelihood;
  }
  return likelihoods;
}

/** How the reading in this place stands to a thread of the catalogue; for threads that are alike worked out once. */
export function reasonOf(
  weighed: WeighedReading,
  place: number,
  thread: Thread,
  at: number,
): Reason {
  const { reading, evidence, ofThreads, best, reasons } = weighed;
  const key = evidence.alike?.(thread);
  const known = key === undefined ? undefined : reasons.get(key);
  if (known !== undefined && known.reading === place) return known;
  // Written into the fresh record: a thousand spreads would cost 2 ms.
  const reason: { -readonly [Key in keyof Reason]: Reason[Key] } = evidence.reason(reading, thread);
  reason.reading = place;
  reason.support = Math.log((ofThreads[at] ?? 0) / best);
  if (key !== undefined) reasons.set(key, reason as Reason);
  return reason as Reason;
}
