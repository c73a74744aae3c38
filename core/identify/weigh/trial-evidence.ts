import {
  judgePair,
  matingVerdict,
  sized,
  type MatingFit,
  type MeasuredDiameters,
  type Mating,
} from "../mating";
import type { Mm } from "../../measure";
import { lookUpThreadAlone, type Thread, type ThreadSide } from "../../catalogue/threads";
import type { Evidence } from "./evidence";
import { agreementOf } from "./agreement";
import { normalCumulative } from "./distributions";
import { TRIAL_OUTCOMES, type ReadingOf, type TrialOutcome } from "./reading";
import { fitsBySize, fitsOf, type Fit, type Metal, type TrialSetting } from "./trial-fits";

type Chances = Readonly<Record<TrialOutcome, number>>;

/** Chance that dirt, a burr or a hurried hand gives any of the answers. */
const MISJUDGED = 0.03;

const GOES: Chances = { "runs-freely": 0.93, binds: 0.04, loose: 0.03, "will-not-start": 0 };
const JOINT: Chances = { "runs-freely": 0.1, binds: 0.88, loose: 0.02, "will-not-start": 0 };
const BINDS: Chances = { "runs-freely": 0.03, binds: 0.9, loose: 0.02, "will-not-start": 0.05 };
const AT_ONCE: Chances = { "runs-freely": 0, binds: 0.45, loose: 0, "will-not-start": 0.55 };
const LOOSE: Chances = { "runs-freely": 0.1, binds: 0.05, loose: 0.85, "will-not-start": 0 };
const SLIDES: Chances = { "runs-freely": 0.005, binds: 0, loose: 0.6, "will-not-start": 0.395 };
const NOT: Chances = { "runs-freely": 0, binds: 0.05, loose: 0, "will-not-start": 0.95 };

/** Under this many turns a jam is as often taken for not starting. */
const HARDLY_STARTED = 1;

/** How far a part was run where nobody said: a few turns by hand. */
export const A_FEW_TURNS = 4;

/** How far a trial that is asked for is to be run. */
export const TEST_TURNS = 8;

/** Turns are counted to about half as many again, either way. */
const LOG_TURNS_SD = 0.45;
const LEAST_TURNS = 0.25;

/** ln of the turns run against those after which it binds, in the spread of counting. */
const turnsOff = (ran: number, binds: number) =>
  Math.log(Math.max(ran, LEAST_TURNS) / Math.max(binds, LEAST_TURNS)) / LOG_TURNS_SD;

function mixed(share: number, one: Chances, other: Chances): Chances {
  const of = (outcome: TrialOutcome) => share * one[outcome] + (1 - share) * other[outcome];
  return {
    "runs-freely": of("runs-freely"),
    binds: of("binds"),
    loose: of("loose"),
    "will-not-start": of("will-not-start"),
  };
}

/** With so little of the thread height in touch everybody feels that it is loose; with so much hardly anybody does. */
const FELT_LOOSE = { all: 0.2, few: 0.5 };
const HARDLY_FELT: Chances = { "runs-freely": 0.6, binds: 0.05, loose: 0.35, "will-not-start": 0 };

/** The answers to a pair that was run so many turns: what binds later than that has gone freely so far. */
function answersTo(
  {
    outcome,
    cause,
    turns = Infinity,
    overlap,
  }: Pick<Mating, "outcome" | "cause" | "turns" | "overlap">,
  ran: number,
): Chances {
  switch (outcome) {
    case "mates":
      return cause === "taper-joint" ? JOINT : GOES;
    case "binds":
      return turns < HARDLY_STARTED
        ? AT_ONCE
        : mixed(normalCumulative(turnsOff(ran, turns)), BINDS, GOES);
    case "loose": {
      if (cause === "no-overlap") return SLIDES;
      const hardly = (overlap - FELT_LOOSE.all) / (FELT_LOOSE.few - FELT_LOOSE.all);
      return mixed(Math.max(0, Math.min(1, hardly)), HARDLY_FELT, LOOSE);
    }
    case "will-not-start":
      return NOT;
  }
}

/** Majors that differ by more than this share of the larger cannot touch threads, whatever the pitch. */
const FAR_APART = 0.2;

function mate(thread: Thread, known: Thread, partIs: ThreadSide, fit: MatingFit, metal?: Metal) {
  const sizes = metal && changedSizes(thread, partIs, fit, metal);
  const side = partIs === "external" ? "maleSizes" : "femaleSizes";
  const options = { fit, ...(sizes === undefined ? {} : { [side]: sizes }) };
  return partIs === "external"
    ? matingVerdict(thread, known, options)
    : matingVerdict(known, thread, options);
}

/** A part of the thread that has lost or gained metal; undefined on the side where the thread is not made. */
function changedSizes(
  thread: Thread,
  partIs: ThreadSide,
  fit: MatingFit,
  metal: Metal,
): MeasuredDiameters | undefined {
  if (thread.only !== undefined && thread.only !== partIs) return undefined;
  const { major, pitch, minor } = sized(thread, partIs, fit);
  const change = (partIs === "external" ? 1 : -1) * metal(thread.pitchMm);
  return { major: major + change, pitch: pitch + change, minor: minor + change };
}

function farApart(thread: Thread, known: Thread, partIs: ThreadSide) {
  const [male, female] = partIs === "external" ? [thread, known] : [known, thread];
  const larger = Math.max(male.majorMm, female.majorMm);
  if (Math.abs(male.majorMm - female.majorMm) <= FAR_APART * larger) return undefined;
  return male.majorMm > female.majorMm ? NOT : SLIDES;
}

type Known = WeakMap<Thread, WeakMap<Thread, Map<string, Chances>>>;

/** What two threads do with each other does not change, so each pair is worked out once for each length of run. */
const pairs: { readonly [side in ThreadSide]: Known } = {
  external: new WeakMap(),
  internal: new WeakMap(),
};

/** Probability of each outcome when the known part is tried on a part of this thread. */
export function trialOutcomes(
  thread: Thread,
  known: Thread,
  partIs: ThreadSide,
  setting: TrialSetting = {},
): Chances {
  const { ran = TEST_TURNS, condition } = setting;
  const bySize = partIs === "external" ? fitsBySize(thread, setting) : undefined;
  if (bySize !== undefined) return workedOut(thread, known, partIs, ran, bySize);
  const ofSide = pairs[partIs];
  const ofKnown = ofSide.get(known) ?? new WeakMap<Thread, Map<string, Chances>>();
  ofSide.set(known, ofKnown);
  const ofPair = ofKnown.get(thread) ?? new Map<string, Chances>();
  ofKnown.set(thread, ofPair);
  const fits = fitsOf(condition);
  const key = `${ran} ${fits === fitsOf(undefined) ? "" : condition}`;
  const chances = ofPair.get(key) ?? workedOut(thread, known, partIs, ran, fits);
  ofPair.set(key, chances);
  return chances;
}

function workedOut(
  thread: Thread,
  known: Thread,
  partIs: ThreadSide,
  ran: number,
  fits: readonly Fit[],
): Chances {
  const far = farApart(thread, known, partIs);
  const answers =
    far === undefined
      ? fits.map(({ fit, share, metal }) => ({
          share,
          chances: answersTo(mate(thread, known, partIs, fit, metal), ran),
        }))
      : [{ share: 1, chances: far }];
  const of = (outcome: TrialOutcome) => {
    const chance = answers.reduce((sum, { share, chances }) => sum + share * chances[outcome], 0);
    return (1 - MISJUDGED) * chance + MISJUDGED / TRIAL_OUTCOMES.length;
  };
  return {
    "runs-freely": of("runs-freely"),
    binds: of("binds"),
    loose: of("loose"),
    "will-not-start": of("will-not-start"),
  };
}

/** How well the turns that were counted suit the turns by geometry, 0.1 to 1. */
function turnsFit(counted: number | undefined, expected: number | undefined): number {
  if (counted === undefined || expected === undefined) return 1;
  return 0.1 + 0.9 * Math.exp(-0.5 * turnsOff(counted, expected) ** 2);
}

/** How far a trial was run: as said, else a few turns. What bound or would not start was run until it did. */
function ranTurns({ outcome, turns }: ReadingOf<"trial-fit">): number {
  if (outcome === "binds" || outcome === "will-not-start") return Infinity;
  return turns ?? A_FEW_TURNS;
}

/** The chances of what may come of it, for a part of this thread. */
function chancesOf(reading: ReadingOf<"trial-fit">, thread: Thread, known: Thread): Chances {
  const { partIs, condition, crestsMm } = reading;
  return trialOutcomes(thread, known, partIs, { ran: ranTurns(reading), condition, crestsMm });
}

function chanceOf(reading: ReadingOf<"trial-fit">, thread: Thread, known: Thread): number {
  const { outcome, partIs, turns } = reading;
  const chance = chancesOf(reading, thread, known)[outcome];
  if (outcome !== "binds" || turns === undefined) return chance;
  return chance * turnsFit(turns, mate(thread, known, partIs, "middle").turns);
}

const knownParts = new Map<string, Thread | undefined>();

/** The known part's thread; undefined when its name is no thread held. */
export function knownPart(text: string): Thread | undefined {
  if (!knownParts.has(text)) {
    const read = lookUpThreadAlone(text);
    knownParts.set(text, read.kind === "found" ? read.thread : undefined);
  }
  return knownParts.get(text);
}

/**
 * A known part is tried on what reads like its thread: one that nobody holds, of a size that was not read, takes it where its pitch
 * is the known part's, and jams where it is not. Estimates.
 */
const STRANGE_OF_PITCH: Chances = {
  "runs-freely": 0.74,
  binds: 0.1,
  loose: 0.1,
  "will-not-start": 0.06,
};
const TOO_LARGE: Chances = { "runs-freely": 0.02, binds: 0.14, loose: 0, "will-not-start": 0.84 };
const TIGHT: Chances = { "runs-freely": 0.06, binds: 0.5, loose: 0.01, "will-not-start": 0.43 };
const SMALL: Chances = { "runs-freely": 0.25, binds: 0.04, loose: 0.65, "will-not-start": 0.06 };
const STRANGE: Chances = {
  "runs-freely": 0.02,
  binds: 0.45,
  loose: 0.08,
  "will-not-start": 0.45,
};

/** Of a part whose name says no thread nothing is to be expected. */
const NOTHING_KNOWN: Chances = {
  "runs-freely": 0.15,
  binds: 0.35,
  loose: 0.2,
  "will-not-start": 0.3,
};

/** So far may two pitches drift apart over the turns of a trial, mm: flanks have so much play, more on a coarse thread. */
const playFor = (pitchMm: Mm): Mm => 0.1 + 0.06 * pitchMm;

/** How much smaller than the known nut's thread a screw of its pitch is that just starts, that runs, and that rattles, mm; and their spread. */
const STARTS_MM = -0.2;
const RUNS_MM = -0.04;
const rattlesMm = (pitchMm: Mm): Mm => 0.2 + 0.14 * pitchMm;
const ROOM_SD = 0.08;

/** Of a screw of the known nut's pitch that nobody holds: what its size over the crests says. */
function strangeOfPitch(outcome: TrialOutcome, known: Thread, crestsMm: Mm | undefined): number {
  if (crestsMm === undefined) return STRANGE_OF_PITCH[outcome];
  const room = known.majorMm - crestsMm;
  const over = (mm: Mm) => normalCumulative((room - mm) / ROOM_SD);
  const starts = over(STARTS_MM);
  const runs = over(RUNS_MM);
  const rattles = over(rattlesMm(known.pitchMm));
  const chance =
    (1 - starts) * TOO_LARGE[outcome] +
    (starts - runs) * TIGHT[outcome] +
    (runs - rattles) * GOES[outcome] +
    rattles * SMALL[outcome];
  return (1 - MISJUDGED) * chance + MISJUDGED / TRIAL_OUTCOMES.length;
}

/** Probability of the answer for a thread of this pitch that nobody holds. */
function strangeChance(reading: ReadingOf<"trial-fit">, pitchMm: Mm): number {
  const { outcome, crestsMm } = reading;
  const known = knownPart(reading.with);
  if (known === undefined) return NOTHING_KNOWN[outcome];
  const drift = (A_FEW_TURNS * Math.abs(pitchMm - known.pitchMm)) / playFor(pitchMm);
  const alike = Math.exp(-0.5 * drift * drift);
  return alike * strangeOfPitch(outcome, known, crestsMm) + (1 - alike) * STRANGE[outcome];
}

/** What does not go needs no more than its verdict: strength is only worked out for what does. */
function pairFor(partIs: ThreadSide, thread: Thread, known: Thread) {
  const verdict = mate(thread, known, partIs, "middle");
  if (verdict.outcome !== "mates") return { ...verdict, sound: false, strength: 0 };
  return partIs === "external" ? judgePair(thread, known) : judgePair(known, thread);
}

/** A known nut or bolt tried on the part, judged by the geometry of the two threads and how far it was run. */
export const trialEvidence: Evidence<"trial-fit"> = {
  likelihood: (reading, thread) => {
    const known = knownPart(reading.with);
    return known === undefined ? NOTHING_KNOWN[reading.outcome] : chanceOf(reading, thread, known);
  },
  unknownLikelihood: strangeChance,
  reason: (reading, thread) => {
    const known = knownPart(reading.with);
    if (known === undefined) {
      return { code: "trial-unknown", agreement: "agrees", with: reading.with };
    }
    const pair = pairFor(reading.partIs, thread, known);
    const ran = ranTurns(reading);
    return {
      code: "trial-fit",
      agreement: agreementOf(chancesOf(reading, thread, known)[reading.outcome]),
      with: known,
      partIs: reading.partIs,
      outcome: reading.outcome,
      expected: pair.outcome,
      cause: pair.cause,
      ranTurns: ran,
      sound: pair.sound,
      strength: pair.strength,
      ...(pair.turns === undefined ? {} : { expectedTurns: pair.turns }),
    };
  },
};
