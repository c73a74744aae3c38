import { clearanceHoles, stripLoadN } from "../holes";
import { hexSpanner } from "../looks";
import type { Thread } from "../threads";
import {
  firstOf,
  holdParts,
  nearestWall,
  tapFor,
  wallParts,
  type Attempt,
  type HeadNeeds,
} from "./attempt-parts";
import { boreOf, boss, engagementOf, fullDepthMm, type Damage } from "./damage";
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
export function headNeeds(thread: Thread): HeadNeeds | undefined {
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
  const same =
    own.find((one) => one.thread.series === thread.series) ??
    own.find((one) => one.thread.series === COARSE_OF[thread.family]) ??
    own[0];
  return same === undefined ? [] : [same];
}

function noRoom({ headRoomMm }: Damage, head: HeadNeeds | undefined): RepairRefusal | undefined {
  return headRoomMm === undefined || head === undefined || head.roomMm <= headRoomMm
    ? undefined
    : { code: "no-head-room", needsMm: head.roomMm, hasMm: headRoomMm };
}

function largerAttempt(damage: Damage, one: OversizeThread): Attempt {
  const { thread: larger, drill, torqueRatio, boltRatio } = one;
  const { material, purpose } = damage;
  const plug = purpose === "plug";
  const overMm = Math.min(
    fullDepthMm({ ...damage, thread: larger }),
    Math.max(engagementOf(damage), larger.majorMm),
  );
  const held: Pick<Attempt, "holdN" | "refusal"> = plug
    ? {}
    : holdParts(damage, stripLoadN(larger, material, overMm, boss(damage)));
  const walls = wallParts(nearestWall(damage, larger.majorMm, larger.majorMm));
  const head = plug ? undefined : headNeeds(larger);
  return {
    kind: "oversize",
    thread: larger,
    drill,
    needs: [
      tapFor(larger, damage),
      { tool: "drill", thread: larger, drill, owned: true },
      { tool: plug ? "plug" : "screw", thread: larger },
    ],
    ...(torqueRatio === undefined || plug ? {} : { torqueRatio }),
    ...(boltRatio === undefined || plug ? {} : { boltRatio }),
    ...(head === undefined ? {} : { head }),
    ...walls,
    ...held,
    ...firstOf(walls.refusal, noRoom(damage, head), held.refusal),
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
