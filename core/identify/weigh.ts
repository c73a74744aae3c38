import { catalogue, type Thread } from "../threads";
import { evidenceFor } from "./evidence";
import type { Reading } from "./reading";
import type { Reason } from "./reason";

/** One reading's likelihood for every thread in catalogue order, and for the unknown. */
export interface ReadingLikelihoods {
  readonly ofThreads: Float64Array;
  readonly ofUnknown: number;
}

/** A reading with what it says of every thread. */
export interface WeighedReading extends ReadingLikelihoods {
  readonly reading: Reading;
  /** The likelihood for the thread it suits best. */
  readonly best: number;
  /** Reasons worked out so far, in catalogue order. */
  readonly reasons: (Reason | undefined)[];
  /** For threads that this reading rules out, the reasons as last listed. */
  readonly against: (readonly Reason[] | undefined)[];
}

// Readings are data that do not change, so what one says of the catalogue is worked out once.
const alreadyWeighed = new WeakMap<Reading, WeighedReading>();

/** Weighs one reading against the whole catalogue. */
export function weighReading(reading: Reading): WeighedReading {
  const known = alreadyWeighed.get(reading);
  if (known !== undefined) return known;
  const evidence = evidenceFor(reading);
  const ofThreads = Float64Array.from(catalogue(), (thread) =>
    evidence.likelihood(reading, thread),
  );
  const weighed = {
    reading,
    ofThreads,
    best: ofThreads.reduce((a, b) => Math.max(a, b), 0),
    reasons: new Array<Reason | undefined>(ofThreads.length),
    against: new Array<readonly Reason[] | undefined>(ofThreads.length),
    ofUnknown: evidence.unknownLikelihood(reading),
  };
  alreadyWeighed.set(reading, weighed);
  return weighed;
}

/** How the reading in this place stands to a thread of the catalogue; worked out once for a reading in its place. */
export function reasonOf(
  weighed: WeighedReading,
  place: number,
  thread: Thread,
  at: number,
): Reason {
  const known = weighed.reasons[at];
  if (known !== undefined && known.reading === place) return known;
  const { reading, ofThreads, best } = weighed;
  // Written into the fresh record: a thousand spreads would cost 2 ms.
  const reason: { -readonly [Key in keyof Reason]: Reason[Key] } = evidenceFor(reading).reason(
    reading,
    thread,
  );
  reason.reading = place;
  reason.support = Math.log((ofThreads[at] ?? 0) / best);
  weighed.reasons[at] = reason as Reason;
  return reason as Reason;
}
