import type { Finish } from "../looks";
import {
  isSized,
  type PartCondition,
  type Reading,
  type ReadingOf,
  type SizedReading,
} from "./reading";
import { lastReading } from "./readings-of-kind";

/** Finishes that change the size of a part. */
const COATS: Partial<Record<Finish, PartCondition>> = {
  galvanised: "galvanised",
  zinc: "plated",
  "zinc-yellow": "plated",
  "zinc-flake": "plated",
  nickel: "plated",
  cadmium: "plated",
};

// A reading with what the others say of its part is weighed once, like any other.
const besideOthers = new WeakMap<Reading, Map<PartCondition, Reading>>();

function knownAs(
  reading: SizedReading | ReadingOf<"trial-fit">,
  condition: PartCondition,
): Reading {
  const known = besideOthers.get(reading) ?? new Map<PartCondition, Reading>();
  besideOthers.set(reading, known);
  const one = known.get(condition) ?? { ...reading, condition };
  known.set(condition, one);
  return one;
}

/**
 * The readings with what is known of the part's condition: each size of which nobody judged it taken for coated where a
 * finish was seen; and a known part tried on it judged by what was said of its size, whose wear or coat is on the flanks too.
 */
export function withStatedCondition(readings: readonly Reading[]): readonly Reading[] {
  const finish = lastReading(readings, "finish")?.finish;
  const coat = finish === undefined ? undefined : COATS[finish];
  const said = readings
    .filter(isSized)
    .map(({ condition }) => condition)
    .findLast((one) => one !== undefined);
  const ofPart = said ?? coat;
  if (ofPart === undefined) return readings;
  return readings.map((reading) => {
    if (reading.kind === "trial-fit") return knownAs(reading, ofPart);
    if (coat === undefined || !isSized(reading) || reading.condition !== undefined) return reading;
    return knownAs(reading, coat);
  });
}
