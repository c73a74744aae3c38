import { ownsTap, type Drill } from "../holes";
import type { Tap } from "../../decide/joints";
import type { Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { HoleCut } from "./cut-hole";
import { engagementOf, soundShareOf, type Damage } from "./damage";
import type { RepairRefusal, WallPlace } from "./refusal";
import type { RepairKind } from "./repair-kinds";
import { wallCheck, type WallCheck } from "./walls";
import { wantedLoadN } from "./wanted-load";

/** A tool or part that a repair takes, and whether it is on hand. */
export interface RepairTool {
  readonly tool:
    | "tap"
    | "insert-tap"
    | "insert"
    | "bush"
    | "drill"
    | "chaser"
    | "thread-file"
    | "die"
    | "longer-screw"
    | "screw"
    | "extractor"
    | "nut"
    | "stud"
    | "sealant"
    | "adaptor"
    | "plug"
    | "reducing-bush"
    | "rivet-nut"
    | "clinch-nut"
    | "weld-nut"
    | "cage-nut"
    | "heat-set-insert"
    | "self-cutting-bush"
    | "sealing-washer"
    | "washer"
    | "penetrating-oil"
    | "heat-gun"
    | "gripping-pliers"
    | "tap-fingers"
    | "spark-eroder";
  readonly thread: Thread;
  readonly tap?: Tap;
  readonly drill?: Drill;
  readonly lengthInDiameters?: number;
  readonly lengthMm?: Mm;
  /** The thread inside a bush, and the sheet that a nut is set in. */
  readonly inside?: Thread;
  readonly sheetMm?: Mm;
  /** Undefined for what no list of tools says. */
  readonly owned?: boolean;
}

/** What a larger screw asks of the mating part and of the room round its head. */
export interface HeadNeeds {
  /** Clearance hole of the mating part, medium series. */
  readonly clearanceMm?: Mm;
  readonly acrossFlatsMm: Mm;
  readonly spanner: string;
  readonly cornersMm: Mm;
  /** Outside of a box spanner round it. */
  readonly roomMm: Mm;
}

/** How long a screw has to be; where the old one's length is not known, how much longer than that. */
export interface ScrewLength {
  readonly leastMm: Mm;
  readonly mostMm: Mm;
  readonly stockMm?: Mm;
  readonly beyondOld: boolean;
}

/** A repair tried on a damage: what it would come to, and what stands against it. */
export interface Attempt {
  readonly kind: RepairKind;
  readonly thread: Thread;
  readonly lengthInDiameters?: number;
  readonly drill?: Drill;
  /** How its thread is cut in the hole. */
  readonly cut?: HoleCut;
  /** A screw that is chosen by its length: from, to, and the stocked one. */
  readonly screwLength?: ScrewLength;
  readonly wall?: WallCheck;
  readonly holdN?: number;
  readonly torqueRatio?: number;
  /** Stress area of the new screw against the old one's. */
  readonly boltRatio?: number;
  readonly head?: HeadNeeds;
  readonly needs: readonly RepairTool[];
  readonly refusal?: RepairRefusal;
}

interface NearestWall {
  readonly wall: WallCheck;
  readonly at: WallPlace;
}

/** The thinnest of the walls that are known, once so much is cut. */
export function nearestWall(damage: Damage, majorMm: Mm, cutMm: Mm): NearestWall | undefined {
  const { material, edgeMm, neighbourMm, bossMm } = damage;
  const places = [
    ["edge", edgeMm],
    ["neighbour", neighbourMm],
    ["boss", bossMm === undefined ? undefined : bossMm / 2],
  ] as const;
  const load = { newtons: wantedLoadN(damage), engagementMm: engagementOf(damage) };
  return places
    .flatMap(([at, distanceMm]) =>
      distanceMm === undefined
        ? []
        : [{ at, wall: wallCheck(material, majorMm, cutMm, distanceMm, load) }],
    )
    .toSorted((a, b) => a.wall.leftMm - b.wall.leftMm)[0];
}

export function wallParts(near: NearestWall | undefined): {
  readonly wall?: WallCheck;
  readonly refusal?: RepairRefusal;
} {
  if (near === undefined) return {};
  const { wall, at } = near;
  return wall.verdict === "too-thin"
    ? { wall, refusal: { code: "wall-too-thin", wall, at } }
    : { wall };
}

export function goneProblem(damage: Damage, least: number): RepairRefusal | undefined {
  const share = soundShareOf(damage);
  return share < least ? { code: "too-far-gone", share, least } : undefined;
}

/** The first refusal of several, the gravest first. */
export const firstOf = (...refusals: readonly (RepairRefusal | undefined)[]) => {
  const refusal = refusals.find((one) => one !== undefined);
  return refusal === undefined ? {} : { refusal };
};

export const tapFor = (thread: Thread, damage: Damage): RepairTool => ({
  tool: "tap",
  thread,
  owned: ownsTap(thread, damage.tools),
});
