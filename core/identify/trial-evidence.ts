import {
  judgePair,
  matingVerdict,
  sized,
  type MatingFit,
  type MeasuredDiameters,
  type Mating,
} from "../mating";
import type { Mm } from "../units";
import { lookUpThreadAlone, type Thread, type ThreadSide } from "../threads";
import type { Evidence } from "./evidence";
import { agreementOf } from "./agreement";
import { lostOverCrests } from "./crests-band";
import { normalCumulative } from "./distributions";
import { TRIAL_OUTCOMES, type PartCondition, type ReadingOf, type TrialOutcome } from "./reading";

type Chances = Readonly<Record<TrialOutcome, number>>;

/** Metal that the part on the bench has gained on its diameters, mm; less than nothing where it has lost some. */
type Metal = (pitchMm: Mm) => Mm;

/** Where in their limits the two parts may lie, how often, and what metal the one on the bench has gained or lost. */
interface Fit {
  readonly fit: MatingFit;
  readonly share: number;
  readonly metal?: Metal;
}

/** What wear, rust or a careless make takes off the diameters of a part that is used for all that. */
const lostMetal: Metal = (pitchMm) => -0.06 - 0.05 * pitchMm;

/** What a coat of paint, a thin one of zinc, or rust on both flanks puts on the pitch diameter; and a thick one (ISO 10684). */
const thinCoat: Metal = () => 0.13;
const thickCoat: Metal = () => 0.28;

/** A change of metal, and how often it is met. */
type Changed = readonly [share: number, metal: Metal];

function changedFits(...changes: readonly Changed[]): readonly Fit[] {
  const as = 1 - changes.reduce((sum, [share]) => sum + share, 0);
  return [
    { fit: "middle", share: 0.61 * as },
    { fit: "tightest", share: 0.21 * as },
    { fit: "loosest", share: 0.18 * as },
    ...changes.map(([share, metal]): Fit => ({ fit: "middle", share, metal })),
  ];
}

/** Estimates: of parts of which nothing was said, of those that have lost metal, of rust, which eats and swells, and of coats. */
const FITS = changedFits([0.14, lostMetal], [0.02, thinCoat], [0.02, thickCoat]);
const LOST = changedFits([0.55, lostMetal]);
const RUSTED = changedFits([0.3, lostMetal], [0.15, thinCoat], [0.15, thickCoat]);
const GAINED = changedFits([0.3, thinCoat], [0.4, thickCoat]);

/** The same of a part that is known to be worn, or coated: what was said of its size bears on its flanks as well. */
const FITS_OF: Readonly<Partial<Record<PartCondition, readonly Fit[]>>> = {
  worn: LOST,
  rusted: RUSTED,
  cheap: LOST,
  galvanised: GAINED,
  painted: GAINED,
};

/** From this share on, what the size over the crests has lost for a thread is taken off its flanks as well. */
const LOST_AT_FLANKS = 0.3;

/** How a trial was made, as far as it bears on what comes of it. */
export interface TrialSetting {
  /** How many turns it is run, if nothing stops it before. */
  readonly ran?: number;
  /** What is known to have happened to the part. */
  readonly condition?: PartCondition | undefined;
  /** What it measures over the crests, where that was read. */
  readonly crestsMm?: Mm | undefined;
}

/** The fits of a part whose size over the crests is known: what it measures under its thread's middle is off its flanks too. */
function fitsBySize(
  thread: Thread,
  { condition, crestsMm }: TrialSetting,
): readonly Fit[] | undefined {
  const lost = crestsMm === undefined ? undefined : lostOverCrests(crestsMm, thread, condition);
  if (lost === undefined || lost.share < LOST_AT_FLANKS) return undefined;
  return changedFits([lost.share, () => -lost.mm]);
}

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
  const fits = (condition && FITS_OF[condition]) ?? FITS;
  const key = `${ran} ${fits === FITS ? "" : condition}`;
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

/** Of threads that nobody holds, most take no known part at all. */
const UNKNOWN_OUTCOMES: Chances = {
  "runs-freely": 0.15,
  binds: 0.35,
  loose: 0.2,
  "will-not-start": 0.3,
};

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
    return known === undefined
      ? UNKNOWN_OUTCOMES[reading.outcome]
      : chanceOf(reading, thread, known);
  },
  unknownLikelihood: ({ outcome }) => UNKNOWN_OUTCOMES[outcome],
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
