import type { RepairOption } from "../../mend/repair";
import { forceWords } from "../sheet";
import { printLength, printPlain, type Units } from "../../measure";
import { COST_WORDS } from "./option-words";
import { repairToolWords } from "./tool-words";

/** A repair in figures, to stand beside another: each line has its name, and an empty figure where there is none. */
export function optionFigures(
  option: RepairOption,
  units: Units,
): readonly (readonly [string, string])[] {
  const { holdN, strengthRatio, wall, torqueRatio, head, needs, cost } = option;
  const missing = needs.filter(({ owned }) => owned === false);
  return [
    ["Holds, by estimate", holdN === undefined ? "" : forceWords(holdN, units)],
    [
      "Of the sound thread",
      strengthRatio === undefined ? "" : `${Math.round(strengthRatio * 100)} %`,
    ],
    ["Wall left", wall === undefined ? "" : printLength(wall.leftMm, units)],
    [
      "Torque, same clamp",
      torqueRatio === undefined ? "as before" : `${printPlain(torqueRatio, 2)} times`,
    ],
    ["Spanner", head?.spanner ?? "as before"],
    ["What it takes", COST_WORDS[cost].replace(/[.]$/, "")],
    ["Missing", missing.map((tool) => repairToolWords(tool)).join(", ")],
  ];
}
