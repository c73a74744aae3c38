import type { Drill } from "../holes";
import type { Thread } from "../threads";
import { attempts } from "./attempt";
import type { Attempt, HeadNeeds, RepairTool } from "./attempt-parts";
import { soundHoldN, type Damage, type Medium } from "./damage";
import type { RepairRefusal } from "./refusal";
import { KIND_FACTS, kindsFor, type RepairCost, type RepairKind } from "./repair-kinds";
import { SEALS } from "./step-sequences";
import type { WallCheck } from "./walls";

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
  readonly wall?: WallCheck;
  readonly holdN?: number;
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
]);
const INSULATING: ReadonlySet<RepairKind> = new Set(["wire-insert", "solid-bush"]);
const LICENSED: ReadonlySet<Medium> = new Set(["gas", "steam", "hydraulic", "brake"]);
const RESEALED: ReadonlySet<Medium> = new Set(["water", "air"]);
/** Metals in which a thread that is often undone wears. */
const SOFT = new Set(["aluminium-cast", "aluminium-wrought", "magnesium", "plastic"]);

/** What the joint's duty forbids, before any figure. */
function forbidden(kind: RepairKind, damage: Damage): RepairRefusal | undefined {
  const { duty, acknowledged = false, medium, access, structural = false } = damage;
  if (REPLACES.has(kind)) return undefined;
  if (structural) return { code: "defer-structure" };
  if (SEALS.has(kind) && medium !== undefined && LICENSED.has(medium))
    return { code: "defer", medium };
  if (duty === "pressure" && !(SEALS.has(kind) && medium !== undefined && RESEALED.has(medium)))
    return { code: "defer", ...(medium === undefined ? {} : { medium }) };
  if (duty === "safety-critical") {
    if (!acknowledged) return { code: "not-acknowledged" };
    if (NEVER_ON_SAFETY.has(kind)) return { code: "never-here" };
  }
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
};

const VIBRATING: Readonly<Partial<Record<RepairKind, number>>> = {
  "plug-and-redrill": 10,
  "solid-bush": 4,
};

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
    damage.part === "hole" && drills && thread === damage.thread
      ? { points: 0, reason: { code: "keeps-size" } }
      : undefined,
    often === undefined
      ? undefined
      : { points: often, reason: { code: "undone-often", helps: often < 0 } },
    shakes === undefined ? undefined : { points: shakes, reason: { code: "vibrates" } },
    thread.family === damage.thread.family ? undefined : { points: 6, reason: { code: "odd-one" } },
    damage.access === "tight" && drills ? { points: 6, reason: { code: "tight" } } : undefined,
    damage.symptom === "snapped" && kind !== "extract"
      ? { points: 20, reason: { code: "first-out" } }
      : undefined,
    taps === 0 ? undefined : { points: 8 * taps, reason: { code: "tap-missing", taps } },
    { points: 10 * (cost - 1), reason: { code: "cost", cost } },
  ];
  return terms.filter((term) => term !== undefined);
}

function baseOf(kind: RepairKind, { part }: Damage): number {
  return kind === "chase" && part === "screw" ? 1 : KIND_FACTS[kind].base;
}

function optionOf(attempt: Attempt, damage: Damage, soundN: number | undefined): RepairOption {
  const { refusal: found, ...rest } = attempt;
  const refusal = forbidden(attempt.kind, damage) ?? found;
  const { holdN } = attempt;
  const ratio = holdN === undefined || soundN === undefined ? undefined : holdN / soundN;
  const terms = termsOf(attempt, damage, soundN);
  return {
    ...rest,
    verdict: refusal === undefined ? "possible" : "refused",
    cost: KIND_FACTS[attempt.kind].cost,
    ...(ratio === undefined ? {} : { strengthRatio: ratio }),
    score: terms.reduce((sum, { points }) => sum + points, baseOf(attempt.kind, damage)),
    reasons: [
      ...(refusal === undefined ? [] : [{ code: "refused", refusal } as const]),
      ...terms.map(({ reason }) => reason),
    ],
  };
}

/**
 * Ways to put a damage right, those offered first and the best of them on top, then those refused, each with its
 * reasons. Scores, walls and sound shares are rules of this product, not a standard's.
 */
export function repairOptions(damage: Damage): readonly RepairOption[] {
  const soundN =
    damage.part === "hole" && damage.symptom !== "leaks" ? soundHoldN(damage) : undefined;
  const all = kindsFor(damage)
    .flatMap((kind) => attempts(kind, damage))
    .map((attempt) => optionOf(attempt, damage, soundN))
    .toSorted((a, b) => a.score - b.score);
  const offered = all.filter(({ verdict }) => verdict !== "refused");
  const refused = all.filter(({ verdict }) => verdict === "refused");
  return [
    ...offered.map((option, at) =>
      at === 0 ? ({ ...option, verdict: "advised" } as const) : option,
    ),
    ...refused,
  ];
}
