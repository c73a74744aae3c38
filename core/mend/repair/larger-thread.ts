import { howStocked } from "../../catalogue/fasteners";
import { clearanceHoles, stripLoadN, type Drill } from "../holes";
import { hexSpanner } from "../../catalogue/looks";
import { inHand, isPipeThread, taperLengths, type Thread } from "../../catalogue/threads";
import {
  firstOf,
  nearestWall,
  tapFor,
  wallParts,
  type Attempt,
  type HeadNeeds,
  type RepairTool,
} from "./attempt-parts";
import { cutHole, isCut, longestThreadMm, noRoomFor, type HoleCut } from "./cut-hole";
import { boreOf, boss, engagementOf, type Damage } from "./damage";
import { oversizeThreads, type OversizeThread } from "./oversize";
import type { RepairRefusal } from "./refusal";

const COARSE_OF: Readonly<Record<string, string>> = {
  "iso-metric": "coarse",
  unified: "UNC",
  whitworth: "BSW",
};
/** Across the corners of a hexagon, against its flats; the wall of a box spanner round it. */
const CORNERS = 1.155;
const SPANNER_WALL_MM = 3;

/** What a hexagon screw of the thread asks of the mating part and of the room round it. */
function headNeeds(thread: Thread): HeadNeeds | undefined {
  const spanner = hexSpanner(thread);
  if (spanner === undefined) return undefined;
  const clearanceMm = clearanceHoles(thread)?.normal.mm;
  const cornersMm = CORNERS * spanner.acrossFlatsMm;
  return {
    ...(clearanceMm === undefined ? {} : { clearanceMm }),
    acrossFlatsMm: spanner.acrossFlatsMm,
    spanner: spanner.mark,
    cornersMm,
    roomMm: cornersMm + 2 * SPANNER_WALL_MM,
  };
}

/** The first of each family and series, in their order. */
function firstOfEach(found: readonly OversizeThread[]): readonly OversizeThread[] {
  const seen = new Set<string>();
  return found.filter(({ thread: { family, series } }) => {
    const key = `${family} ${series}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}

/** The next size up: the first that is stocked as usual, and before it in size what is stocked seldom, after it in the list. */
function nextSizes(found: readonly OversizeThread[]): readonly OversizeThread[] {
  const usual = found.find(({ thread }) => howStocked(thread) === "usual");
  const [first] = found;
  return [usual, first === usual ? undefined : first].filter((one) => one !== undefined);
}

/** The larger threads that are looked at: the next of its own kind; the first of every kind where bigger is wanted. */
function largerThreads(damage: Damage): readonly OversizeThread[] {
  const { thread, material, tools, symptom, purpose } = damage;
  const found = oversizeThreads({
    boreMm: boreOf(damage),
    original: thread,
    material,
    ...(purpose === undefined ? {} : { purpose }),
    ...(tools === undefined ? {} : { tools }),
    most: Infinity,
  });
  const isKin = (one: OversizeThread) => one.thread.series === thread.series;
  if (symptom === "too-small") {
    return firstOfEach(found).toSorted((a, b) => Number(isKin(b)) - Number(isKin(a)));
  }
  const own = found.filter((one) => one.thread.family === thread.family);
  const same = own.filter(isKin);
  const coarse = own.filter((one) => one.thread.series === COARSE_OF[thread.family]);
  return nextSizes(same.length > 0 ? same : coarse.length > 0 ? coarse : own);
}

function noRoom({ headRoomMm }: Damage, head: HeadNeeds | undefined): RepairRefusal | undefined {
  return headRoomMm === undefined || head === undefined || head.roomMm <= headRoomMm
    ? undefined
    : { code: "no-head-room", needsMm: head.roomMm, hasMm: headRoomMm };
}

/** Under so much of the new thread it is not begun: a few turns hold nothing. */
const LEAST_DIAMETERS = 0.6;

/** How much of the larger thread is cut, and where. */
function largerCut(damage: Damage, larger: Thread, drill: Drill): HoleCut | RepairRefusal {
  const taper = taperLengths(larger)?.usefulMm;
  const wantedMm = taper ?? Math.max(engagementOf(damage), larger.majorMm);
  const fullThreadMm = Math.min(longestThreadMm(damage, drill, larger, larger), wantedMm);
  const leastMm = Math.min(wantedMm, LEAST_DIAMETERS * larger.majorMm);
  if (damage.hole === "blind" && fullThreadMm < leastMm - 1e-9) {
    return noRoomFor(damage, drill, leastMm + 3 * larger.pitchMm, larger);
  }
  return cutHole(damage, { thread: larger, fullThreadMm, drill, screw: larger });
}

/** What is bought for a larger thread: a screw, a plug, or a bush that leads back to the pipe's own size. */
function goesIn(damage: Damage, larger: Thread): readonly RepairTool[] {
  const { thread, purpose } = damage;
  if (isPipeThread(larger) && isPipeThread(thread)) {
    return [
      { tool: "reducing-bush", thread: larger, inside: thread },
      { tool: "sealant", thread: larger },
    ];
  }
  return [{ tool: purpose === "plug" ? "plug" : "screw", thread: larger }];
}

function largerAttempt(damage: Damage, one: OversizeThread): Attempt {
  const { drill, torqueRatio, boltRatio } = one;
  const { material, purpose, thread } = damage;
  const larger = inHand(one.thread, thread.hand);
  const plug = purpose === "plug" || isPipeThread(larger);
  const cut = largerCut(damage, larger, drill);
  const made = isCut(cut) ? cut : undefined;
  const overMm = made?.fullThreadMm ?? 0;
  const walls = wallParts(nearestWall(damage, larger.majorMm, larger.majorMm));
  const head = plug ? undefined : headNeeds(larger);
  return {
    kind: "oversize",
    thread: larger,
    drill,
    ...(made === undefined ? {} : { cut: made }),
    needs: [
      tapFor(larger, damage),
      { tool: "drill", thread: larger, drill, owned: true },
      ...goesIn(damage, larger),
      ...(plug ? [] : [{ tool: "washer", thread: larger } as const]),
    ],
    ...(torqueRatio === undefined || plug ? {} : { torqueRatio }),
    ...(boltRatio === undefined || plug ? {} : { boltRatio }),
    ...(head === undefined ? {} : { head }),
    ...walls,
    ...(plug ? {} : { holdN: stripLoadN(larger, material, overMm, boss(damage)) }),
    ...firstOf(isCut(cut) ? undefined : cut, walls.refusal, noRoom(damage, head)),
  };
}

/** Larger threads for the hole, each with its wall, its hold and the room its head asks for. */
export function oversizeAttempts(damage: Damage): readonly Attempt[] {
  const chosen = largerThreads(damage);
  if (chosen.length === 0) {
    return [{ kind: "oversize", thread: damage.thread, needs: [], refusal: { code: "none-made" } }];
  }
  return chosen.map((one) => largerAttempt(damage, one));
}
