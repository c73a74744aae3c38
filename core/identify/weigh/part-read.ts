import { sideRead } from "./next-tests";
import type { PartKind } from "./part";
import type { Reading } from "./reading";
import { lastReading } from "./readings-of-kind";

/** What lies on the bench: as it was called; else a nut when a bore was read, a fitting when it does that, or a bolt. */
export function partRead(readings: readonly Reading[], called: PartKind | undefined): PartKind {
  if (called !== undefined) return called;
  const inside = sideRead(readings, undefined) === "internal";
  const fitting = lastReading(readings, "function")?.what === "pipe-fitting";
  if (fitting) return inside ? "pipe-female" : "pipe-male";
  return inside ? "nut" : "bolt";
}

/** Whether it is the end of a pipe or a fitting. */
export const isPipe = (part: PartKind) => part === "pipe-male" || part === "pipe-female";

/** The readings once the part is called this: a pipe end is a fitting, and what was one no longer is. */
export function readingsOfPart(readings: readonly Reading[], part: PartKind): readonly Reading[] {
  const said = lastReading(readings, "function");
  if (isPipe(part)) {
    return said === undefined
      ? [...readings, { kind: "function", what: "pipe-fitting" }]
      : readings;
  }
  return said?.what === "pipe-fitting" ? readings.filter((reading) => reading !== said) : readings;
}

/** What is true of the whole machine and of the next part like this one. */
const SHARED: ReadonlySet<Reading["kind"]> = new Set(["origin", "function"]);

/** The readings that are kept for another part of the same kind from the same machine. */
export function readingsForNext(readings: readonly Reading[]): readonly Reading[] {
  return readings.filter(({ kind }) => SHARED.has(kind));
}
