import type { RepairProblem } from "../holes";
import type { Mm } from "../units";
import type { Medium } from "./damage";
import type { WallCheck } from "./walls";

/** Why a repair is not offered, with its figures. `words` makes the sentence. */
export type RepairRefusal =
  | RepairProblem
  | { readonly code: "holds-too-little"; readonly holdN: number; readonly wantedN: number }
  | { readonly code: "wall-too-thin"; readonly wall: WallCheck; readonly at: WallPlace }
  | { readonly code: "bore-too-big"; readonly boreMm: Mm; readonly mostMm: Mm }
  /** Too little of the thread is whole. */
  | { readonly code: "too-far-gone"; readonly share: number; readonly least: number }
  /** Nothing below is left to reach for. */
  | { readonly code: "nothing-below"; readonly belowMm: Mm }
  | { readonly code: "far-side-closed" }
  | { readonly code: "none-made" }
  /** A die cuts into the skin that gives a hard bolt its strength. */
  | { readonly code: "cuts-strength"; readonly tensileMpa: number }
  | { readonly code: "never" }
  | { readonly code: "never-here" }
  | { readonly code: "not-acknowledged" }
  /** Licensed work. */
  | { readonly code: "defer"; readonly medium?: Medium }
  /** No metal path through compound or coil. */
  | { readonly code: "insulates" }
  | { readonly code: "no-access" };

/** What a wall stands to. */
export type WallPlace = "edge" | "neighbour" | "boss";
