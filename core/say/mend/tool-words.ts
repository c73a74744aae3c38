import { lengthWritten } from "../../callout";
import { drillWords } from "../charts";
import type { RepairOption, RepairTool } from "../../mend/repair";
import { TAP_WORDS } from "../sheet";
import { threadName } from "../../catalogue/threads";
import { printPlain } from "../../measure";

const lengthened = (name: string, tool: RepairTool) =>
  tool.lengthMm === undefined
    ? name
    : `${name} x ${lengthWritten(tool.lengthMm, tool.inside ?? tool.thread)}`;

/** What a counter is asked for, with the thread's name. */
const PLAIN: Readonly<Partial<Record<RepairTool["tool"], (name: string) => string>>> = {
  adaptor: (name) => `an adaptor, or a nipple of the port’s own ${name}`,
  "insert-tap": (name) => `insert tap ${name}`,
  "thread-file": (name) => `thread file for ${name}`,
  sealant: () => "compound or tape",
  "weld-nut": (name) => `weld nut ${name}`,
  "sealing-washer": (name) => `a new sealing washer for ${name}`,
  washer: (name) => `washer for ${name}`,
  "penetrating-oil": () => "penetrating oil",
  "heat-gun": () => "hot air, or a soft flame",
  "gripping-pliers": () => "self-gripping pliers",
  "tap-fingers": (name) => `tap fingers for ${name}`,
  "spark-eroder": () => "a shop that erodes by spark",
  "heat-set-insert": (name) => `melt-in insert ${name}, brass, knurled`,
  "self-cutting-bush": (name) => `self-cutting bush ${name}, with cutting slots`,
};

const sheetWords = ({ sheetMm }: RepairTool) =>
  sheetMm === undefined ? "" : `, for ${printPlain(sheetMm, 1)} mm sheet`;

/** A tool or a part of a repair in the words of a counter: "insert tap M8 x 1.25", "drill 8.4 mm", "rivet nut M6 x 1, flat head, for 2 mm sheet". */
export function repairToolWords(tool: RepairTool): string {
  const { thread, drill, tap, lengthInDiameters, inside } = tool;
  const name = threadName(thread);
  const plain = PLAIN[tool.tool];
  if (plain !== undefined) return plain(name);
  switch (tool.tool) {
    case "drill":
      return drill === undefined ? "drill" : `drill ${drillWords(drill)}`;
    case "insert": {
      const length =
        lengthInDiameters === undefined
          ? ""
          : `, ${printPlain(lengthInDiameters)} D (${printPlain(lengthInDiameters * thread.majorMm, 1)} mm)`;
      return `wire insert ${name}${length}`;
    }
    case "bush":
      return inside === undefined
        ? `bush ${name}`
        : lengthened(`solid bush ${threadName(inside)} inside, ${name} outside`, tool);
    case "reducing-bush":
      return inside === undefined
        ? `reducing bush ${name}`
        : `reducing bush ${name} male to ${threadName(inside)} female`;
    case "tap":
      return tap === undefined ? `tap ${name}` : `${TAP_WORDS[tap].toLowerCase()} ${name}`;
    case "longer-screw":
      return tool.lengthMm === undefined
        ? `a longer ${name} screw`
        : lengthened(`screw ${name}`, tool);
    case "rivet-nut":
      return `rivet nut ${name}, flat head${sheetWords(tool)}`;
    case "clinch-nut":
      return `pressed-in nut ${name}${sheetWords(tool)}`;
    case "cage-nut":
      return `cage nut ${name}${sheetWords(tool)}`;
    default:
      return `${tool.tool} ${name}`;
  }
}

/** Parts that are bought for a repair, and used up by it. */
const BOUGHT: ReadonlySet<RepairTool["tool"]> = new Set([
  "insert",
  "bush",
  "plug",
  "screw",
  "longer-screw",
  "stud",
  "nut",
  "washer",
  "sealing-washer",
  "adaptor",
  "reducing-bush",
  "rivet-nut",
  "clinch-nut",
  "weld-nut",
  "cage-nut",
  "heat-set-insert",
  "self-cutting-bush",
]);

/** What a repair has to have bought: its parts, and the tools that are not on hand, in the words of a counter. */
export function repairOrderWords({ needs }: Pick<RepairOption, "needs">): readonly string[] {
  const wanted = needs.filter(({ tool, owned }) => BOUGHT.has(tool) || owned === false);
  return [...new Set(wanted.map((tool) => repairToolWords(tool)))];
}
