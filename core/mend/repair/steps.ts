import type { TighteningSurface } from "../../catalogue/circumstances";
import type { Drill } from "../holes";
import type { Tap } from "../../decide/joints";
import type { SizeRange } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { RepairTool } from "./attempt-parts";
import type { FloorAsked } from "./cut-hole";
import type { Cut } from "./cutting";

/** The steps that work plans are made of. `words` writes them. */
export const STEP_CODES = [
  "acknowledge",
  "lay-out",
  "ask-floor",
  "protect",
  "measure",
  "mark",
  "centre",
  "test-piece",
  "align",
  "pilot",
  "drill",
  "countersink",
  "clean",
  "tap",
  "gauge",
  "compound",
  "wind-in",
  "set-depth",
  "tang",
  "cure",
  "screw-in",
  "lock",
  "face",
  "open-mate",
  "shorten",
  "pick-length",
  "which-way",
  "shock",
  "turn-out",
  "drive-in",
  "nut-on",
  "head-off",
  "tap-fingers",
  "erode",
  "cut-nut",
  "fit-nut",
  "weld",
  "set-rivet-nut",
  "press-in",
  "melt-in",
  "drive-bush",
  "coil-out",
  "guard-bore",
  "clear-bore",
  "chase",
  "file",
  "run-nut",
  "deburr",
  "soak",
  "heat",
  "grip",
  "left-drill",
  "right-drill",
  "extractor",
  "drill-out",
  "depressurise",
  "take-out",
  "seal",
  "assemble",
  "leak-test",
  "trial-screw",
  "tighten",
  "record",
] as const;

export type StepCode = (typeof STEP_CODES)[number];

/** Steps that take metal away: each says its tool, size, depth, speed, what stands on it and how it is turned. */
export const CUTTING_STEPS = [
  "pilot",
  "drill",
  "countersink",
  "tap",
  "face",
  "open-mate",
  "shorten",
  "chase",
  "file",
  "deburr",
  "left-drill",
  "right-drill",
  "drill-out",
  "head-off",
  "erode",
  "cut-nut",
] as const satisfies readonly StepCode[];

export type CuttingStepCode = (typeof CUTTING_STEPS)[number];

/** Steps that take time by themselves: a clock runs with them. */
export const TIMED_STEPS: ReadonlySet<StepCode> = new Set(["cure", "soak", "leak-test"]);

/** What has to be minded at a step. */
export type StepCaution =
  | "maker-rules"
  | "chips-in-oilway"
  | "chips-in-flutes"
  | "clamp"
  | "eyes"
  | "no-gloves"
  | "magnesium-fire"
  | "tap-shards"
  | "brush-not-fingers"
  | "gloves-and-air"
  | "no-heat-near-seals"
  | "hard-stub"
  | "relieve-pressure"
  | "work-hardens"
  | "snatches"
  | "fire"
  | "hot-part"
  | "battery-off"
  | "licensed-spark"
  | "fumes"
  | "through-floor";

/** What a step may feel like to who does it. */
export const STEP_FEELS = [
  "tight",
  "loose",
  "stiff",
  "stops",
  "broke",
  "binds",
  "turns-for-ever",
  "proud",
] as const;

export type StepFeel = (typeof STEP_FEELS)[number];

/** What it may feel like, and which step then comes; none goes back past the drill, for the metal is gone. */
export interface StepBranch {
  readonly feel: StepFeel;
  readonly then: StepCode | "next-option" | "stop";
  /** The drill to take in place of the planned one. */
  readonly drill?: Drill;
  /** What the bore has to measure. */
  readonly minor?: SizeRange;
  /** Axial shake that is no fault: (D2 max of the hole - d2 min of the screw) tan 30. */
  readonly shakeMm?: Mm;
}

/** Figures of a step: what is not of it is absent. Lengths in mm, torque in N m, speed in turns a minute. */
export interface StepFigures {
  readonly thread?: string;
  readonly tap?: Tap;
  readonly drill?: Drill;
  readonly drillMark?: string;
  readonly drillMm?: Mm;
  readonly depthMm?: Mm;
  readonly flagFromTipMm?: Mm;
  readonly rpm?: number;
  readonly diameterMm?: Mm;
  /** Where something lies behind: as deep as the tap's tip may come. */
  readonly stopMm?: Mm;
  readonly turns?: number;
  readonly mostTurns?: number;
  /** A length is to be added to the old screw's. */
  readonly beyondOld?: boolean;
  readonly lengthMm?: Mm;
  readonly leastMm?: Mm;
  readonly mostMm?: Mm;
  readonly clearanceMm?: Mm;
  /** The hole of the mating part, where it guides the drill. */
  readonly guideMm?: Mm;
  readonly leastNm?: number;
  readonly mostNm?: number;
  readonly torqueRatio?: number;
  /** The class and the surface that a torque counts on; whether the class was said; held back to what the hole holds. */
  readonly counted?: CountedTorque;
  /** A left-hand thread: what is turned goes the other way. */
  readonly hand?: "left";
  /** What is tried in the hole that was cut: the screw, or what stands in it by itself. */
  readonly gauge?: "screw" | "insert" | "bush" | "plug";
  /** A part that is open to the far side: its least thickness, plain and over a fluid. */
  readonly floor?: FloorAsked;
  /** The washer that goes under the head. */
  readonly washer?: string;
  /** What is measured again before anything is cut. */
  readonly measured?: "hole" | "screw" | "joint";
  /** What has to be laid out. */
  readonly tools?: readonly RepairTool[];
}

/** What a torque of a plan counts on. */
interface CountedTorque {
  readonly grade: string;
  readonly said: boolean;
  readonly surface: TighteningSurface;
  /** Less than the screw's own, as the hole holds no more. */
  readonly heldBack: boolean;
}

interface StepParts {
  readonly figures: StepFigures;
  readonly cautions: readonly StepCaution[];
  readonly branches: readonly StepBranch[];
}

/** A step that cuts has its cut, and no other has one. */
export type WorkStep =
  | (StepParts & { readonly code: CuttingStepCode; readonly cut: Cut })
  | (StepParts & { readonly code: Exclude<StepCode, CuttingStepCode>; readonly cut?: undefined });
