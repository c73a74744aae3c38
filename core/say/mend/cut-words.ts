import { drillWords } from "../charts";
import type { Cut, CutTool, CutTurn } from "../../mend/repair";
import { TAP_WORDS } from "../sheet";
import { printLength, type Units } from "../../measure";
import { lowerFirst, upperFirst } from "../common";
import { LUBRICANT_WORDS } from "./lubricant-words";

const TOOL_WORDS: Readonly<Record<CutTool, string>> = {
  drill: "drill",
  "left-hand-drill": "left-hand drill",
  countersink: "countersink",
  tap: "tap",
  "insert-tap": "insert tap",
  chaser: "chaser",
  die: "die",
  "thread-file": "thread file of its pitch,",
  "flat-file": "flat file, over",
  "saw-and-file": "saw and file, over",
  deburrer: "deburring blade, at",
  grinder: "nut splitter or thin grinding wheel, at",
  "carbide-mill": "spark eroder or carbide cutter",
};

function toolWords({ tool, size, drill, tap }: Cut, units: Units): string {
  const named =
    drill !== undefined
      ? drillWords(drill)
      : typeof size === "number"
        ? printLength(size, units)
        : size;
  if (tap === undefined) return upperFirst(`${TOOL_WORDS[tool]} ${named}`);
  const ofSet = TAP_WORDS[tap].toLowerCase();
  return upperFirst(
    tool === "tap" ? `${ofSet} ${named}` : `${TOOL_WORDS[tool]} ${named}, ${ofSet}`,
  );
}

function turnWords({ sense, way }: CutTurn): string {
  const to = sense === "left" ? "to the left (anticlockwise)" : "to the right";
  switch (way) {
    case "half-on-quarter-back":
      return `half a turn on ${to}, a quarter back`;
    case "in-pecks":
      return sense === "left"
        ? `turning ${to}, in short pecks`
        : "in short pecks, chips out each time";
    case "strokes":
      return "in even strokes";
    case "steady":
      return `turned steadily ${to}`;
  }
}

/** How a cut is made, in four short sentences: tool and size, how deep, how fast and how turned, and what stands on it. Speeds are estimates. */
export function cutWords(cut: Cut, units: Units, deep: string): string {
  const { speed, turn, lubricant } = cut;
  const how =
    speed === "by-hand"
      ? `By hand, ${turnWords(turn)}.`
      : `About ${Math.round(speed.rpm / 10) * 10} turns a minute, ${turnWords(turn)}.`;
  return `${toolWords(cut, units)}, ${deep}. ${how} On it: ${lowerFirst(LUBRICANT_WORDS[lubricant])}`;
}
