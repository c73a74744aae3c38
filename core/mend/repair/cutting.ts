import {
  WORK_MATERIALS,
  spindleRpm,
  type Drill,
  type Lubricant,
  type TurnedTool,
  type WorkMaterial,
} from "../holes";
import type { Tap } from "../../decide/joints";
import type { Hand } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** What takes metal away. */
export type CutTool =
  | "drill"
  | "left-hand-drill"
  | "countersink"
  | "tap"
  | "insert-tap"
  | "chaser"
  | "die"
  | "thread-file"
  | "flat-file"
  | "saw-and-file"
  | "deburrer"
  | "grinder"
  | "carbide-mill";

/** How a tool is turned or led. */
export interface CutTurn {
  readonly sense: Hand;
  readonly way: "steady" | "half-on-quarter-back" | "in-pecks" | "strokes";
}

/** How fast it turns: by hand, or in turns a minute (high-speed steel, an estimate). */
type CutSpeed = "by-hand" | { readonly rpm: number };

/** A cut as it is made: everything that who makes it has to know. Lengths in mm. */
export interface Cut {
  readonly tool: CutTool;
  /** The diameter of the tool, or the thread or pitch it is for. */
  readonly size: Mm | string;
  readonly drill?: Drill;
  readonly tap?: Tap;
  readonly depthMm: Mm;
  readonly speed: CutSpeed;
  readonly lubricant: Lubricant;
  readonly turn: CutTurn;
}

const onMetal = (material: WorkMaterial): Lubricant => WORK_MATERIALS[material].lubricant;

/** A cut on a machine, of a diameter: drilled, countersunk or opened. */
export function turnedCut(
  operation: TurnedTool,
  tool: "drill" | "left-hand-drill" | "countersink" | "carbide-mill",
  material: WorkMaterial,
  diameterMm: Mm,
  depthMm: Mm,
): Cut {
  return {
    tool,
    size: diameterMm,
    depthMm,
    speed: { rpm: spindleRpm(operation, material, diameterMm).adviceRpm },
    lubricant: onMetal(material),
    turn: {
      sense: tool === "left-hand-drill" ? "left" : "right",
      way: operation === "drill" ? "in-pecks" : "steady",
    },
  };
}

/** A hole drilled with a drill that is named. */
export function drilledCut(drill: Drill, material: WorkMaterial, depthMm: Mm): Cut {
  return { ...turnedCut("drill", "drill", material, drill.mm, depthMm), drill };
}

/** What is cut by hand with a tool of a thread: it turns as the thread does, and back for the chips where they are long. */
export function handCut(
  tool: "tap" | "insert-tap" | "chaser" | "die",
  size: string,
  material: WorkMaterial,
  depthMm: Mm,
  sense: Hand,
): Cut {
  const { shortChips, lubricant } = WORK_MATERIALS[material];
  return {
    tool,
    size,
    depthMm,
    speed: "by-hand",
    lubricant,
    turn: { sense, way: shortChips ? "steady" : "half-on-quarter-back" },
  };
}

/** What is filed, sawn or scraped by hand. */
export function strokeCut(
  tool: "thread-file" | "flat-file" | "saw-and-file" | "deburrer" | "grinder",
  size: Mm | string,
  material: WorkMaterial,
  depthMm: Mm,
): Cut {
  return {
    tool,
    size,
    depthMm,
    speed: "by-hand",
    lubricant: onMetal(material),
    turn: { sense: "right", way: "strokes" },
  };
}
