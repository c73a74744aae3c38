import type { ThreadSide } from "../../catalogue/threads";
import { leafPitchMm } from "./leaf-evidence";
import type { InformativeTest, NextTest, OpeningTest } from "./next-test";
import { sideOf, type PartKind } from "./part";
import { vouchesForPitch } from "./pitch-vouched";
import type { Reading } from "./reading";
import { SETTLED_SHARE, isNoneHeld, unknownStanding } from "./standing";
import type { Contender } from "./test-worth";
import { secondLooks } from "./second-looks";
import { confirmingTests, testsWorthOffering } from "./tests-on-offer";
import { TOOLS, type Tool } from "./tools";

/** A reading of a part is asked for again once: what stands then is not a slip of that reading. */
export function againKey({ kind }: Reading): string {
  return `again ${kind}`;
}

/** What has happened to the part is asked once. */
export const CONDITION_KEY = "condition";

/** Every leaf: who cannot find the one that drops in is asked for none. */
const LEAVES_KEY = "leaf";

/** What a test is skipped by: its kind, and of one leaf or a trial which one. */
export function testKey(test: NextTest): string {
  if (test.kind === "again") return againKey(test.reading);
  if (test.kind === "condition") return CONDITION_KEY;
  if (test.kind === "leaf") {
    return test.others.length > 0 ? LEAVES_KEY : `leaf ${leafPitchMm(test.leaf)}`;
  }
  return test.kind === "trial-fit" ? `trial-fit ${test.with.id}` : test.kind;
}

/** A test that takes away less than this much doubt is not worth the trouble, in bits. */
const LEAST_BITS = 0.02;

const MOST_OFFERED = 3;

/** Answers that leave the same threads tell nothing to who reads them, and one answer is no test. */
function outcomesDiffer({ outcomes }: InformativeTest): boolean {
  const left = outcomes.map(({ leaves }) =>
    leaves
      .map(({ id }) => id)
      .sort()
      .join(" "),
  );
  return new Set(left).size > 1;
}

/** Threads behind these many play no part in choosing a test. */
const MOST_WEIGHED = 24;

/**
 * How much trouble a test is, against laying a leaf on. Estimates. They lie close together: what a test costs is above all that
 * one is asked at all, and it was measured that wider ones take more tests to settle.
 */
const TROUBLE: Readonly<Record<InformativeTest["kind"], number>> = {
  leaf: 1,
  taper: 0.95,
  "flank-angle": 1.2,
  "crest-form": 1.1,
  "taper-measured": 1.4,
  "thread-depth": 1.3,
  "trial-fit": 1.25,
  "crest-to-crest": 1.4,
  count: 1.3,
  "across-flats": 1.25,
  "head-mark": 1.05,
  origin: 1.25,
  function: 1,
  hand: 1,
};

const SIZES: ReadonlySet<Reading["kind"]> = new Set([
  "external-diameter",
  "diameter-between",
  "internal-diameter",
  "taper-measured",
]);

/** Whether a size across the thread was taken, without which no thread is likelier than how common it is. */
export function sizeWasRead(readings: readonly Reading[]): boolean {
  return readings.some(({ kind }) => SIZES.has(kind));
}

/** The side that is read: as the part is called, else as it was measured. */
export function sideRead(readings: readonly Reading[], part: PartKind | undefined): ThreadSide {
  if (part !== undefined) return sideOf(part);
  const bore = readings.some(
    (reading) =>
      reading.kind === "internal-diameter" ||
      (reading.kind === "function" && reading.what === "nut"),
  );
  return bore && !readings.some(({ kind }) => kind === "external-diameter")
    ? "internal"
    : "external";
}

function openingTest(side: ThreadSide, owns: ReadonlySet<Tool>): OpeningTest[] {
  const found = (["caliper", "micrometer", "hole-gauge", "rule"] as const).find((tool) =>
    owns.has(tool),
  );
  if (side === "internal") return [{ kind: "internal-diameter", tool: "caliper" }];
  if (found === undefined) return [];
  if (found === "hole-gauge") return [{ kind: "diameter-between", tool: found }];
  return [{ kind: "external-diameter", tool: found }];
}

/** What decides which tests can be made. */
export interface TestOptions {
  readonly part?: PartKind;
  /** What the fitter owns; default everything. */
  readonly tools?: readonly Tool[];
  /** Tests that the fitter cannot make or answer, by `testKey`. */
  readonly skip?: readonly string[];
}

/** Where what is not held leads, threads are not worth telling apart by their looks: only their sizes and pitches are. */
const OF_THE_THREAD: ReadonlySet<NextTest["kind"]> = new Set(["leaf", "count", "crest-to-crest"]);

/** What still stands after the readings. */
interface Remaining {
  /** Threads still in the running with their probabilities. */
  readonly standing: readonly Contender[];
  /** The share of what the catalogue does not hold. */
  readonly unknown: number;
}

/**
 * The tests worth making with the tools owned, best first: the size before anything, then what is expected to tell
 * most about what still stands for its trouble. None for what has been answered, or separates nothing, and none at all
 * where the part is taken for none that is held.
 */
export function nextTests(
  readings: readonly Reading[],
  { standing, unknown }: Remaining,
  { part, tools = TOOLS, skip = [] }: TestOptions = {},
): NextTest[] {
  if (isNoneHeld(unknown)) return [];
  const owns = new Set(tools);
  const side = sideRead(readings, part);
  if (!sizeWasRead(readings)) {
    const opening = openingTest(side, owns);
    if (opening.length > 0) return opening;
  }
  const weighed = standing.slice(0, MOST_WEIGHED);
  const total = weighed.reduce((sum, { probability }) => sum + probability, 0);
  if (total === 0) return [];
  const shares = weighed.map(({ thread, probability }) => ({
    thread,
    probability: probability / total,
  }));
  const setting = { readings, standing: shares, owns, side, part };
  const lost = unknownStanding(unknown) === "leads";
  const possible = (test: NextTest) =>
    (!lost || OF_THE_THREAD.has(test.kind)) &&
    !skip.includes(testKey(test)) &&
    !skip.includes(test.kind);
  const tellsEnough = (test: InformativeTest) =>
    test.bits >= LEAST_BITS && outcomesDiffer(test) && possible(test);
  const telling =
    shares.length < 2
      ? []
      : testsWorthOffering(setting)
          .filter(tellsEnough)
          .sort((a, b) => b.bits / TROUBLE[b.kind] - a.bits / TROUBLE[a.kind])
          .slice(0, MOST_OFFERED);
  // Where one thread is as good as found, what it lacks is its pitch, or a witness more.
  const pitchLacks =
    !readings.some(vouchesForPitch) && (shares[0]?.probability ?? 0) >= SETTLED_SHARE;
  if (telling.length > 0 && !pitchLacks) return telling;
  const left = [...confirmingTests(setting).filter(possible).slice(0, 1), ...telling];
  if (left.length > 0 || lost) return left.slice(0, MOST_OFFERED);
  const again = secondLooks(setting);
  return [...again.telling.filter(tellsEnough), ...again.size.filter(possible)];
}
