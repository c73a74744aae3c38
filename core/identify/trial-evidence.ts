import { matingVerdict, type Mating, type MatingFit } from "../mating";
import { lookUpThreadAlone, type Thread, type ThreadSide } from "../threads";
import type { Evidence } from "./evidence";
import { agreementOf } from "./form-evidence";
import type { TrialOutcome } from "./reading";

export const TRIAL_OUTCOMES: readonly TrialOutcome[] = [
  "runs-freely",
  "binds",
  "loose",
  "will-not-start",
];

type Chances = Readonly<Record<TrialOutcome, number>>;

/** Where in their limits the two parts may lie, and how often. */
const FITS: readonly (readonly [MatingFit, number])[] = [
  ["middle", 0.75],
  ["tightest", 0.25],
];

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

function answersTo({
  outcome,
  cause,
  turns = Infinity,
}: Pick<Mating, "outcome" | "cause" | "turns">): Chances {
  switch (outcome) {
    case "mates":
      return cause === "taper-joint" ? JOINT : GOES;
    case "binds":
      return turns < HARDLY_STARTED ? AT_ONCE : BINDS;
    case "loose":
      return cause === "no-overlap" ? SLIDES : LOOSE;
    case "will-not-start":
      return NOT;
  }
}

/** Majors that differ by more than this share of the larger cannot touch threads, whatever the pitch. */
const FAR_APART = 0.2;

function mate(thread: Thread, known: Thread, partIs: ThreadSide, fit: MatingFit) {
  return partIs === "external"
    ? matingVerdict(thread, known, { fit })
    : matingVerdict(known, thread, { fit });
}

function farApart(thread: Thread, known: Thread, partIs: ThreadSide) {
  const [male, female] = partIs === "external" ? [thread, known] : [known, thread];
  const larger = Math.max(male.majorMm, female.majorMm);
  if (Math.abs(male.majorMm - female.majorMm) <= FAR_APART * larger) return undefined;
  return male.majorMm > female.majorMm ? NOT : SLIDES;
}

/** What two threads do with each other does not change, so each pair is worked out once. */
const pairs = { external: new WeakMap(), internal: new WeakMap() } as {
  readonly [side in ThreadSide]: WeakMap<Thread, WeakMap<Thread, Chances>>;
};

/** Probability of each outcome when the known part is tried on a part of this thread. */
export function trialOutcomes(thread: Thread, known: Thread, partIs: ThreadSide): Chances {
  const ofKnown = pairs[partIs].get(known) ?? new WeakMap<Thread, Chances>();
  const chances = ofKnown.get(thread) ?? workedOut(thread, known, partIs);
  ofKnown.set(thread, chances);
  pairs[partIs].set(known, ofKnown);
  return chances;
}

function workedOut(thread: Thread, known: Thread, partIs: ThreadSide): Chances {
  const far = farApart(thread, known, partIs);
  const answers =
    far === undefined
      ? FITS.map(([fit, share]) => ({
          share,
          chances: answersTo(mate(thread, known, partIs, fit)),
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

/** Turns are counted to about half as many again, either way. */
const LOG_TURNS_SD = 0.45;
const LEAST_TURNS = 0.25;

/** How well the turns that were counted suit the turns by geometry, 0.1 to 1. */
function turnsFit(counted: number | undefined, expected: number | undefined): number {
  if (counted === undefined || expected === undefined) return 1;
  const ratio = Math.log(Math.max(counted, LEAST_TURNS) / Math.max(expected, LEAST_TURNS));
  return 0.1 + 0.9 * Math.exp(-0.5 * (ratio / LOG_TURNS_SD) ** 2);
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
  "runs-freely": 0.05,
  binds: 0.3,
  loose: 0.2,
  "will-not-start": 0.45,
};

/** A known nut or bolt tried on the part, judged by the geometry of the two threads. */
export const trialEvidence: Evidence<"trial-fit"> = {
  likelihood: (reading, thread) => {
    const known = knownPart(reading.with);
    if (known === undefined) return UNKNOWN_OUTCOMES[reading.outcome];
    const chance = trialOutcomes(thread, known, reading.partIs)[reading.outcome];
    if (reading.outcome !== "binds" || reading.turns === undefined) return chance;
    return chance * turnsFit(reading.turns, mate(thread, known, reading.partIs, "middle").turns);
  },
  unknownLikelihood: ({ outcome }) => UNKNOWN_OUTCOMES[outcome],
  reason: (reading, thread) => {
    const known = knownPart(reading.with);
    if (known === undefined) {
      return { code: "trial-unknown", agreement: "agrees", with: reading.with };
    }
    const { outcome, cause, turns } = mate(thread, known, reading.partIs, "middle");
    return {
      code: "trial-fit",
      agreement: agreementOf(trialOutcomes(thread, known, reading.partIs)[reading.outcome]),
      with: known,
      partIs: reading.partIs,
      outcome: reading.outcome,
      expected: outcome,
      cause,
      ...(turns === undefined ? {} : { expectedTurns: turns }),
    };
  },
};
