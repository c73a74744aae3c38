import type { Duty } from "../../catalogue/circumstances";
import {
  stripLoadN,
  type Drill,
  type HoleEnd,
  type OwnedTools,
  type TappingRequest,
  type WorkMaterial,
} from "../holes";
import { insertTappedSizes, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** What is wrong, as it shows. */
export const SYMPTOMS = [
  "strips",
  "cross-threaded",
  "pulled-out",
  "snapped",
  "bruised",
  "too-small",
  "new",
  "leaks",
  "seized",
  "rounded",
  "broken-tap",
  "off-centre",
  "nut-stripped",
  "insert-out",
  "thin-sheet",
  "plastic",
  "combustion",
] as const;

export type Symptom = (typeof SYMPTOMS)[number];

export const DAMAGED_PARTS = ["hole", "screw"] as const;

export type DamagedPart = (typeof DAMAGED_PARTS)[number];

/** Room for a drill over the hole. */
export const ACCESSES = ["open", "tight", "none"] as const;

export type Access = (typeof ACCESSES)[number];

/** What a pipe joint holds in. */
export const MEDIA = [
  "water",
  "air",
  "oil",
  "gas",
  "steam",
  "hydraulic",
  "brake",
  "fuel",
  "refrigerant",
] as const;

export type Medium = (typeof MEDIA)[number];

/** What condemns a screw, whatever its thread is like. */
export const SCREW_FLAWS = ["crack", "waist", "stretch"] as const;

export type ScrewFlaw = (typeof SCREW_FLAWS)[number];

/** What a stripped nut is. */
export const NUT_KINDS = ["plain", "weld", "cage"] as const;

export type NutKind = (typeof NUT_KINDS)[number];

/** What a hole opens into. */
export const SPACES = ["combustion", "pressure"] as const;

export type Space = (typeof SPACES)[number];

/** What a spanner or a driver takes hold of. */
export const DRIVE_SHAPES = ["hexagon", "socket", "slot-or-cross"] as const;

export type DriveShape = (typeof DRIVE_SHAPES)[number];

/** A hard tool that broke off in a hole. */
export const BROKEN_TOOLS = ["tap", "extractor"] as const;

export type BrokenTool = (typeof BROKEN_TOOLS)[number];

/** A hole or a screw that is to be put right, as far as it is known. */
export interface Damage {
  readonly symptom: Symptom;
  readonly part: DamagedPart;
  readonly thread: Thread;
  readonly material: WorkMaterial;
  readonly hole: HoleEnd;
  /** Thickness of a through hole; full-width depth of a blind one. */
  readonly depthMm: Mm;
  /** Widest diameter of the torn hole. */
  readonly boreMm?: Mm;
  /** Share of the thread that is whole, 0 to 1. */
  readonly soundShare?: number;
  /** From the centre to the edge, and to the near side of the next hole. */
  readonly edgeMm?: Mm;
  readonly neighbourMm?: Mm;
  readonly bossMm?: Mm;
  /** From the face to the far side of what a blind hole is in. */
  readonly thicknessMm?: Mm;
  readonly engagementMm?: Mm;
  /** Whole thread that somebody found below the tear. */
  readonly soundBelowMm?: Mm;
  /** Length of the screw that was in it, as it is called. */
  readonly screwLengthMm?: Mm;
  readonly gradeId?: string;
  readonly wantedN?: number;
  /** Tightening torque that must be reached, in place of a load. */
  readonly torqueNm?: number;
  readonly duty: Duty;
  /** It holds a building, a crane or a rack up. */
  readonly structural?: boolean;
  readonly acknowledged?: boolean;
  readonly access?: Access;
  readonly medium?: Medium;
  /** Of a joint that leaks: the thread that is screwed in, where it is not the hole's own. */
  readonly male?: Thread;
  /** What a hole that has to go up a size takes. */
  readonly purpose?: "screw" | "plug";
  /** The hole in the mating part, which can lead the drill. */
  readonly matingHoleMm?: Mm;
  /** Diameter that is free for the head and its spanner. */
  readonly headRoomMm?: Mm;
  /** Of a screw: lost on its diameter all along, and what is to be seen on it. */
  readonly wearMm?: Mm;
  readonly flaws?: readonly ScrewFlaw[];
  /** How far a hole lies off its place. */
  readonly offMm?: Mm;
  readonly nutKind?: NutKind;
  readonly space?: Space;
  readonly driveShape?: DriveShape;
  readonly brokenTool?: BrokenTool;
  /** Something of what is stuck stands out of the face. */
  readonly standsOut?: boolean;
  /** Seals, fuel, paint or wires are near: no flame. */
  readonly noFlame?: boolean;
  /** Undone often. */
  readonly often: boolean;
  /** Fluid, a bearing or electrics lie behind. */
  readonly behind?: boolean;
  readonly tools?: OwnedTools;
}

/** A thread longer than this holds no more than the screw does. */
const OF_USE_DIAMETERS = 1.5;
/** Pitches at the bottom of a blind hole that are no full thread. */
const RUN_OUT = 3;
/** Under this share the thread is gone, and its tops with it; so much has to be whole to be restored. */
export const LEAST_SOUND = 0.75;
/** What a gone thread is torn to beyond its major diameter, where it was not measured. */
const TORN_MM: Mm = 0.1;

/** What leaves no thread that holds, where nobody says otherwise. */
const GONE: ReadonlySet<Symptom> = new Set([
  "strips",
  "pulled-out",
  "nut-stripped",
  "thin-sheet",
  "plastic",
]);

/** Share of the thread that is whole, by the symptom where it was not said. Rules of this product. */
export function soundShareOf({ symptom, soundShare }: Damage): number {
  if (soundShare !== undefined) return soundShare;
  if (GONE.has(symptom)) return 0;
  return symptom === "cross-threaded" || symptom === "bruised" ? 0.8 : 1;
}

/** The widest diameter to be cleaned away: measured, or torn a little wide where the thread is gone. */
export function boreOf(damage: Damage): Mm {
  const { boreMm, thread, symptom } = damage;
  if (boreMm !== undefined) return boreMm;
  // What an insert stood in is the widest there is.
  if (symptom === "insert-out") return insertTappedSizes(thread).major;
  return soundShareOf(damage) < LEAST_SOUND ? thread.majorMm + TORN_MM : thread.majorMm;
}

/** Full thread that the hole has room for. */
export function fullDepthMm({ hole, depthMm, thread }: Damage): Mm {
  return hole === "blind" ? Math.max(0, depthMm - RUN_OUT * thread.pitchMm) : depthMm;
}

/** Length over which the screw was held: given, or as much of the depth as is of use. */
export function engagementOf(damage: Damage): Mm {
  const full = fullDepthMm(damage);
  return damage.engagementMm ?? Math.min(full, OF_USE_DIAMETERS * damage.thread.majorMm);
}

/** The load that stripped the hole when it was sound: an estimate. */
export function soundHoldN(damage: Damage): number {
  return stripLoadN(damage.thread, damage.material, engagementOf(damage), boss(damage));
}

/** The boss as an option of a strip load, where there is one. */
export function boss({ bossMm }: Damage): { readonly bossMm?: Mm } {
  return bossMm === undefined ? {} : { bossMm };
}

/** A damage without a thread of its own, as a hole that is to be tapped. */
export function tappingRequestOf(damage: Damage, drill?: Drill): TappingRequest {
  const { thread, material, hole, depthMm, thicknessMm, engagementMm, behind, tools } = damage;
  return {
    thread,
    material,
    hole,
    depthMm,
    ...(thicknessMm === undefined ? {} : { thicknessMm }),
    ...(engagementMm === undefined ? {} : { fullThreadMm: engagementMm }),
    ...(behind === undefined ? {} : { behind }),
    ...(drill === undefined ? {} : { drill }),
    ...(tools === undefined ? {} : { tools }),
  };
}
