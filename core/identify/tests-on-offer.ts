import { hasFlats, hexFlats } from "../looks";
import type { ThreadSide } from "../threads";
import { commonnessOf } from "./commonness";
import { normalDensity } from "./distributions";
import { angleOutcomes } from "./flank-angle-evidence";
import { flatsDensity } from "./flats-evidence";
import { leafOutcomes } from "./leaf-evidence";
import { leavesWorthTrying } from "./leaves";
import { markChance } from "./mark-evidence";
import type { MarkKind } from "./mark-kind";
import type { InformativeTest, TestAnswer } from "./next-test";
import { KNOWN_PLACES, placeChances } from "./origin-evidence";
import type { PartKind } from "./part";
import { CREST_SD, countChance } from "./pitch-evidence";
import { FLANK_ANGLES, TRIAL_OUTCOMES, type Reading } from "./reading";
import { lastReading } from "./readings-of-kind";
import { calledTapered } from "./taper-evidence";
import { worthOf, type Contender, type TestOutcome, type TestWorth } from "./test-worth";
import type { Tool } from "./tools";
import { TEST_TURNS, knownPart, trialOutcomes } from "./trial-evidence";

/** What is known when a test is to be chosen. */
export interface TestSetting {
  readonly readings: readonly Reading[];
  /** Threads still in the running; their probabilities make 1. */
  readonly standing: readonly Contender[];
  readonly owns: ReadonlySet<Tool>;
  readonly side: ThreadSide;
  readonly part: PartKind | undefined;
}

/** An answer less likely than this is not worth a button. */
const LEAST_ANSWER = 0.03;
const MOST_ANSWERS = 4;

/** The likeliest answers, likeliest first. */
function reckonedWith<Answer>(
  outcomes: readonly TestOutcome<Answer>[],
): readonly TestOutcome<Answer>[] {
  return outcomes
    .filter(({ probability }) => probability >= LEAST_ANSWER)
    .sort((a, b) => b.probability - a.probability)
    .slice(0, MOST_ANSWERS);
}

function withAnswers<Answer>(
  { bits, outcomes }: TestWorth<Answer>,
  answerOf: (answer: Answer) => TestAnswer,
): Pick<InformativeTest, "bits" | "outcomes"> {
  return {
    bits,
    outcomes: outcomes.map((outcome) => ({ ...outcome, answer: answerOf(outcome.answer) })),
  };
}

const taken = (reading: Reading): TestAnswer => ({ kind: "reading", reading });

function leafTests({ readings, standing, owns }: TestSetting): InformativeTest[] {
  return leavesWorthTrying(standing, readings)
    .filter((leaf) =>
      "tpi" in leaf ? owns.has("inch-leaves") || owns.has("leaves-55") : owns.has("metric-leaves"),
    )
    .map((leaf) => {
      const chances = new Map(
        standing.map(({ thread }) => [thread.id, leafOutcomes(leaf, thread)]),
      );
      const worth = worthOf(
        ["drops-in", "rocks"] as const,
        standing,
        (outcome, { id }) => chances.get(id)?.[outcome] ?? 0,
      );
      return {
        kind: "leaf",
        leaf,
        ...withAnswers(worth, (outcome) => taken({ kind: "leaf", ...leaf, outcome })),
      };
    });
}

function angleTest({ standing, owns }: TestSetting): InformativeTest[] {
  if (!owns.has("angle-gauge") && !owns.has("leaves-55")) return [];
  const chances = new Map(standing.map(({ thread }) => [thread.id, angleOutcomes(thread)]));
  const worth = worthOf(
    FLANK_ANGLES,
    standing,
    (angle, { id }) => chances.get(id)?.get(angle) ?? 0,
  );
  const { bits, outcomes } = withAnswers(worth, (degrees) =>
    taken({ kind: "flank-angle", degrees }),
  );
  return [{ kind: "flank-angle", bits, outcomes: reckonedWith(outcomes) }];
}

function taperTest({ standing }: TestSetting): InformativeTest[] {
  const worth = worthOf([true, false], standing, (tapered, thread) =>
    tapered ? calledTapered(thread) : 1 - calledTapered(thread),
  );
  return [{ kind: "taper", ...withAnswers(worth, (tapered) => taken({ kind: "taper", tapered })) }];
}

/** Known parts are at hand for the likeliest threads only, and only in sizes that a shop keeps. */
const MOST_KNOWN_PARTS = 3;
/** While more threads than this stand, a leaf or a count parts them better than any one known part. */
const MOST_TRIED_AMONG = 12;

function trialTests({ readings, standing, owns, side }: TestSetting): InformativeTest[] {
  if (!owns.has("known-parts") || standing.length > MOST_TRIED_AMONG) return [];
  const tried = new Set(
    readings.flatMap((reading) =>
      reading.kind === "trial-fit" ? [knownPart(reading.with)?.id] : [],
    ),
  );
  const kept = ({ thread }: Contender) =>
    commonnessOf(thread) !== "rare" && thread.only === undefined && !tried.has(thread.id);
  return standing
    .filter(kept)
    .slice(0, MOST_KNOWN_PARTS)
    .map(({ thread: known }) => {
      const chances = new Map(
        standing.map(({ thread }) => [thread.id, trialOutcomes(thread, known, side)]),
      );
      const worth = worthOf(
        TRIAL_OUTCOMES,
        standing,
        (outcome, { id }) => chances.get(id)?.[outcome] ?? 0,
      );
      const { bits, outcomes } = withAnswers(worth, (outcome) =>
        taken({
          kind: "trial-fit",
          with: known.designation,
          partIs: side,
          outcome,
          // What ran, ran as far as it was asked to.
          ...(outcome === "runs-freely" || outcome === "loose" ? { turns: TEST_TURNS } : {}),
        }),
      );
      return {
        kind: "trial-fit",
        with: known,
        partIs: side,
        bits,
        outcomes: reckonedWith(outcomes),
      };
    });
}

/** Sizes nearer to each other than this share of their spread are one outcome. */
const ONE_OUTCOME = 2;

/** Beyond the likeliest few, sizes only take time. */
const MOST_SIZES = 8;

/** The different sizes that threads would show, likeliest first, each thread's own put with the first near enough. */
function differentSizes(sizes: readonly number[], sd: number): number[] {
  return sizes
    .reduce<number[]>(
      (found, size) =>
        found.some((other) => Math.abs(other - size) < ONE_OUTCOME * sd) ? found : [...found, size],
      [],
    )
    .slice(0, MOST_SIZES);
}

const sizeAnswer = (mm: number): TestAnswer => ({ kind: "size", mm });

/** Ten pitches are spanned where they are fine, five where ten would be longer than a bolt. */
const LONGEST_SPAN_MM = 26;

function crestTest({ standing, owns, side }: TestSetting): InformativeTest[] {
  const [likeliest] = standing;
  if (!owns.has("caliper") || side === "internal" || likeliest === undefined) return [];
  const pitches = likeliest.thread.pitchMm * 10 <= LONGEST_SPAN_MM ? 10 : 5;
  const spans = standing.map(({ thread }) => pitches * thread.pitchMm);
  const worth = worthOf(differentSizes(spans, CREST_SD), standing, (mm, thread) =>
    normalDensity(mm, pitches * thread.pitchMm, CREST_SD),
  );
  const { bits, outcomes } = withAnswers(worth, sizeAnswer);
  return [{ kind: "crest-to-crest", pitches, bits, outcomes: reckonedWith(outcomes) }];
}

const COUNTED_SPAN_MM = 25.4;

function countTest({ standing, owns, side }: TestSetting): InformativeTest[] {
  if (!owns.has("rule") || side === "internal") return [];
  const counts = standing.map(({ thread }) => Math.round(COUNTED_SPAN_MM / thread.pitchMm));
  const worth = worthOf([...new Set(counts)].slice(0, MOST_SIZES), standing, (threads, thread) =>
    countChance({ kind: "count", threads, spanMm: COUNTED_SPAN_MM }, thread),
  );
  const { bits, outcomes } = withAnswers(worth, (threads) =>
    taken({ kind: "count", threads, spanMm: COUNTED_SPAN_MM }),
  );
  return [{ kind: "count", spanMm: COUNTED_SPAN_MM, bits, outcomes: reckonedWith(outcomes) }];
}

const HAS_HEXAGON: ReadonlySet<PartKind | undefined> = new Set([undefined, "bolt", "nut"]);

/** Hexagons nearer than this are one outcome, mm. */
const FLATS_APART_MM = 0.15;

function flatsTest({ standing, owns, part }: TestSetting): InformativeTest[] {
  if (!owns.has("caliper") || !HAS_HEXAGON.has(part)) return [];
  const flats = standing.flatMap(({ thread }) =>
    hexFlats(thread).map(({ acrossFlatsMm }) => acrossFlatsMm),
  );
  const worth = worthOf(differentSizes(flats, FLATS_APART_MM), standing, flatsDensity);
  const { bits, outcomes } = withAnswers(worth, sizeAnswer);
  return [{ kind: "across-flats", bits, outcomes: reckonedWith(outcomes) }];
}

const MARKS: readonly MarkKind[] = [
  "metric-class",
  "stainless",
  "lines",
  "letter",
  "none",
  "maker",
];

function markTest({ standing, part }: TestSetting): InformativeTest[] {
  if (!HAS_HEXAGON.has(part)) return [];
  const worth = worthOf(MARKS, standing, markChance);
  const { bits, outcomes } = withAnswers(worth, (mark): TestAnswer =>
    mark === "none" ? taken({ kind: "head-mark", mark }) : { kind: "mark", mark },
  );
  return [{ kind: "head-mark", bits, outcomes: reckonedWith(outcomes) }];
}

function originTest({ standing }: TestSetting): InformativeTest[] {
  const chances = new Map(standing.map(({ thread }) => [thread.id, placeChances(thread)]));
  const worth = worthOf(
    KNOWN_PLACES,
    standing,
    (place, { id }) => chances.get(id)?.get(place) ?? 0,
  );
  return [{ kind: "origin", ...withAnswers(worth, (place) => taken({ kind: "origin", place })) }];
}

/** The tests that can be made with what is owned and have not been made, each with what it is expected to tell. */
export function testsWorthOffering(setting: TestSetting): InformativeTest[] {
  const made = new Set(setting.readings.map(({ kind }) => kind));
  const head = lastReading(setting.readings, "head-style")?.head;
  const once = (kind: Reading["kind"], tests: () => InformativeTest[]) =>
    made.has(kind) ? [] : tests();
  return [
    ...leafTests(setting),
    ...once("flank-angle", () => angleTest(setting)),
    ...(made.has("taper-measured") ? [] : once("taper", () => taperTest(setting))),
    ...trialTests(setting),
    ...once("crest-to-crest", () => crestTest(setting)),
    ...(made.has("crest-to-crest") ? [] : once("count", () => countTest(setting))),
    ...(head !== undefined && !hasFlats(head)
      ? []
      : once("across-flats", () => flatsTest(setting))),
    ...once("head-mark", () => markTest(setting)),
    ...once("origin", () => originTest(setting)),
  ];
}

/**
 * The tests that vouch for the pitch of the likeliest thread where nothing has, the handiest first: its own leaf, a
 * length over some pitches, a count. Each says what it would mean if it came out otherwise.
 */
export function confirmingTests(setting: TestSetting): InformativeTest[] {
  const own = { ...setting, standing: setting.standing.slice(0, 1) };
  return [...leafTests(own), ...crestTest(own), ...countTest(own)].map((test) => {
    // What does not agree with the likeliest leaves none of those that stand.
    const outcomes = test.outcomes.map((outcome) =>
      outcome.probability < 0.5 ? { ...outcome, leaves: [] } : outcome,
    );
    const onlyOne = outcomes.length < 2;
    const otherwise = { answer: { kind: "other" }, probability: 0, leaves: [] } as const;
    return { ...test, outcomes: onlyOne ? [...outcomes, otherwise] : outcomes };
  });
}
