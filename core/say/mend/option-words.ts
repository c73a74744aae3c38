import { reserveWord, type TapEffort, type TapReserveWord } from "../../mend/holes";
import {
  torqueOfLoadNm,
  type RepairKind,
  type RepairOption,
  type RepairReason,
} from "../../mend/repair";
import { lengthWritten } from "../../callout";
import { forceWords } from "../sheet";
import { threadName } from "../../catalogue/threads";
import { printLength, printPlain, type Units } from "../../measure";
import { refusalWords } from "./refusal-words";

const REPAIR_KIND_WORDS: Readonly<Record<RepairKind, string>> = {
  chase: "Chase the thread",
  file: "File it by its pitch",
  reseal: "Seal it anew",
  adaptor: "An adaptor between",
  "longer-screw": "A longer screw",
  retap: "Run the tap through",
  "wire-insert": "Wire insert",
  oversize: "Go up a size",
  "solid-bush": "Solid bush",
  "through-bolt": "Bolt it through",
  stud: "A stud in its place",
  "replace-fastener": "Replace the screw",
  extract: "Get the stump out",
  "plug-and-redrill": "Plug and drill afresh",
  die: "Run a die down it",
  "replace-part": "Replace the part",
  "build-up": "Weld it up",
  free: "Soak it and shock it",
  "free-hot": "Heat the part",
  "drive-in": "Drive the next size in",
  "grip-head": "Grip it from outside",
  "nut-on": "Weld a nut on",
  "head-off": "Drill its head off",
  "tap-fingers": "Back it out by its flutes",
  erode: "Spark it out",
  "ease-mate": "Open the mating hole",
  "new-nut": "A new nut",
  "cage-nut": "A new cage nut",
  "weld-nut": "A new weld nut",
  "nut-behind": "A nut behind",
  "rivet-nut": "Rivet nut",
  "clinch-nut": "Pressed-in nut",
  "insert-again": "A new insert in its thread",
  "heat-set": "Melted-in insert",
  "self-cutting-bush": "Self-cutting bush",
};

/** "Wire insert, 1.5 D", "Go up a size: M10 x 1.5", "A longer screw: M8 x 45". */
export function repairTitleWords(option: RepairOption): string {
  const { kind, thread, lengthInDiameters, screwLength, needs } = option;
  const name = REPAIR_KIND_WORDS[kind];
  if (kind === "oversize") {
    const bush = needs.some(({ tool }) => tool === "reducing-bush");
    return `${name}: ${threadName(thread)}${bush ? " with a reducing bush" : ""}`;
  }
  if (kind === "longer-screw" && screwLength?.stockMm !== undefined) {
    return `${name}: ${threadName(thread)} x ${lengthWritten(screwLength.stockMm, thread)}`;
  }
  return lengthInDiameters === undefined ? name : `${name}, ${printPlain(lengthInDiameters)} D`;
}

export const COST_WORDS = {
  1: "Minutes with hand tools.",
  2: "Takes a tap or a kit.",
  3: "Takes a machine, or a bush.",
  4: "Takes a part, or a shop.",
} as const;

/** Why an option stands where it does: one sentence. */
export function repairReasonWords(reason: RepairReason, units: Units): string {
  switch (reason.code) {
    case "refused":
      return refusalWords(reason.refusal, units);
    case "cost":
      return COST_WORDS[reason.cost];
    case "tap-missing":
      return "Its tap is not among your tools.";
    case "holds":
      return `Holds about ${forceWords(reason.holdN, units)}, where the sound thread held ${forceWords(reason.soundN, units)}.`;
    case "wall-left":
      return `Leaves ${printLength(reason.leftMm, units)} of wall.`;
    case "thin-wall":
      return `Leaves a thin wall: ${printLength(reason.leftMm, units)}, where ${printLength(reason.thinMm, units)} are sound.`;
    case "screw-carries":
      return `The screw carries ${printPlain(reason.ratio, 2)} times as much, of the same class.`;
    case "keeps-size":
      return "The screw, its spanner and its torque stay as they are.";
    case "undone-often":
      return reason.helps
        ? "It is undone often: steel threads wear less than soft metal."
        : "It is undone often: in soft metal it will wear again.";
    case "vibrates":
      return "It vibrates: what is put in has to be locked.";
    case "odd-one":
      return "Another system than the machine’s: the odd one among its screws.";
    case "tight":
      return "There is little room for a drill.";
    case "first-out":
      return "Only once what is stuck is out.";
    case "weaker":
      return `Weaker than is wanted: it holds about ${forceWords(reason.holdN, units)}, and ${forceWords(reason.wantedN, units)} are wanted.`;
    case "rare-size":
      return reason.stocked === "hardly"
        ? "A size that hardly anyone stocks."
        : "A size that is seldom stocked.";
    case "thin-part":
      return `The part is ${printLength(reason.depthMm, units)} thick: the next size finds no more threads in it.`;
    case "new-first":
      return "Safety hangs on it: a new one of the same class comes before any filing.";
    case "floor-left":
      return `Leaves ${printLength(reason.leftMm, units)} under the point of the drill, where ${printLength(reason.leastMm, units)} are the least.`;
    case "maker-says":
      return "What it holds stands in its maker’s sheet.";
  }
}

const RESERVE_WORDS: Readonly<Record<TapReserveWord, string>> = {
  easy: "the tap has plenty in hand",
  ordinary: "ordinary work for the tap",
  "with-care": "go gently: the tap has little in hand",
  "likely-to-break": "the tap is likely to break",
};

/** How hard a tap turns, against 75 %, and what it has in hand: an estimate, in words. */
export function effortWords({ least, most }: TapEffort, reserve: number): string {
  return `${printPlain(least, 1)} to ${printPlain(most, 1)} times the effort of 75 %; ${RESERVE_WORDS[reserveWord(reserve)]}.`;
}

/** What had been chosen is refused as the figures are now: why, and what does work. */
export function lostChoiceWords(
  lost: RepairOption,
  instead: RepairOption | undefined,
  units: Units,
): string {
  const [reason] = lost.reasons;
  const why = reason === undefined ? "" : ` ${repairReasonWords(reason, units)}`;
  const next = instead === undefined ? "" : ` What works now: ${repairTitleWords(instead)}.`;
  return `${repairTitleWords(lost)} was chosen, and is not possible any more.${why}${next}`;
}

/** Where nothing that cuts holds what is wanted: the most that any would hold, as a load and as a torque. */
export function mostHeldWords(options: readonly RepairOption[], units: Units): string | undefined {
  const held = options.filter(({ holdN }) => holdN !== undefined);
  const holds = held.some(({ verdict, weaker }) => verdict !== "refused" && weaker !== true);
  if (held.length === 0 || holds) return undefined;
  // One refused for another reason can not be done at all, whatever it would hold.
  const tooWeak = held.filter(({ verdict, weaker, reasons: [first] }) =>
    verdict === "refused"
      ? first?.code === "refused" && first.refusal.code === "holds-too-little"
      : weaker === true,
  );
  const best = tooWeak.toSorted((a, b) => (b.holdN ?? 0) - (a.holdN ?? 0))[0];
  if (best?.holdN === undefined) return undefined;
  const torqueNm = torqueOfLoadNm(best.thread, best.holdN);
  return `Nothing that can be done here holds so much. The most: ${repairTitleWords(best)}, about ${forceWords(best.holdN, units)}, or ${printPlain(torqueNm, 0)} N m.`;
}
