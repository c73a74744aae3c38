import { identify } from "./identify";
import type { EndReading, Reading, ReadingKind, ReadingOf } from "./reading";
import { lastReading } from "./readings-of-kind";
import { summaryOf, type IdentificationSummary } from "./summary";

/** What is told of the whole part, whichever end of it is read. */
const OF_WHOLE: ReadonlySet<ReadingKind> = new Set([
  "length",
  "head-mark",
  "head-style",
  "finish",
  "magnet",
  "origin",
  "other-end",
]);

const isOfEnd = (reading: Reading): reading is EndReading => !OF_WHOLE.has(reading.kind);

/** A stud turned end for end: what was read of this end is kept, and what was read of the other, if anything, is read on. */
export function turnedEnd(readings: readonly Reading[]): readonly Reading[] {
  const other = lastReading(readings, "other-end")?.readings ?? [];
  const whole = readings.filter(({ kind }) => OF_WHOLE.has(kind) && kind !== "other-end");
  return [...whole, ...other, { kind: "other-end", readings: readings.filter(isOfEnd) }];
}

const found = new WeakMap<ReadingOf<"other-end">, IdentificationSummary>();

/** What the readings of a stud's other end say by themselves. */
export function foundAtOtherEnd(end: ReadingOf<"other-end">): IdentificationSummary {
  const known = found.get(end);
  if (known !== undefined) return known;
  const said = summaryOf(identify(end.readings, { part: "stud" }));
  found.set(end, said);
  return said;
}
