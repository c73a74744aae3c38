import type { Thread } from "../threads";
import { leafOutcomes } from "./leaf-evidence";
import { leavesWorthTrying } from "./leaves";
import type { Reading } from "./reading";
import type { LeafMark } from "./reason";

/** One way a test can come out, how likely that is, and which threads it would leave standing. */
export interface TestOutcome {
  readonly outcome: "drops-in" | "rocks";
  readonly probability: number;
  /** Most likely first; only those that would hold a tenth or more. */
  readonly leaves: readonly Thread[];
}

/** A test worth making next. `words` makes the instruction. */
export type NextTest =
  | { readonly kind: "external-diameter" }
  | {
      readonly kind: "leaf";
      readonly leaf: LeafMark;
      /** Expected information, in bits: how much of the doubt the answer would take away. */
      readonly bits: number;
      readonly outcomes: readonly [TestOutcome, TestOutcome];
    }
  | { readonly kind: "crest-to-crest" };

/** A candidate as far as choosing a test is concerned. */
export interface Standing {
  readonly thread: Thread;
  readonly probability: number;
}

/** A test that takes away less than this much doubt is not worth the trouble, in bits. */
const LEAST_BITS = 0.04;

function binaryEntropy(p: number): number {
  if (p <= 0 || p >= 1) return 0;
  return -p * Math.log2(p) - (1 - p) * Math.log2(1 - p);
}

function outcomeOf(
  outcome: "drops-in" | "rocks",
  standing: readonly Standing[],
  chances: readonly number[],
): TestOutcome {
  const joint = standing.map(({ thread, probability }, i) => ({
    thread,
    share: probability * (chances[i] ?? 0),
  }));
  const probability = joint.reduce((sum, { share }) => sum + share, 0);
  const leaves = joint
    .filter(({ share }) => share >= 0.1 * probability)
    .sort((a, b) => b.share - a.share)
    .map(({ thread }) => thread);
  return { outcome, probability, leaves };
}

function leafTest(leaf: LeafMark, standing: readonly Standing[]): NextTest & { kind: "leaf" } {
  const drops = standing.map(({ thread }) => {
    const outcomes = leafOutcomes(leaf, thread);
    return outcomes["drops-in"] / (outcomes["drops-in"] + outcomes.rocks);
  });
  const dropsIn = outcomeOf("drops-in", standing, drops);
  const rocks = outcomeOf(
    "rocks",
    standing,
    drops.map((chance) => 1 - chance),
  );
  const doubtLeft = standing.reduce(
    (sum, { probability }, i) => sum + probability * binaryEntropy(drops[i] ?? 0),
    0,
  );
  const bits = binaryEntropy(dropsIn.probability) - doubtLeft;
  return { kind: "leaf", leaf, bits, outcomes: [dropsIn, rocks] };
}

/**
 * The tests worth making, best first: the diameter before anything, then the leaf whose answer is expected to
 * tell most about what still stands, then the pitch over the crests when leaves no longer separate.
 * @param standing threads still in the running with their probabilities
 */
export function nextTests(readings: readonly Reading[], standing: readonly Standing[]): NextTest[] {
  if (!readings.some((reading) => reading.kind === "external-diameter")) {
    return [{ kind: "external-diameter" }];
  }
  const total = standing.reduce((sum, { probability }) => sum + probability, 0);
  if (standing.length < 2 || total === 0) return [];
  const shares = standing.map(({ thread, probability }) => ({
    thread,
    probability: probability / total,
  }));
  const leafTests = leavesWorthTrying(shares, readings)
    .map((leaf) => leafTest(leaf, shares))
    .filter(({ bits }) => bits >= LEAST_BITS)
    .sort((a, b) => b.bits - a.bits)
    .slice(0, 3);
  const pitchMeasured = readings.some(({ kind }) => kind === "crest-to-crest");
  return pitchMeasured || leafTests.length > 0 ? leafTests : [{ kind: "crest-to-crest" }];
}
