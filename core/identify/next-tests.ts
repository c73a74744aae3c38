import type { Thread } from "../threads";
import { angleOutcomes, calledTapered, FLANK_ANGLES, type FlankAngle } from "./form-evidence";
import { leafOutcomes } from "./leaf-evidence";
import { leavesWorthTrying } from "./leaves";
import type { Reading } from "./reading";
import type { LeafMark } from "./reason";

/** One way a test can come out, how likely that is, and which threads it would leave standing. */
export interface TestOutcome<Answer> {
  readonly outcome: Answer;
  readonly probability: number;
  /** Most likely first; only those that would hold a tenth or more. */
  readonly leaves: readonly Thread[];
}

type LeafAnswer = "drops-in" | "rocks";

/** A test worth making next. `words` makes the instruction. */
export type NextTest =
  | { readonly kind: "external-diameter" }
  | {
      readonly kind: "leaf";
      readonly leaf: LeafMark;
      /** Expected information, in bits: how much of the doubt the answer would take away. */
      readonly bits: number;
      readonly outcomes: readonly [TestOutcome<LeafAnswer>, TestOutcome<LeafAnswer>];
    }
  | {
      readonly kind: "flank-angle";
      readonly bits: number;
      /** The answers that are to be reckoned with, likeliest first. */
      readonly outcomes: readonly TestOutcome<FlankAngle>[];
    }
  | {
      readonly kind: "taper";
      readonly bits: number;
      readonly outcomes: readonly [TestOutcome<boolean>, TestOutcome<boolean>];
    }
  | { readonly kind: "crest-to-crest" };

type InformativeTest = Extract<NextTest, { bits: number }>;

/** A candidate as far as choosing a test is concerned. */
export interface Standing {
  readonly thread: Thread;
  readonly probability: number;
}

/** A test that takes away less than this much doubt is not worth the trouble, in bits. */
const LEAST_BITS = 0.04;

/** How much trouble a test is, against laying a leaf on. */
const TROUBLE: Readonly<Record<InformativeTest["kind"], number>> = {
  leaf: 1,
  taper: 0.7,
  "flank-angle": 1.6,
};

/** Doubt in bits over outcomes of these probabilities. */
function entropy(probabilities: readonly number[]): number {
  return probabilities.reduce((sum, p) => (p <= 0 ? sum : sum - p * Math.log2(p)), 0);
}

function outcomeOf<Answer>(
  outcome: Answer,
  standing: readonly Standing[],
  chanceOn: (thread: Thread) => number,
): TestOutcome<Answer> {
  const joint = standing.map(({ thread, probability }) => ({
    thread,
    share: probability * chanceOn(thread),
  }));
  const probability = joint.reduce((sum, { share }) => sum + share, 0);
  const leaves = joint
    .filter(({ share }) => share >= 0.1 * probability)
    .sort((a, b) => b.share - a.share)
    .map(({ thread }) => thread);
  return { outcome, probability, leaves };
}

/** Expected information: the doubt over the answer less the doubt that would be left if the thread were known. */
function expectedBits<Answer>(
  outcomes: readonly TestOutcome<Answer>[],
  standing: readonly Standing[],
  chanceOf: (answer: Answer, thread: Thread) => number,
): number {
  const doubt = entropy(outcomes.map(({ probability }) => probability));
  return standing.reduce(
    (bits, { thread, probability }) =>
      bits - probability * entropy(outcomes.map(({ outcome }) => chanceOf(outcome, thread))),
    doubt,
  );
}

function leafTest(leaf: LeafMark, standing: readonly Standing[]): NextTest & { kind: "leaf" } {
  const chanceOf = (answer: LeafAnswer, thread: Thread) => {
    const chances = leafOutcomes(leaf, thread);
    return chances[answer] / (chances["drops-in"] + chances.rocks);
  };
  const ofAnswer = (answer: LeafAnswer) =>
    outcomeOf(answer, standing, (thread) => chanceOf(answer, thread));
  const outcomes = [ofAnswer("drops-in"), ofAnswer("rocks")] as const;
  return { kind: "leaf", leaf, bits: expectedBits(outcomes, standing, chanceOf), outcomes };
}

/** An answer less likely than this is not worth a button. */
const LEAST_ANSWER = 0.03;
const MOST_ANSWERS = 4;

function angleTest(standing: readonly Standing[]): NextTest & { kind: "flank-angle" } {
  const chances = new Map(standing.map(({ thread }) => [thread.id, angleOutcomes(thread)]));
  const chanceOf = (angle: FlankAngle, thread: Thread) => chances.get(thread.id)?.get(angle) ?? 0;
  const all = FLANK_ANGLES.map((angle) =>
    outcomeOf(angle, standing, (thread) => chanceOf(angle, thread)),
  );
  return {
    kind: "flank-angle",
    bits: expectedBits(all, standing, chanceOf),
    outcomes: all
      .filter(({ probability }) => probability >= LEAST_ANSWER)
      .sort((a, b) => b.probability - a.probability)
      .slice(0, MOST_ANSWERS),
  };
}

function taperTest(standing: readonly Standing[]): NextTest & { kind: "taper" } {
  const chanceOf = (tapered: boolean, thread: Thread) =>
    tapered ? calledTapered(thread) : 1 - calledTapered(thread);
  const ofAnswer = (tapered: boolean) =>
    outcomeOf(tapered, standing, (thread) => chanceOf(tapered, thread));
  const outcomes = [ofAnswer(true), ofAnswer(false)] as const;
  return { kind: "taper", bits: expectedBits(outcomes, standing, chanceOf), outcomes };
}

/** The tests that have not been made, with what each is expected to tell. */
function informativeTests(
  readings: readonly Reading[],
  standing: readonly Standing[],
): InformativeTest[] {
  const made = new Set(readings.map(({ kind }) => kind));
  return [
    ...leavesWorthTrying(standing, readings).map((leaf) => leafTest(leaf, standing)),
    ...(made.has("flank-angle") ? [] : [angleTest(standing)]),
    ...(made.has("taper") ? [] : [taperTest(standing)]),
  ];
}

/**
 * The tests worth making, best first: the diameter before anything, then what is expected to tell most about what
 * still stands for its trouble (a leaf, the flank angle, whether it tapers), then the pitch over the crests when
 * nothing separates.
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
  const tests = informativeTests(readings, shares)
    .filter(({ bits }) => bits >= LEAST_BITS)
    .sort((a, b) => b.bits / TROUBLE[b.kind] - a.bits / TROUBLE[a.kind])
    .slice(0, 3);
  const pitchMeasured = readings.some(({ kind }) => kind === "crest-to-crest");
  return pitchMeasured || tests.length > 0 ? tests : [{ kind: "crest-to-crest" }];
}
