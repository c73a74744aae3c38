import { catalogue } from "../threads";
import { evidenceFor } from "./evidence";
import type { Reading } from "./reading";

/** One reading's likelihood for every thread in catalogue order, and for the unknown. */
export interface ReadingLikelihoods {
  readonly ofThreads: Float64Array;
  readonly ofUnknown: number;
}

/** A reading with what it says of every thread. */
export interface WeighedReading extends ReadingLikelihoods {
  readonly reading: Reading;
}

// Readings are data that do not change, so what one says of the catalogue is worked out once.
const alreadyWeighed = new WeakMap<Reading, WeighedReading>();

/** Weighs one reading against the whole catalogue. */
export function weighReading(reading: Reading): WeighedReading {
  const known = alreadyWeighed.get(reading);
  if (known !== undefined) return known;
  const evidence = evidenceFor(reading);
  const weighed = {
    reading,
    ofThreads: Float64Array.from(catalogue(), (thread) => evidence.likelihood(reading, thread)),
    ofUnknown: evidence.unknownLikelihood(reading),
  };
  alreadyWeighed.set(reading, weighed);
  return weighed;
}
