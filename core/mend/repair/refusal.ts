import type { Drill, RepairProblem } from "../holes";
import type { Mm } from "../../measure";
import type { Medium, ScrewFlaw } from "./damage";
import type { PipeSeal } from "../../identify/mating";
import type { WallCheck } from "./walls";

/** Why a repair is not offered, with its figures. `words` makes the sentence. */
export type RepairRefusal =
  | RepairProblem
  | { readonly code: "holds-too-little"; readonly holdN: number; readonly wantedN: number }
  | { readonly code: "wall-too-thin"; readonly wall: WallCheck; readonly at: WallPlace }
  | { readonly code: "bore-too-big"; readonly boreMm: Mm; readonly mostMm: Mm }
  /** Too little of the thread is whole. */
  | { readonly code: "too-far-gone"; readonly share: number; readonly least: number }
  /** Too little sound thread is left below to reach for; torn: the bore is wider than the old thread, down to where nobody looked. */
  | {
      readonly code: "nothing-below";
      readonly belowMm: Mm;
      readonly leastMm: Mm;
      readonly torn: boolean;
    }
  /** Not stocked in left hand. */
  | { readonly code: "no-left-hand" }
  /** A pipe thread: what it holds in was not said. */
  | { readonly code: "ask-medium" }
  | { readonly code: "no-flame" }
  | { readonly code: "harder-than-drill" }
  | { readonly code: "nothing-stands-out" }
  /** The new thread follows the old hole, which lies wrong. */
  | { readonly code: "stays-off"; readonly offMm: Mm; readonly slackMm: Mm }
  | { readonly code: "wrong-nut" }
  | { readonly code: "not-for-metal" }
  /** A sheet too thin, or too thick, for what is set in it. */
  | {
      readonly code: "sheet-thickness";
      readonly readMm: Mm;
      readonly leastMm: Mm;
      readonly mostMm: Mm;
    }
  | { readonly code: "no-size-made" }
  | { readonly code: "far-side-closed" }
  | { readonly code: "none-made" }
  /** A thread of no standard has no chaser and no die. */
  | { readonly code: "no-standard" }
  /** A die cuts into the skin that gives a hard bolt its strength. */
  | { readonly code: "cuts-strength"; readonly tensileMpa: number }
  /** Lost all round: what is left of its section, and what it must keep. */
  | { readonly code: "worn-away"; readonly share: number; readonly least: number }
  | { readonly code: "flawed"; readonly flaw: ScrewFlaw }
  /** The head or its spanner does not go in. */
  | { readonly code: "no-head-room"; readonly needsMm: Mm; readonly hasMm: Mm }
  /** No drill on hand for the insert's tap. */
  | {
      readonly code: "no-insert-drill";
      readonly leastMm: Mm;
      readonly mostMm: Mm;
      readonly buy?: Drill;
    }
  /** The pair never seals, whatever is put on it. */
  | { readonly code: "never-seals"; readonly reason: PipeSeal["reason"] }
  /** The pair is right: nothing has to be fitted between. */
  | { readonly code: "pair-is-right" }
  | { readonly code: "never" }
  | { readonly code: "never-here" }
  | { readonly code: "not-acknowledged" }
  /** Licensed work, or a joint under pressure that is not. */
  | { readonly code: "defer"; readonly medium?: Medium; readonly licensed: boolean }
  | { readonly code: "defer-structure" }
  /** No metal path through compound or coil. */
  | { readonly code: "insulates" }
  | { readonly code: "no-access" };

/** What a wall stands to. */
export type WallPlace = "edge" | "neighbour" | "boss";
