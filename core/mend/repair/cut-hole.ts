import {
  chartDrill,
  deepestOverFloorMm,
  drillPointMm,
  leastFloorMm,
  tapsFor,
  type Drill,
} from "../holes";
import { TAPS, tapLeadPitches, type Tap } from "../../decide/joints";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { Damage } from "./damage";
import type { RepairRefusal } from "./refusal";

/** What a repair cuts into a hole: a thread of so much length, with a drill, as deep as that needs and no deeper. */
export interface HoleCut {
  /** The thread that is tapped. */
  readonly thread: Thread;
  readonly drill: Drill;
  readonly fullThreadMm: Mm;
  /** To the bottom of the full width; of a through hole, its length. */
  readonly drillDepthMm: Mm;
  /** How far the drill's point goes beyond it. */
  readonly pointMm: Mm;
  /** In the order in which they are used; none for what is set in without a thread. */
  readonly taps: readonly Tap[];
  /** What stays under the point, where the thickness is known. */
  readonly floor?: FloorLeft;
  /** Its point goes deeper than the old hole's, into metal that nobody has measured: what the part has to be. */
  readonly asks?: FloorAsked;
}

interface FloorLeft {
  readonly leftMm: Mm;
  readonly leastMm: Mm;
}

export interface FloorAsked {
  readonly toPointMm: Mm;
  readonly oldToPointMm: Mm;
  /** The least thickness of the part, plain and over a fluid. */
  readonly thicknessMm: Mm;
  readonly thicknessOverFluidMm: Mm;
}

/** Pitches of a blind hole under the full thread, where a bottoming tap and its chips have room. */
const RUN_OUT = 3;
const CHIP_PITCHES = 1;

/** How deep the full width of a drill may go: as the old hole does, and never nearer to the floor than is left there. */
function roomMm(damage: Damage, drill: Drill, screw: Thread): Mm {
  const { hole, depthMm, thicknessMm, behind = false } = damage;
  if (hole === "through" || thicknessMm === undefined) return depthMm;
  const pointMm = drillPointMm(drill.mm);
  const question = { thicknessMm, majorMm: screw.majorMm, behind, pointMm };
  return Math.min(depthMm, deepestOverFloorMm(question));
}

/** The longest full thread of a pitch that there is room for, with a bottoming tap; not under nothing. */
export function longestThreadMm(damage: Damage, drill: Drill, cut: Thread, screw: Thread): Mm {
  const room = roomMm(damage, drill, screw);
  return damage.hole === "through" ? room : Math.max(0, room - RUN_OUT * cut.pitchMm);
}

/** Why a thread of that length does not go in: the floor would be too thin, or the hole is too shallow. */
export function noRoomFor(damage: Damage, drill: Drill, needsMm: Mm, screw: Thread): RepairRefusal {
  const { depthMm, thicknessMm, behind = false } = damage;
  const room = roomMm(damage, drill, screw);
  if (thicknessMm === undefined || room >= depthMm - 1e-9) {
    return { code: "too-shallow", needsMm, hasMm: depthMm };
  }
  const leftMm = thicknessMm - needsMm - drillPointMm(drill.mm);
  return { code: "floor-too-thin", leftMm, leastMm: leastFloorMm(screw.majorMm, behind) };
}

function floorOf(
  { thicknessMm, hole, behind = false }: Damage,
  toPointMm: Mm,
  screw: Thread,
): Pick<HoleCut, "floor"> {
  if (hole === "through" || thicknessMm === undefined) return {};
  return {
    floor: { leftMm: thicknessMm - toPointMm, leastMm: leastFloorMm(screw.majorMm, behind) },
  };
}

function askedOf(damage: Damage, toPointMm: Mm, screw: Thread): Pick<HoleCut, "asks"> {
  const { hole, depthMm, thread, thicknessMm, behind } = damage;
  const known = thicknessMm !== undefined && behind !== undefined;
  if (hole === "through" || known) return {};
  const oldToPointMm = depthMm + drillPointMm(chartDrill(thread).drill.mm);
  if (toPointMm <= oldToPointMm + 1e-6) return {};
  return {
    asks: {
      toPointMm,
      oldToPointMm,
      thicknessMm: toPointMm + leastFloorMm(screw.majorMm, false),
      thicknessOverFluidMm: toPointMm + leastFloorMm(screw.majorMm, true),
    },
  };
}

/** What a drill leaves at that depth of its full width, and what has to be known before it goes so deep. */
function drilled(
  damage: Damage,
  drill: Drill,
  drillDepthMm: Mm,
  screw: Thread,
): Omit<HoleCut, "thread" | "fullThreadMm" | "taps"> {
  const pointMm = drillPointMm(drill.mm);
  const toPointMm = drillDepthMm + pointMm;
  return {
    drill,
    drillDepthMm,
    pointMm,
    ...floorOf(damage, toPointMm, screw),
    ...askedOf(damage, toPointMm, screw),
  };
}

/** What is wanted of a cut. */
export interface WantedCut {
  readonly thread: Thread;
  readonly fullThreadMm: Mm;
  readonly drill: Drill;
  /** The thread of the screw, whose diameter the floor is a share of. */
  readonly screw: Thread;
}

/** The taps of a set that fit; those on hand where they do, else those that would. */
function fittingTaps(damage: Damage, wanted: WantedCut, depthMm: Mm): readonly Tap[] {
  const { material, hole, behind, tools } = damage;
  const request = {
    thread: wanted.thread,
    material,
    hole,
    depthMm,
    ...(behind === undefined ? {} : { behind }),
  };
  const owned = tapsFor(
    tools === undefined ? request : { ...request, tools },
    wanted.fullThreadMm,
    0,
  );
  if (owned !== undefined && owned.length > 0) return owned;
  return tapsFor({ ...request, tools: { taps: TAPS } }, wanted.fullThreadMm, 0) ?? [];
}

/**
 * How a thread is cut in the old hole: drilled as deep as its full thread, the lead of its last tap and a pitch for chips
 * need, and no deeper than the hole and its floor allow.
 * @returns a refusal where there is no room for that much thread
 */
export function cutHole(damage: Damage, wanted: WantedCut): HoleCut | RepairRefusal {
  const { thread, fullThreadMm, drill, screw } = wanted;
  const { hole, depthMm } = damage;
  const room = roomMm(damage, drill, screw);
  const taps = fittingTaps(damage, wanted, room);
  const last = taps.at(-1);
  const leastMm = fullThreadMm + tapLeadPitches("bottoming") * thread.pitchMm;
  if (last === undefined || (hole === "through" && fullThreadMm > depthMm + 1e-9)) {
    return noRoomFor(damage, drill, hole === "through" ? fullThreadMm : leastMm, screw);
  }
  const under = (tapLeadPitches(last) + CHIP_PITCHES) * thread.pitchMm;
  const drillDepthMm = hole === "through" ? depthMm : Math.min(room, fullThreadMm + under);
  return { thread, fullThreadMm, taps, ...drilled(damage, drill, drillDepthMm, screw) };
}

/** How a hole is drilled for something that is set in it without a tap: as deep as that is long, and its chips. */
export function plainHole(
  damage: Damage,
  drill: Drill,
  lengthMm: Mm,
  leastMm: Mm,
): HoleCut | RepairRefusal {
  const { thread, hole, depthMm } = damage;
  const room = roomMm(damage, drill, thread);
  if (room < leastMm - 1e-9) return noRoomFor(damage, drill, leastMm, thread);
  const drillDepthMm =
    hole === "through" ? depthMm : Math.min(room, lengthMm + CHIP_PITCHES * thread.pitchMm);
  return { thread, fullThreadMm: 0, taps: [], ...drilled(damage, drill, drillDepthMm, thread) };
}

/** Whether a cut was possible. */
export function isCut(cut: HoleCut | RepairRefusal): cut is HoleCut {
  return !("code" in cut);
}

/** The same cut with another drill. */
export function cutWith(damage: Damage, cut: HoleCut, drill: Drill, screw: Thread): HoleCut {
  const { thread, fullThreadMm } = cut;
  const again = cutHole(damage, { thread, fullThreadMm, drill, screw });
  return isCut(again) ? again : cut;
}
