import type { Drill } from "../holes";
import { howStocked, type Stocked } from "../../catalogue/fasteners";
import { isPipeThread, type Thread } from "../../catalogue/threads";
import { attempts } from "./attempt";
import type { Attempt, HeadNeeds, RepairTool, ScrewLength } from "./attempt-parts";
import type { HoleCut } from "./cut-hole";
import { soundHoldN, type Damage, type Medium, type Symptom } from "./damage";
import type { RepairRefusal } from "./refusal";
import { KIND_FACTS, SEALS, kindsFor, type RepairCost, type RepairKind } from "./repair-kinds";
import { takesMetal } from "./symptom-facts";
import type { WallCheck } from "./walls";
import { wantedLoadN } from "./wanted-load";

/** Why an option stands where it does. `words` makes the sentence. */
export type RepairReason =
  | { readonly code: "cost"; readonly cost: RepairCost }
  | { readonly code: "tap-missing"; readonly taps: number }
  | { readonly code: "holds"; readonly holdN: number; readonly soundN: number }
  | { readonly code: "wall-left"; readonly leftMm: number }
  | { readonly code: "thin-wall"; readonly leftMm: number; readonly thinMm: number }
  /** What the new screw carries against the old one, of the same class. */
  | { readonly code: "screw-carries"; readonly ratio: number }
  | { readonly code: "keeps-size" }
  | { readonly code: "undone-often"; readonly helps: boolean }
  | { readonly code: "vibrates" }
  | { readonly code: "odd-one" }
  | { readonly code: "tight" }
  | { readonly code: "first-out" }
  /** Holds less than is wanted, and is offered all the same. */
  | { readonly code: "weaker"; readonly holdN: number; readonly wantedN: number }
  | { readonly code: "rare-size"; readonly stocked: Exclude<Stocked, "usual"> }
  /** A part under one diameter: the next size finds no more threads than the last. */
  | { readonly code: "thin-part"; readonly depthMm: number }
  /** On what safety hangs a new screw comes before any filing. */
  | { readonly code: "new-first" }
  /** What stays under the point of the drill. */
  | { readonly code: "floor-left"; readonly leftMm: number; readonly leastMm: number }
  | { readonly code: "maker-says" }
  | { readonly code: "refused"; readonly refusal: RepairRefusal };

export interface RepairOption {
  readonly kind: RepairKind;
  /** The first that is offered is advised. */
  readonly verdict: "advised" | "possible" | "refused";
  /** The thread that is there afterwards. */
  readonly thread: Thread;
  readonly cost: RepairCost;
  readonly lengthInDiameters?: number;
  readonly drill?: Drill;
  /** How its thread is cut: with which drill and taps, and how deep. */
  readonly cut?: HoleCut;
  readonly screwLength?: ScrewLength;
  readonly wall?: WallCheck;
  readonly holdN?: number;
  /** It holds less than is wanted: never advised. */
  readonly weaker?: boolean;
  /** What holds afterwards against what the sound original held. */
  readonly strengthRatio?: number;
  /** Torque at the same clamp load. */
  readonly torqueRatio?: number;
  /** Stress area of the new screw against the old one's. */
  readonly boltRatio?: number;
  readonly head?: HeadNeeds;
  readonly needs: readonly RepairTool[];
  /** The less, the better; never shown as a number. */
  readonly score: number;
  readonly reasons: readonly RepairReason[];
}

const REPLACES: ReadonlySet<RepairKind> = new Set(["replace-part", "replace-fastener"]);
const NEVER_ON_SAFETY: ReadonlySet<RepairKind> = new Set([
  "die",
  "oversize",
  "plug-and-redrill",
  "build-up",
  "ease-mate",
  "rivet-nut",
  "clinch-nut",
  "heat-set",
  "self-cutting-bush",
]);
const INSULATING: ReadonlySet<RepairKind> = new Set([
  "wire-insert",
  "insert-again",
  "solid-bush",
  "heat-set",
  "self-cutting-bush",
]);
const LICENSED: ReadonlySet<Medium> = new Set([
  "gas",
  "steam",
  "hydraulic",
  "brake",
  "fuel",
  "refrigerant",
]);
/** What a shop may put right by itself: its own water, its own air, a sump. */
const UNLICENSED: ReadonlySet<Medium> = new Set(["water", "air", "oil"]);
/** Metals in which a thread that is often undone wears. */
const SOFT = new Set(["aluminium-cast", "aluminium-wrought", "magnesium", "plastic"]);
/** Duties at which nothing is put in that holds less than is wanted. */
const STRICT: ReadonlySet<Damage["duty"]> = new Set([
  "safety-critical",
  "vibrating",
  "pressure",
  "electrical",
]);
/** Damages of which something has to be got out before anything is mended. */
const STUCK: ReadonlySet<Symptom> = new Set(["snapped", "seized", "rounded", "broken-tap"]);
const GETS_OUT: ReadonlySet<RepairKind> = new Set([
  "extract",
  "free",
  "free-hot",
  "drive-in",
  "grip-head",
  "nut-on",
  "head-off",
  "tap-fingers",
  "erode",
]);

/** What a thread holds in is asked before a repair of it: a pipe's, and whatever leaks. */
function medium({ thread, symptom, medium: said }: Damage): Medium | "ask" | undefined {
  if (thread.family === "gas-cylinder") return "gas";
  if (said !== undefined) return said;
  return isPipeThread(thread) || symptom === "leaks" ? "ask" : undefined;
}

/** Under pressure: licensed work, or a joint that nobody cuts anew by feel. */
function pressureProblem(kind: RepairKind, damage: Damage): RepairRefusal | undefined {
  const held = medium(damage);
  if (held === "ask") return { code: "ask-medium" };
  if (held !== undefined && LICENSED.has(held))
    return { code: "defer", medium: held, licensed: true };
  if (damage.space === "pressure") return { code: "defer", licensed: true };
  if (damage.duty !== "pressure") return undefined;
  const shopsOwn = held !== undefined && UNLICENSED.has(held);
  if (shopsOwn && (SEALS.has(kind) || isPipeThread(damage.thread))) return undefined;
  return {
    code: "defer",
    licensed: !shopsOwn,
    ...(held === undefined ? {} : { medium: held }),
  };
}

/** What the joint's duty forbids, before any figure. */
function forbidden(kind: RepairKind, damage: Damage): RepairRefusal | undefined {
  const { duty, acknowledged = false, access, structural = false } = damage;
  if (REPLACES.has(kind)) return undefined;
  if (structural) return { code: "defer-structure" };
  const pressure = pressureProblem(kind, damage);
  if (pressure !== undefined) return pressure;
  if (duty === "safety-critical") {
    if (!acknowledged) return { code: "not-acknowledged" };
    if (NEVER_ON_SAFETY.has(kind)) return { code: "never-here" };
  }
  if (damage.space === "combustion" && kind === "oversize") return { code: "never-here" };
  if (duty === "electrical" && INSULATING.has(kind)) return { code: "insulates" };
  return access === "none" && KIND_FACTS[kind].drills ? { code: "no-access" } : undefined;
}

interface Term {
  readonly points: number;
  readonly reason: RepairReason;
}

const OFTEN: Readonly<Partial<Record<RepairKind, number>>> = {
  "wire-insert": -10,
  "solid-bush": -10,
  stud: -8,
  chase: 5,
  retap: 5,
  oversize: 5,
  "insert-again": -10,
};

const VIBRATING: Readonly<Partial<Record<RepairKind, number>>> = {
  "plug-and-redrill": 10,
  "solid-bush": 4,
};

/** A size that few or hardly any stock comes after those that are: points against it. */
const RARE: Readonly<Record<Exclude<Stocked, "usual">, number>> = { seldom: 12, hardly: 24 };
/** On a part under one diameter the next size comes after a bolt through it. */
const THIN_PART = 20;
const NEW_FIRST = -20;
/** Kinds that end with another size of screw. */
const RESIZES: ReadonlySet<RepairKind> = new Set(["oversize"]);
const SET_IN: ReadonlySet<RepairKind> = new Set([
  "rivet-nut",
  "clinch-nut",
  "heat-set",
  "self-cutting-bush",
]);

/** Terms of the size, the part and the duty that a kind has by itself. */
function ownTerms({ kind, thread, cut }: Attempt, damage: Damage): readonly (Term | undefined)[] {
  const { hole, depthMm, part, duty, purpose } = damage;
  const stocked = RESIZES.has(kind) && purpose !== "plug" ? howStocked(thread) : "usual";
  const thin = RESIZES.has(kind) && hole === "through" && depthMm < damage.thread.majorMm;
  return [
    stocked === "usual"
      ? undefined
      : { points: RARE[stocked], reason: { code: "rare-size", stocked } },
    thin ? { points: THIN_PART, reason: { code: "thin-part", depthMm } } : undefined,
    kind === "replace-fastener" && part === "screw" && duty === "safety-critical"
      ? { points: NEW_FIRST, reason: { code: "new-first" } }
      : undefined,
    cut?.floor === undefined
      ? undefined
      : { points: 0, reason: { code: "floor-left", ...cut.floor } },
    SET_IN.has(kind) ? { points: 0, reason: { code: "maker-says" } } : undefined,
  ];
}

/** The terms of the score: rules of this product, each with the reason that is shown for it. */
function termsOf(attempt: Attempt, damage: Damage, soundN: number | undefined): readonly Term[] {
  const { kind, wall, needs, thread, holdN } = attempt;
  const { cost, drills } = KIND_FACTS[kind];
  const taps = needs.filter(({ owned }) => owned === false).length;
  const often = damage.often && SOFT.has(damage.material) ? OFTEN[kind] : undefined;
  const shakes = damage.duty === "vibrating" ? VIBRATING[kind] : undefined;
  const terms: (Term | undefined)[] = [
    holdN === undefined || soundN === undefined
      ? undefined
      : {
          points: 20 * Math.max(0, 1 - holdN / soundN),
          reason: { code: "holds", holdN, soundN },
        },
    attempt.boltRatio === undefined || damage.symptom !== "too-small"
      ? undefined
      : { points: 0, reason: { code: "screw-carries", ratio: attempt.boltRatio } },
    wall?.verdict === "sound"
      ? { points: 0, reason: { code: "wall-left", leftMm: wall.leftMm } }
      : undefined,
    wall?.verdict === "thin"
      ? { points: 8, reason: { code: "thin-wall", leftMm: wall.leftMm, thinMm: wall.thinMm } }
      : undefined,
    damage.part === "hole" && drills && thread === damage.thread && !GETS_OUT.has(kind)
      ? { points: 0, reason: { code: "keeps-size" } }
      : undefined,
    often === undefined
      ? undefined
      : { points: often, reason: { code: "undone-often", helps: often < 0 } },
    shakes === undefined ? undefined : { points: shakes, reason: { code: "vibrates" } },
    thread.family === damage.thread.family ? undefined : { points: 6, reason: { code: "odd-one" } },
    damage.access === "tight" && drills ? { points: 6, reason: { code: "tight" } } : undefined,
    ...ownTerms(attempt, damage),
    STUCK.has(damage.symptom) && !GETS_OUT.has(kind)
      ? { points: 20, reason: { code: "first-out" } }
      : undefined,
    taps === 0 ? undefined : { points: 8 * taps, reason: { code: "tap-missing", taps } },
    { points: 10 * (cost - 1), reason: { code: "cost", cost } },
  ];
  return terms.filter((term) => term !== undefined);
}

/** A screw that is whole is drilled into last: what is tried before does it no harm. */
const WHOLE_SCREW: ReadonlySet<Symptom> = new Set(["seized", "rounded"]);
const DRILLED_LAST = 16;

function baseOf(kind: RepairKind, { part, symptom }: Damage): number {
  if (kind === "extract" && WHOLE_SCREW.has(symptom)) return DRILLED_LAST;
  return kind === "chase" && part === "screw" ? 1 : KIND_FACTS[kind].base;
}

/** Whether it holds less than is wanted, and what then. */
function weakness(
  { holdN }: Attempt,
  { duty, structural = false }: Damage,
  wantedN: number | undefined,
): { readonly weaker?: RepairReason; readonly refusal?: RepairRefusal } {
  if (holdN === undefined || wantedN === undefined || holdN >= wantedN - 1e-6) return {};
  return STRICT.has(duty) || structural
    ? { refusal: { code: "holds-too-little", holdN, wantedN } }
    : { weaker: { code: "weaker", holdN, wantedN } };
}

interface Loads {
  /** What the sound hole held, and what is wanted of a repair. */
  readonly soundN?: number;
  readonly wantedN?: number;
}

function optionOf(attempt: Attempt, damage: Damage, { soundN, wantedN }: Loads): RepairOption {
  const { refusal: found, ...rest } = attempt;
  const { weaker, refusal: weak } = weakness(attempt, damage, wantedN);
  const refusal = forbidden(attempt.kind, damage) ?? found ?? weak;
  const { holdN } = attempt;
  const ratio = holdN === undefined || soundN === undefined ? undefined : holdN / soundN;
  const terms = termsOf(attempt, damage, soundN);
  return {
    ...rest,
    verdict: refusal === undefined ? "possible" : "refused",
    cost: KIND_FACTS[attempt.kind].cost,
    ...(ratio === undefined ? {} : { strengthRatio: ratio }),
    ...(weaker === undefined ? {} : { weaker: true }),
    score: terms.reduce((sum, { points }) => sum + points, baseOf(attempt.kind, damage)),
    reasons: [
      ...(refusal === undefined ? [] : [{ code: "refused", refusal } as const]),
      ...(weaker === undefined || refusal !== undefined ? [] : [weaker]),
      ...terms.map(({ reason }) => reason),
    ],
  };
}

/** Of a hole that held a screw: the loads that a repair is held against. */
function loadsOf(damage: Damage): Loads {
  if (!takesMetal(damage) || damage.symptom === "nut-stripped") return {};
  // A plug of a cylinder is turned to its own torque: no class of screw says what is wanted of it.
  if (damage.symptom === "combustion") return { soundN: soundHoldN(damage) };
  return { soundN: soundHoldN(damage), wantedN: wantedLoadN(damage) };
}

/**
 * Ways to put a damage right: those that hold what is wanted, the best of them on top; then those that hold less, never
 * advised; then those refused, each with its reasons. Nothing is advised while it is not said what a pipe thread holds in.
 * Scores, walls and sound shares are rules of this product, not a standard's.
 */
export function repairOptions(damage: Damage): readonly RepairOption[] {
  const loads = loadsOf(damage);
  const all = kindsFor(damage)
    .flatMap((kind) => attempts(kind, damage))
    .map((attempt) => optionOf(attempt, damage, loads))
    .toSorted((a, b) => a.score - b.score);
  const offered = all.filter(({ verdict }) => verdict !== "refused");
  const holding = offered.filter(({ weaker }) => weaker !== true);
  const asks = medium(damage) === "ask";
  return [
    ...holding.map((option, at) =>
      at === 0 && !asks ? ({ ...option, verdict: "advised" } as const) : option,
    ),
    ...offered.filter(({ weaker }) => weaker === true),
    ...all.filter(({ verdict }) => verdict === "refused"),
  ];
}
