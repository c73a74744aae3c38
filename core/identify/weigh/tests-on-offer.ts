import { MM_PER_INCH } from "../../measure";
import { hasFlats, hexFlats } from "../../catalogue/looks";
import { commonnessOf } from "./commonness";
import { normalDensity } from "./distributions";
import { flatsDensity } from "./flats-evidence";
import { angleTest, crestFormTest, depthTest, taperMeasuredTest, taperTest } from "./form-tests";
import { leafTests } from "./leaf-tests";
import { markChance } from "./mark-evidence";
import type { MarkKind } from "./mark-kind";
import type { InformativeTest, TestAnswer } from "./next-test";
import { KNOWN_PLACES, placeChances } from "./origin-evidence";
import type { PartKind } from "./part";
import { CREST_SD, countChance } from "./pitch-evidence";
import { TRIAL_OUTCOMES, type Reading } from "./reading";
import { lastReading } from "./readings-of-kind";
import { besideTrials } from "./others-beside";
import {
  MOST_SIZES,
  differentSizes,
  reckonedWith,
  sizeAnswer,
  taken,
  withAnswers,
  type TestSetting,
} from "./test-setting";
import { worthOf, type Contender } from "./test-worth";
import { TEST_TURNS, knownPart, trialOutcomes } from "./trial-evidence";
import { handTest, useTest } from "./use-tests";

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
  const beside = besideTrials(readings);
  return standing
    .filter(kept)
    .slice(0, MOST_KNOWN_PARTS)
    .map(({ thread: known }) => {
      const chances = new Map(
        standing.map(({ thread }) => [thread.id, trialOutcomes(thread, known, side, beside)]),
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

/** Lengths that differ by less than two spreads of the caliper are one outcome. */
const CRESTS_APART_MM = 2 * CREST_SD;

/** Pitches that may be spanned, and how many parts have so much clean thread. Estimates. */
const SPANS = [
  { pitches: 5, have: 0.92 },
  { pitches: 10, have: 0.65 },
] as const;

/** Ten pitches tell twice as much, where there are so many: those are asked for only where five tell much less, or told too little. */
export function crestTest({ readings, standing, owns, side }: TestSetting): InformativeTest[] {
  if (!owns.has("caliper") || side === "internal" || standing.length === 0) return [];
  const spanned = lastReading(readings, "crest-to-crest")?.pitches ?? 0;
  const more = SPANS.filter(({ pitches }) => pitches > spanned);
  const [best] = more
    .map(({ pitches, have }) => {
      const spans = standing.map(({ thread }) => pitches * thread.pitchMm);
      const worth = worthOf(differentSizes(spans, CRESTS_APART_MM), standing, (mm, thread) =>
        normalDensity(mm, pitches * thread.pitchMm, CREST_SD),
      );
      const { bits, outcomes } = withAnswers(worth, sizeAnswer);
      const test = {
        kind: "crest-to-crest",
        pitches,
        bits,
        outcomes: reckonedWith(outcomes),
      } as const;
      return { test, worth: bits * have };
    })
    .sort((one, other) => other.worth - one.worth);
  return best === undefined ? [] : [best.test];
}

const COUNTED_SPAN_MM = MM_PER_INCH;

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
    ...once("crest-form", () => crestFormTest(setting)),
    ...(made.has("taper-measured") ? [] : once("taper", () => taperTest(setting))),
    ...once("taper-measured", () => taperMeasuredTest(setting)),
    ...once("thread-depth", () => depthTest(setting)),
    ...trialTests(setting),
    ...once("crest-to-crest", () => crestTest(setting)),
    ...(made.has("crest-to-crest") ? [] : once("count", () => countTest(setting))),
    ...(head !== undefined && !hasFlats(head)
      ? []
      : once("across-flats", () => flatsTest(setting))),
    ...once("head-mark", () => markTest(setting)),
    ...once("origin", () => originTest(setting)),
    ...once("function", () => useTest(setting)),
    ...once("hand", () => handTest(setting)),
  ];
}

/**
 * The tests that bear witness to the likeliest thread and have not been made, the handiest first: its own leaf, a length over
 * some pitches, a count, a known part. Each says what it would mean if it came out otherwise.
 */
export function confirmingTests(setting: TestSetting): InformativeTest[] {
  const own = { ...setting, standing: setting.standing.slice(0, 1) };
  const made = new Set(setting.readings.map(({ kind }) => kind));
  const witnesses = [
    ...leafTests(own),
    ...(made.has("crest-to-crest") ? [] : crestTest(own)),
    ...(made.has("count") ? [] : countTest(own)),
    ...trialTests(own),
  ];
  return witnesses.map((test) => {
    // What does not agree with the likeliest leaves none of those that stand.
    const outcomes = test.outcomes.map((outcome) =>
      outcome.probability < 0.5 ? { ...outcome, leaves: [] } : outcome,
    );
    const onlyOne = outcomes.length < 2;
    const otherwise = { answer: { kind: "other" }, probability: 0, leaves: [] } as const;
    return { ...test, outcomes: onlyOne ? [...outcomes, otherwise] : outcomes };
  });
}
