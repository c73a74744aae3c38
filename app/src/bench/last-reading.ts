import type { Reading, ReadingKind, ReadingOf } from "@root-gauge/core";

/** The last reading of a kind, or undefined when there is none. */
export function lastReading<K extends ReadingKind>(
  readings: readonly Reading[],
  kind: K,
): ReadingOf<K> | undefined {
  return readings.findLast((reading): reading is ReadingOf<K> => reading.kind === kind);
}
