import { hexFlats } from "@root-gauge/core/catalogue/looks";
import type { MatingFit } from "@root-gauge/core/identify/mating";
import { sizesOverCrests, type Thread } from "@root-gauge/core/catalogue/threads";
import type { Mm } from "@root-gauge/core/measure";
import { drawn, type SeededRandom } from "@root-gauge/core/random";

/** An externally threaded part as it truly is. */
export interface SimulatedPart {
  readonly thread: Thread;
  /** Over its crests, where the jaws take it. */
  readonly majorMm: Mm;
  readonly worn: boolean;
  readonly fit: MatingFit;
  /** Across the flats of its head; absent without one. */
  readonly flatsMm?: Mm;
}

const WORN_SHARE = 0.1;

/** A worn part has lost at least this much, and most often no more than as much again as it has tolerance. */
const LEAST_WORN_MM = 0.03;

/** A part made within its limits: about their middle, none outside. */
function withinLimits(min: Mm, max: Mm, random: SeededRandom): Mm {
  const width = max - min;
  const size = (min + max) / 2 + random.normal() * 0.22 * width;
  return Math.min(max, Math.max(min, size));
}

const OLDER_HEXAGON = 0.25;
const OTHER_HEXAGON = 0.08;

function flatsOf(thread: Thread, random: SeededRandom): Mm | undefined {
  const [usual, ...older] = hexFlats(thread);
  const chance = random.even();
  const which = random.even();
  const shrink = 1 - 0.016 * random.even();
  if (usual === undefined) return undefined;
  if (chance < OTHER_HEXAGON) return usual.acrossFlatsMm * (0.8 + 0.4 * which);
  const other = older[Math.floor(which * older.length)];
  const nominal = chance < OTHER_HEXAGON + OLDER_HEXAGON && other !== undefined ? other : usual;
  return nominal.acrossFlatsMm * shrink;
}

/**
 * A part drawn from threads that are made outside: true sizes within the limits of the usual class, one in ten worn.
 * @param weightOf how often a thread is drawn
 */
export function drawPart(
  threads: readonly Thread[],
  weightOf: (thread: Thread) => number,
  random: SeededRandom,
): SimulatedPart {
  const thread = drawn(threads, weightOf, random);
  const sizes = thread && sizesOverCrests(thread);
  if (thread === undefined || sizes === undefined) {
    throw new RangeError("a simulated part needs a thread that is made outside");
  }
  const { min, max } = sizes;
  const sound =
    thread.taper === undefined
      ? withinLimits(min, max, random)
      : min + (0.1 + 0.8 * random.even()) * (max - min);
  const worn = random.even() < WORN_SHARE;
  const loss = LEAST_WORN_MM + Math.abs(random.normal()) * (0.03 + 0.4 * (max - min));
  const fit = drawn(["middle", "middle", "tightest", "loosest"] as const, () => 1, random);
  const flatsMm = flatsOf(thread, random);
  return {
    thread,
    majorMm: worn ? sound - loss : sound,
    worn,
    fit: fit ?? "middle",
    ...(flatsMm === undefined ? {} : { flatsMm }),
  };
}
