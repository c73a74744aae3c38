import type { Finish } from "../looks";
import type { PartCondition, Reading } from "./reading";
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

// A reading with what its finish says is weighed once, like any other.
const coated = new WeakMap<Reading, Map<PartCondition, Reading>>();

function withCondition(reading: Reading, condition: PartCondition): Reading {
  const known = coated.get(reading) ?? new Map<PartCondition, Reading>();
  coated.set(reading, known);
  const made = known.get(condition) ?? ({ ...reading, condition } as Reading);
  known.set(condition, made);
  return made;
}

/** The readings, each size of which nobody judged the condition taken for coated where a finish was seen. */
export function withStatedFinish(readings: readonly Reading[]): readonly Reading[] {
  const finish = lastReading(readings, "finish")?.finish;
  const condition = finish === undefined ? undefined : COATS[finish];
  if (condition === undefined) return readings;
  return readings.map((reading) => {
    const sized =
      reading.kind === "external-diameter" ||
      reading.kind === "diameter-between" ||
      reading.kind === "internal-diameter";
    return sized && reading.condition === undefined ? withCondition(reading, condition) : reading;
  });
}
