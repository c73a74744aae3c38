import type { Reading, ReadingKind, ReadingOf } from "./reading";

/** The readings of one kind, in the order taken. */
export function readingsOfKind<K extends ReadingKind>(
  readings: readonly Reading[],
  kind: K,
): readonly ReadingOf<K>[] {
  return readings.filter((reading): reading is ReadingOf<K> => reading.kind === kind);
}

/** The last reading of a kind, which stands in the place of those before; undefined when there is none. */
export function lastReading<K extends ReadingKind>(
  readings: readonly Reading[],
  kind: K,
): ReadingOf<K> | undefined {
  return readings.findLast((reading): reading is ReadingOf<K> => reading.kind === kind);
}
