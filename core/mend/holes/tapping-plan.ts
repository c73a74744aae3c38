import { tapLeadPitches, type Tap } from "../../decide/joints";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { blindHole } from "./blind-hole";
import { chartDrill } from "./chart-drill";
import { rankedDrills, usefulDrillsMm, type PlannedDrill } from "./choose-drill";
import { isOwnSystem, type Drill } from "./drill-sets";
import { deepestOverFloorMm, leastFloorMm } from "./floor";
import { drillPointMm, spindleRpm, type SpindleRpm } from "./drilling";
import { ownedDrills, ownedTaps, ownsTap, type OwnedTools } from "./owned-tools";
import { isGiven, rangeProblem } from "./accepted-figures";
import type { RepairCaution, RepairProblem } from "./problem";
import { stripLoadN } from "./strip-load";
import { reserveWord } from "./tap-effort";
import { WORK_MATERIALS, type Lubricant, type WorkMaterial } from "./work-materials";

export type HoleEnd = "through" | "blind";

/** A hole that is to be tapped. */
export interface TappingRequest {
  readonly thread: Thread;
  readonly material: WorkMaterial;
  readonly hole: HoleEnd;
  /** Thickness of a through hole; how deep the full-width bottom of a blind one may lie at most. */
  readonly depthMm: Mm;
  /** Full thread wanted; as much as is of use where it is not given. */
  readonly fullThreadMm?: Mm;
  /** What a blind hole is in, from face to far side. */
  readonly thicknessMm?: Mm;
  /** Fluid, a bearing or a bore behind the floor of a blind hole. */
  readonly behind?: boolean;
  /** Percent of thread to be reached, in place of the metal's own. */
  readonly percent?: number;
  /** The drill to take, where it will do, in place of the best. */
  readonly drill?: Drill;
  readonly tools?: OwnedTools;
}

/** A tap as it is used. */
export interface TapTurns {
  readonly tap: Tap;
  /** Turns until its full thread is down. */
  readonly turns: number;
  /** Turned back to break the chip. */
  readonly reverse: boolean;
}

export interface HolePlan {
  readonly kind: "plan";
  readonly drill: PlannedDrill;
  /** Every drill on hand that will do, best first. */
  readonly drills: readonly PlannedDrill[];
  /** Drills before it, smallest first. */
  readonly pilots: readonly Drill[];
  /** To the bottom of the full width. */
  readonly drillDepthMm: Mm;
  readonly pointMm: Mm;
  /** Where the flag stands on a drill for a blind hole, from its tip. */
  readonly flagFromTipMm: Mm;
  readonly fullThreadMm: Mm;
  readonly countersinkMm: Mm;
  readonly taps: readonly TapTurns[];
  readonly drillRpm: SpindleRpm;
  readonly tapRpm: SpindleRpm;
  readonly countersinkRpm: SpindleRpm;
  readonly lubricant: Lubricant;
  /** What the thread of the hole holds: an estimate. */
  readonly holdN: number;
  readonly cautions: readonly RepairCaution[];
}

export type TappingPlan =
  | HolePlan
  | {
      readonly kind: "cannot";
      readonly problem: RepairProblem;
      /** The longest full thread that does fit. */
      readonly nearestFullMm?: Mm;
    };

/** A deep hole, in diameters, is tapped less full, sheet fuller. */
const DEEP = 1.5;
const SHEET = 1;
const EASED = 5;
const MOST_PERCENT = 83;
/** Small coarse taps in tough metal break: eased as a deep hole is. */
const LOW_RESERVE = 2.5;
/** A thread longer than this holds no more than the screw does. */
const OF_USE_DIAMETERS = 1.5;
/** Countersunk to so many diameters before tapping (DIN 76-1). */
export const COUNTERSINK_DIAMETERS = 1.05;

/** Percent to be reached: the metal's own, less for a deep hole or a weak tap, more for sheet. */
function percentFor({ thread, material, percent, depthMm }: TappingRequest, reserve: number) {
  if (percent !== undefined) return percent;
  const own = WORK_MATERIALS[material].percent;
  const diameters = depthMm / thread.majorMm;
  if (diameters < SHEET) return Math.min(MOST_PERCENT, own + EASED);
  return diameters > DEEP || reserve < LOW_RESERVE ? own - EASED : own;
}

/** No chisel edge is pushed through solid metal: a pilot near 0.3 d from 8 mm up, two from 16. Brass is never piloted. */
function pilotsFor(
  { thread, material }: TappingRequest,
  drillMm: Mm,
  owned: readonly Drill[],
): Drill[] {
  if (material === "brass") return [];
  const own = owned.filter((drill) => isOwnSystem(thread, drill));
  const drills = own.length > 0 ? own : owned;
  const shares = drillMm <= 8 ? [] : drillMm <= 16 ? [0.3] : [0.25, 0.6];
  return shares.flatMap((share) => {
    const near = drills.toSorted(
      (a, b) => Math.abs(a.mm - share * drillMm) - Math.abs(b.mm - share * drillMm),
    );
    return near.slice(0, 1).filter(({ mm }) => mm < drillMm);
  });
}

/**
 * The taps that fit, fewest first: a second last, else a bottoming one after it; a taper tap through, but for a hole with
 * something behind it.
 * @param chipPitches pitches left for chips at the bottom: none in a hole that is there already
 * @returns none where even the last tap on hand does not reach; undefined where there is no tap at all
 */
export function tapsFor(
  { hole, thread, depthMm, tools, behind = false }: TappingRequest,
  fullMm: Mm,
  chipPitches = 1,
): readonly Tap[] | undefined {
  const owned = ownedTaps(tools);
  if (owned.length === 0) return undefined;
  if (hole === "through" && !behind) return owned.slice(0, 1);
  // What lies behind a through hole is not to be met by a tap's lead: it ends with the flattest one.
  if (hole === "through") return owned.filter((tap) => tap !== "taper").slice(-2);
  const fits = (tap: Tap) =>
    fullMm + (tapLeadPitches(tap) + chipPitches) * thread.pitchMm <= depthMm + 1e-9;
  const last = owned.find((tap) => tap !== "taper" && fits(tap)) ?? owned.find(fits);
  if (last === undefined) return [];
  const starts = owned.filter((tap) => tap === "second" && last === "bottoming");
  return [...starts, last];
}

/** The longest full thread that the depth allows with the tap on hand that reaches farthest down. */
function longestFullMm({ thread, hole, depthMm, tools }: TappingRequest): Mm {
  if (hole === "through") return depthMm;
  const last = ownedTaps(tools).at(-1) ?? "bottoming";
  return depthMm - (tapLeadPitches(last) + 1) * thread.pitchMm;
}

function cautionsOf(drill: PlannedDrill, material: WorkMaterial, behind: boolean): RepairCaution[] {
  const word = reserveWord(drill.reserve);
  return [
    "protect-eyes",
    "clamp",
    ...(behind ? (["chips-in-flutes"] as const) : []),
    ...(material === "magnesium" ? (["magnesium-fire"] as const) : []),
    ...(material === "stainless" ? (["work-hardens"] as const) : []),
    ...(material === "brass" ? (["snatches"] as const) : []),
    ...(word === "with-care" || word === "likely-to-break" ? (["reserve-low"] as const) : []),
    ...(drill.withinLimits === false && drill.percent < MOST_PERCENT
      ? (["under-standard-depth"] as const)
      : []),
  ];
}

const cannot = (problem: RepairProblem, nearestFullMm?: Mm): TappingPlan => ({
  kind: "cannot",
  problem,
  ...(nearestFullMm === undefined || nearestFullMm <= 0 ? {} : { nearestFullMm }),
});

function badFigure(request: TappingRequest): RepairProblem | undefined {
  const { thread, depthMm, fullThreadMm, thicknessMm, percent } = request;
  if (thread.taper !== undefined) return { code: "taper" };
  return [
    rangeProblem("depth", depthMm),
    isGiven(fullThreadMm) ? rangeProblem("full-thread", fullThreadMm) : undefined,
    isGiven(thicknessMm) ? rangeProblem("thickness", thicknessMm) : undefined,
    isGiven(percent) ? rangeProblem("percent", percent) : undefined,
  ].find(isGiven);
}

/**
 * How a new hole is drilled and tapped with the tools on hand: drill, pilots, depth, taps and their turns, speeds and
 * what goes on the tap; or why it cannot be, with the longest thread that can. Speeds and loads are estimates.
 */
export function tappingPlan(request: TappingRequest): TappingPlan {
  const { thread, material, hole, depthMm, tools, thicknessMm, behind = false } = request;
  const bad = badFigure(request);
  if (bad !== undefined) return cannot(bad);
  if (!ownsTap(thread, tools)) return cannot({ code: "no-tap" });
  const owned = ownedDrills(tools);
  const usual = rankedDrills(thread, material, owned, WORK_MATERIALS[material].percent)[0];
  const drills = rankedDrills(
    thread,
    material,
    owned,
    percentFor(request, usual?.reserve ?? Infinity),
  );
  const wished = request.drill;
  const drill =
    drills.find(({ drill: one }) => one.set === wished?.set && one.mark === wished.mark) ??
    drills[0];
  if (drill === undefined) {
    return cannot({ code: "no-drill", ...usefulDrillsMm(thread), buy: chartDrill(thread).drill });
  }
  const pointMm = drillPointMm(drill.drill.mm);
  const overFloorMm =
    hole === "blind" && thicknessMm !== undefined
      ? deepestOverFloorMm({ thicknessMm, majorMm: thread.majorMm, behind, pointMm })
      : Infinity;
  const within = { ...request, depthMm: Math.min(depthMm, overFloorMm) };
  const longest = longestFullMm(within);
  const fullThreadMm =
    request.fullThreadMm ?? Math.min(longest, OF_USE_DIAMETERS * thread.majorMm, within.depthMm);
  const taps = tapsFor(within, fullThreadMm);
  const last = taps?.at(-1);
  if (taps === undefined) return cannot({ code: "no-tap" });
  if (last === undefined || fullThreadMm <= 0 || fullThreadMm > longest + 1e-9) {
    const needsMm = fullThreadMm + (hole === "through" ? 0 : within.depthMm - longest);
    const leastMm = leastFloorMm(thread.majorMm, behind);
    return overFloorMm < depthMm
      ? cannot(
          { code: "floor-too-thin", leftMm: overFloorMm + leastMm - needsMm, leastMm },
          longest,
        )
      : cannot({ code: "too-shallow", needsMm, hasMm: depthMm }, longest);
  }
  const blind = blindHole(thread, fullThreadMm, last, drill.drill.mm);
  const drillDepthMm = hole === "through" ? depthMm : blind.drillDepthMm;
  const reverse = !WORK_MATERIALS[material].shortChips;
  return {
    kind: "plan",
    drill,
    drills,
    pilots: pilotsFor(request, drill.drill.mm, owned),
    drillDepthMm,
    pointMm,
    flagFromTipMm: drillDepthMm + pointMm,
    fullThreadMm,
    countersinkMm: COUNTERSINK_DIAMETERS * thread.majorMm,
    taps: taps.map((tap) => ({
      tap,
      turns: fullThreadMm / thread.pitchMm + tapLeadPitches(tap),
      reverse,
    })),
    drillRpm: spindleRpm("drill", material, drill.drill.mm),
    tapRpm: spindleRpm("tap", material, thread.majorMm),
    countersinkRpm: spindleRpm("countersink", material, COUNTERSINK_DIAMETERS * thread.majorMm),
    lubricant: WORK_MATERIALS[material].lubricant,
    holdN: stripLoadN(thread, material, fullThreadMm),
    cautions: cautionsOf(drill, material, behind),
  };
}
