import type { Thread, ThreadFamily } from "../../catalogue/threads";
import type { Agreement } from "./agreement";
import type { Evidence } from "./evidence";
import type { OriginPlace, PartFunction, ReadingOf } from "./reading";
import { oftenerIn, tradeChance, tradeRow } from "./trades";
import type {} from "./reason";

type Known = Exclude<OriginPlace, "unknown">;

type ByPlace = Readonly<Record<Known, number>>;

/** How often a part of a family is met on a machine from each place. Estimates, to be read against each other down a column. */
const PLACES: Readonly<Record<ThreadFamily, ByPlace>> = {
  "iso-metric": { britain: 0.5, "north-america": 0.25, europe: 0.94, japan: 0.95 },
  unified: { britain: 0.2, "north-america": 0.95, europe: 0.05, japan: 0.04 },
  whitworth: { britain: 0.9, "north-america": 0.01, europe: 0.06, japan: 0.04 },
  ba: { britain: 0.9, "north-america": 0.01, europe: 0.02, japan: 0.01 },
  cycle: { britain: 0.9, "north-america": 0.15, europe: 0.2, japan: 0.2 },
  "pipe-parallel": { britain: 0.9, "north-america": 0.06, europe: 0.9, japan: 0.9 },
  "pipe-taper": { britain: 0.9, "north-america": 0.04, europe: 0.8, japan: 0.9 },
  npt: { britain: 0.08, "north-america": 0.95, europe: 0.08, japan: 0.08 },
  trapezoidal: { britain: 0.3, "north-america": 0.1, europe: 0.95, japan: 0.95 },
  acme: { britain: 0.5, "north-america": 0.95, europe: 0.05, japan: 0.05 },
  square: { britain: 0.6, "north-america": 0.5, europe: 0.4, japan: 0.2 },
  conduit: { britain: 0.3, "north-america": 0.05, europe: 0.9, japan: 0.2 },
  hose: { britain: 0.05, "north-america": 0.95, europe: 0.02, japan: 0.02 },
  "gas-cylinder": { britain: 0.05, "north-america": 0.01, europe: 0.95, japan: 0.3 },
  "insert-tapped": { britain: 0.5, "north-america": 0.5, europe: 0.5, japan: 0.5 },
};

/** When a family came into use and when it went out of new machines, years, where that says something. */
const YEARS: Readonly<Partial<Record<ThreadFamily, { from?: number; to?: number }>>> = {
  whitworth: { to: 1968 },
  ba: { to: 1975 },
  cycle: { to: 1975 },
  square: { to: 1930 },
  trapezoidal: { from: 1925 },
  "iso-metric": { from: 1900 },
};

/** In Britain metric threads were rare before about 1965, and unified ones unknown before 1949. */
const BRITISH_FROM: Readonly<Partial<Record<ThreadFamily, number>>> = {
  "iso-metric": 1965,
  unified: 1949,
};

/** What is left of a family's share on a machine older than it: a later repair. */
const LATER_REPAIR = 0.15;
/** How much more a family that went out is met on a machine of its time. */
const OF_ITS_TIME = 2.5;

function eraWeight(family: ThreadFamily, { place, before }: ReadingOf<"origin">): number {
  if (before === undefined) return 1;
  const from = (place === "britain" ? BRITISH_FROM[family] : undefined) ?? YEARS[family]?.from;
  if (from !== undefined && before <= from) return LATER_REPAIR;
  const to = YEARS[family]?.to;
  return to !== undefined && before <= to ? OF_ITS_TIME : 1;
}

/** The places that are told apart. */
export const KNOWN_PLACES: readonly Known[] = ["britain", "north-america", "europe", "japan"];

/** Threads that one place builds with more than its family: the fine threads of JIS machines and vehicles. Estimates. */
const MORE_THERE: Readonly<Record<string, Partial<ByPlace>>> = {
  "iso-m10x1.25": { japan: 3 },
  "iso-m12x1.25": { japan: 3 },
};

/** Probability of each place for a part of this thread, before its age is thought of; together they make 1. */
export function placeChances({ id, family }: Thread): ReadonlyMap<Known, number> {
  const weights = KNOWN_PLACES.map(
    (place) => PLACES[family][place] * (MORE_THERE[id]?.[place] ?? 1),
  );
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return new Map(KNOWN_PLACES.map((place, at) => [place, (weights[at] ?? 0) / total]));
}

function placeChance(thread: Thread, place: OriginPlace | undefined): number {
  if (place === undefined || place === "unknown") return 1;
  return placeChances(thread).get(place) ?? 0;
}

function likelihoodOf(reading: ReadingOf<"origin">, thread: Thread): number {
  const { place, trade } = reading;
  const off = trade === undefined ? 1 : tradeChance(thread, trade);
  return placeChance(thread, place) * eraWeight(thread.family, reading) * off;
}

/** How usual the thread is on such a machine, for the sentence. */
function usualness(thread: Thread, reading: ReadingOf<"origin">): number {
  const { place, trade } = reading;
  const { family } = thread;
  const there = place === undefined || place === "unknown" ? 0.5 : PLACES[family][place];
  const off = trade === undefined ? 1 : Math.min(1, oftenerIn(thread, trade));
  return there * eraWeight(family, reading) * off;
}

/** Where a part comes from and how old it is are evidence, never proof: at the most they strain. */
function softAgreement(weight: number): Agreement {
  return weight >= 0.12 ? "agrees" : "strained";
}

/** Where the machine is from, the year it is older than, and what kind of work it is. */
export const originEvidence: Evidence<"origin"> = {
  likelihood: likelihoodOf,
  alike: (thread) => (MORE_THERE[thread.id] === undefined ? tradeRow(thread) : thread.id),
  unknownLikelihood: ({ place, trade }) =>
    (place === undefined || place === "unknown" ? 1 : 1 / KNOWN_PLACES.length) *
    (trade === undefined ? 1 : tradeChance(undefined, trade)),
  reason: (reading, thread) => ({
    code: "origin",
    agreement: softAgreement(usualness(thread, reading)),
    family: thread.family,
    place: reading.place ?? "unknown",
    ...(reading.before === undefined ? {} : { before: reading.before }),
    ...(reading.trade === undefined ? {} : { trade: reading.trade }),
  }),
};

/** How often a part that does this job has a thread of each kind. Estimates. */
const FASTENING = {
  bolt: 0.95,
  nut: 0.95,
  "pipe-fitting": 0.15,
  plug: 0.4,
  "power-screw": 0.02,
  electrical: 0.5,
  "cycle-part": 0.02,
  "gas-valve": 0.01,
  "grinder-spindle": 0.02,
};
const PIPE = {
  bolt: 0.02,
  nut: 0.05,
  "pipe-fitting": 0.95,
  plug: 0.8,
  "power-screw": 0.01,
  electrical: 0.1,
  "cycle-part": 0.01,
  "gas-valve": 0.05,
  "grinder-spindle": 0.01,
};
const POWER = {
  bolt: 0.02,
  nut: 0.05,
  "pipe-fitting": 0.01,
  plug: 0.01,
  "power-screw": 0.95,
  electrical: 0.01,
  "cycle-part": 0.01,
  "gas-valve": 0.01,
  "grinder-spindle": 0.01,
};
const CONDUIT = {
  bolt: 0.02,
  nut: 0.1,
  "pipe-fitting": 0.3,
  plug: 0.3,
  "power-screw": 0.01,
  electrical: 0.95,
  "cycle-part": 0.01,
  "gas-valve": 0.01,
  "grinder-spindle": 0.01,
};
/** Of motor cycles and cycles: bolts, spindles and cones. */
const CYCLE = { ...FASTENING, "cycle-part": 0.6 };
/** Threads of one part and no other: pedals, bottom brackets and steering columns; outlets of gas cylinders. */
const CYCLE_PART = { ...FASTENING, bolt: 0.05, nut: 0.1, "cycle-part": 0.95 };
const GAS_VALVE = { ...PIPE, "pipe-fitting": 0.1, plug: 0.1, "gas-valve": 0.95 };
/** Pipe threads that gas cylinders and regulators have too (DIN 477-1, EN 560). */
const GAS_TOO = { ...PIPE, "gas-valve": 0.3 };
/** Of screws and of the spindles of hand-held grinders alike: M10 and M14, and 5/8-11 UNC, whose Whitworth twin no grinder has. */
const SPINDLE_TOO = { ...FASTENING, "grinder-spindle": 0.4 };

const ONLY_ON: Readonly<Record<string, Readonly<Record<PartFunction, number>>>> = {
  "cycle-9/16-20": CYCLE_PART,
  "cycle-1.37-24": CYCLE_PART,
  "cycle-1-24": CYCLE_PART,
  "gas-w21.80-14": GAS_VALVE,
  "gas-w24.32-14": GAS_VALVE,
};

/** Kinds of parts that tell a thread, and the chance from which on one does. */
const TELLING: readonly PartFunction[] = ["cycle-part", "gas-valve", "grinder-spindle"];
const TELLS = 0.3;

/** Threads that are met on one kind of part more than their family is. */
const OFTENER_ON: typeof ONLY_ON = {
  ...ONLY_ON,
  "g-1/4": GAS_TOO,
  "g-3/8": GAS_TOO,
  "g-1/2": GAS_TOO,
  "g-5/8": GAS_TOO,
  "g-3/4": GAS_TOO,
  "iso-m10x1.5": SPINDLE_TOO,
  "iso-m14x2": SPINDLE_TOO,
  "unc-5/8-11": SPINDLE_TOO,
};

const FUNCTIONS: Readonly<Record<ThreadFamily, Readonly<Record<PartFunction, number>>>> = {
  "iso-metric": FASTENING,
  unified: FASTENING,
  whitworth: FASTENING,
  ba: FASTENING,
  cycle: CYCLE,
  "pipe-parallel": PIPE,
  "pipe-taper": PIPE,
  npt: PIPE,
  trapezoidal: POWER,
  acme: POWER,
  square: POWER,
  conduit: CONDUIT,
  hose: PIPE,
  "gas-cylinder": PIPE,
  "insert-tapped": FASTENING,
};

/** How often a part that does a job has this thread. */
export function functionChance(what: PartFunction, { id, family }: Thread): number {
  return (OFTENER_ON[id] ?? FUNCTIONS[family])[what];
}

/** The kind of part that a thread is on and on no other, or more than its family is, so that its use tells it from its twin. */
export function partMostlyOn({ id }: Thread): PartFunction | undefined {
  const row = OFTENER_ON[id];
  return row && TELLING.find((part) => row[part] >= TELLS);
}

/** Whether a thread is on one kind of part and on no other. */
export const isOnlyOnOnePart = ({ id }: Thread): boolean => ONLY_ON[id] !== undefined;

/** What the part does. */
export const functionEvidence: Evidence<"function"> = {
  likelihood: ({ what }, thread) => functionChance(what, thread),
  alike: ({ id, family }) => (OFTENER_ON[id] === undefined ? family : id),
  unknownLikelihood: () => 0.5,
  reason: ({ what }, thread) => ({
    code: "function",
    agreement: softAgreement(functionChance(what, thread)),
    family: thread.family,
    what,
  }),
};
