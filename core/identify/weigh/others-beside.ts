import type { Finish } from "../../catalogue/looks";
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

/** What other readings of the part bear on a known part tried on it. */
type Beside = Pick<ReadingOf<"trial-fit">, "condition" | "crestsMm">;

/** What the sizes say of the part that a known part is tried on: what happened to it, and its widest size over the crests. */
export function besideTrials(readings: readonly Reading[]): Beside {
  const said = readings
    .filter(isSized)
    .map(({ condition }) => condition)
    .findLast((one) => one !== undefined);
  const condition = said ?? coatSeen(readings);
  const crestsMm = readings.reduce(
    (widest, reading) =>
      reading.kind === "external-diameter" ? Math.max(widest, reading.mm) : widest,
    0,
  );
  return {
    ...(condition === undefined ? {} : { condition }),
    ...(crestsMm > 0 ? { crestsMm } : {}),
  };
}

function coatSeen(readings: readonly Reading[]): PartCondition | undefined {
  const finish = lastReading(readings, "finish")?.finish;
  return finish === undefined ? undefined : COATS[finish];
}

// A reading with what the others say of its part is weighed once, like any other.
const weighedBeside = new WeakMap<Reading, Map<string, Reading>>();

function knownAs(
  reading: SizedReading | ReadingOf<"trial-fit" | "taper-measured">,
  beside: Beside,
): Reading {
  const known = weighedBeside.get(reading) ?? new Map<string, Reading>();
  weighedBeside.set(reading, known);
  const key = `${beside.condition} ${beside.crestsMm}`;
  const one = known.get(key) ?? { ...reading, ...beside };
  known.set(key, one);
  return one;
}

/**
 * The readings, each with what the others say of its part: a size of which nobody judged it taken for coated where a
 * finish was seen; a known part tried on it judged by what was said of its size, and by how far that is under a thread: wear and
 * coats are on the flanks too; and of both ends measured the size known, where it was read before.
 */
export function withOthersBeside(readings: readonly Reading[]): readonly Reading[] {
  const coat = coatSeen(readings);
  const beside = besideTrials(readings);
  return readings.map((reading) => {
    if (reading.kind === "trial-fit") return knownAs(reading, beside);
    if (reading.kind === "taper-measured") {
      const { crestsMm } = beside;
      return crestsMm === undefined ? reading : knownAs(reading, { crestsMm });
    }
    if (coat === undefined || !isSized(reading) || reading.condition !== undefined) return reading;
    return knownAs(reading, { condition: coat });
  });
}
