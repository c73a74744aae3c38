import { firstOf, type Attempt, type RepairTool } from "./attempt-parts";
import type { Damage } from "./damage";
import type { RepairRefusal } from "./refusal";

/** Ways of getting out what is stuck: a screw that will not turn, one whose head is rounded, a hard tool that broke. */
export type StuckRepair =
  | "extract"
  | "free"
  | "free-hot"
  | "drive-in"
  | "grip-head"
  | "nut-on"
  | "head-off"
  | "tap-fingers"
  | "erode";

const TOOLS: Readonly<Record<StuckRepair, readonly RepairTool["tool"][]>> = {
  extract: ["extractor"],
  free: ["penetrating-oil"],
  "free-hot": ["penetrating-oil", "heat-gun"],
  "drive-in": [],
  "grip-head": ["gripping-pliers"],
  "nut-on": ["nut"],
  "head-off": [],
  "tap-fingers": ["tap-fingers"],
  erode: ["spark-eroder"],
};

/** What must not be done to what is stuck there. */
function problem(kind: StuckRepair, damage: Damage): RepairRefusal | undefined {
  const { symptom, noFlame = false, behind = false, material, driveShape, standsOut } = damage;
  const burns = noFlame || behind || material === "magnesium" || material === "plastic";
  switch (kind) {
    case "free-hot":
      return burns ? { code: "no-flame" } : undefined;
    case "nut-on":
      if (burns) return { code: "no-flame" };
      return symptom === "broken-tap" ? { code: "harder-than-drill" } : undefined;
    case "extract":
      return symptom === "broken-tap" ? { code: "harder-than-drill" } : undefined;
    case "tap-fingers":
      // Four fingers go down the flutes of a tap; an extractor has none.
      return damage.brokenTool === "extractor" && standsOut !== true
        ? { code: "nothing-stands-out" }
        : undefined;
    case "grip-head":
      // A socket or a slot stands under the face when it is countersunk: nothing to take hold of.
      return driveShape !== undefined && driveShape !== "hexagon" && standsOut === false
        ? { code: "nothing-stands-out" }
        : undefined;
    default:
      return undefined;
  }
}

/** How what is stuck is got out; whether its thread holds afterwards is looked at then. */
export function stuckAttempt(kind: StuckRepair, damage: Damage): Attempt {
  const { thread } = damage;
  const afterwards: readonly RepairTool[] = [{ tool: "screw", thread }];
  return {
    kind,
    thread,
    needs: [...TOOLS[kind].map((tool): RepairTool => ({ tool, thread })), ...afterwards],
    ...firstOf(problem(kind, damage)),
  };
}
