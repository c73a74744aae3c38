import type { Mm } from "../../measure";
import type { Drill } from "./drill-sets";

/** A figure that is asked for, by what it measures. */
export type AskedFigure =
  | "depth"
  | "thickness"
  | "full-thread"
  | "bore"
  | "edge"
  | "neighbour"
  | "boss"
  | "engagement"
  | "percent"
  | "sound-share"
  | "wanted-load"
  | "torque"
  | "wear"
  | "head-room"
  | "mating-hole"
  | "sound-below"
  | "screw-length"
  | "off-place";

/** Why something cannot be done, with its figures. `words` makes the sentence. */
export type RepairProblem =
  | {
      readonly code: "out-of-range";
      readonly figure: AskedFigure;
      readonly read: number;
      readonly least: number;
      readonly most: number;
    }
  /** A taper thread is drilled to its small end and reamed: it has no plan here. */
  | { readonly code: "taper" }
  /** No drill on hand leaves a thread that holds: which one to get. */
  | { readonly code: "no-drill"; readonly leastMm: Mm; readonly mostMm: Mm; readonly buy: Drill }
  | { readonly code: "no-tap" }
  /** The hole is too shallow for the thread, its tap's lead and the chips. */
  | { readonly code: "too-shallow"; readonly needsMm: Mm; readonly hasMm: Mm }
  /** The point of the drill comes too near the far side, or through it. */
  | { readonly code: "floor-too-thin"; readonly leftMm: Mm; readonly leastMm: Mm }
  /** A bore that this thread never left. */
  | { readonly code: "bore-over-thread"; readonly boreMm: Mm; readonly majorMm: Mm }
  /** The edge lies within the hole. */
  | { readonly code: "wall-gone"; readonly edgeMm: Mm; readonly radiusMm: Mm }
  /** No tap cuts a full thread so near the bottom. */
  | { readonly code: "under-tap-lead"; readonly depthMm: Mm; readonly leadMm: Mm }
  | { readonly code: "deeper-than-part"; readonly depthMm: Mm; readonly thicknessMm: Mm }
  | { readonly code: "no-drills" };

/** What someone who does it has to mind. `words` makes the sentence. */
export type RepairCaution =
  | "protect-eyes"
  | "clamp"
  | "chips-in-flutes"
  | "magnesium-fire"
  | "work-hardens"
  | "snatches"
  | "reserve-low"
  | "under-standard-depth";
