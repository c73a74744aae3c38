import type { AskedFigure } from "../holes";
import type { Medium, RepairRefusal, WallPlace } from "../repair";
import { forceWords } from "../sheet-words";
import { printLength, printPlain, type Units } from "../units";
import { percentWords, upperFirst } from "../words";

const FIGURE_WORDS: Readonly<Record<AskedFigure, string>> = {
  depth: "The depth",
  thickness: "The thickness",
  "full-thread": "The length of full thread",
  bore: "The bore",
  edge: "The distance to the edge",
  neighbour: "The distance to the next hole",
  boss: "The boss",
  engagement: "The engagement",
  percent: "The percent of thread",
  "sound-share": "The share of sound thread",
  "wanted-load": "The load wanted",
};

const UNITLESS: ReadonlySet<AskedFigure> = new Set(["percent", "sound-share"]);

const PLACE_WORDS: Readonly<Record<WallPlace, string>> = {
  edge: "to the edge",
  neighbour: "to the next hole",
  boss: "of the boss",
};

const MEDIUM_WORDS: Readonly<Record<Medium, string>> = {
  water: "water",
  air: "air",
  oil: "oil",
  gas: "gas",
  steam: "steam",
  hydraulic: "hydraulics",
  brake: "brakes",
};

function figureWords(figure: AskedFigure, value: number, units: Units): string {
  if (UNITLESS.has(figure))
    return figure === "percent" ? `${printPlain(value)} %` : printPlain(value);
  return figure === "wanted-load" ? forceWords(value, units) : printLength(value, units);
}

/** Why a repair, or a plan, is refused: one sentence with what was read and what would do. */
export function refusalWords(refusal: RepairRefusal, units: Units): string {
  const length = (mm: number) => printLength(mm, units);
  switch (refusal.code) {
    case "out-of-range": {
      const { figure, read, least, most } = refusal;
      const said = (value: number) => figureWords(figure, value, units);
      return `${FIGURE_WORDS[figure]}: read ${said(read)}. Accepted: ${said(least)} to ${said(most)}.`;
    }
    case "taper":
      return "A taper thread is drilled to its small end and reamed to its taper: it has no plan here.";
    case "no-drill":
      return `No drill on hand from ${length(refusal.leastMm)} to ${length(refusal.mostMm)}: get a ${refusal.buy.mark}.`;
    case "no-tap":
      return "No tap for this thread is on hand.";
    case "too-shallow":
      return `It takes a hole ${length(refusal.needsMm)} deep, and there are ${length(refusal.hasMm)}.`;
    case "floor-too-thin":
      return refusal.leftMm <= 0
        ? `The point of the drill would come through: ${length(refusal.leastMm)} have to stay under it.`
        : `Only ${length(refusal.leftMm)} would stay under the point of the drill, and ${length(refusal.leastMm)} are needed.`;
    case "holds-too-little":
      return `It would hold ${forceWords(refusal.holdN, units)}, and ${forceWords(refusal.wantedN, units)} are wanted.`;
    case "wall-too-thin":
      return refusal.wall.leftMm <= 0
        ? `It would break out: the cut is wider than the wall ${PLACE_WORDS[refusal.at]} by ${length(-refusal.wall.leftMm)}.`
        : `The wall ${PLACE_WORDS[refusal.at]} would be ${length(refusal.wall.leftMm)}, and ${length(refusal.wall.refuseMm)} are the least.`;
    case "bore-too-big":
      return `The bore is torn to ${length(refusal.boreMm)}: over ${length(refusal.mostMm)} too little of the new thread stands.`;
    case "too-far-gone":
      return `${percentWords(refusal.share)} of the thread is whole, and ${percentWords(refusal.least)} are the least.`;
    case "nothing-below":
      return refusal.belowMm <= 0
        ? "There is no sound thread below the old screw."
        : `Only ${length(refusal.belowMm)} of sound thread lie below the old screw.`;
    case "far-side-closed":
      return "The far side cannot be reached.";
    case "none-made":
      return "None is made for this thread, or no drill on hand fits it.";
    case "cuts-strength":
      return `A die cuts away the rolled skin: never on a screw of ${printPlain(refusal.tensileMpa)} MPa.`;
    case "never":
      return "Never weld on a thread that has to hold.";
    case "never-here":
      return "Never on a joint on which safety hangs.";
    case "not-acknowledged":
      return "Read the caution first: here only the maker’s own repair instruction counts, and who may do it.";
    case "defer":
      return refusal.medium === undefined
        ? "A joint under pressure is licensed work: the maker’s data and the local code say who may do it."
        : `${upperFirst(MEDIUM_WORDS[refusal.medium])} under pressure is licensed work: the maker’s data and the local code say who may do it.`;
    case "insulates":
      return "It stands in the path of the current: bare metal and a toothed washer belong there.";
    case "no-access":
      return "There is no room for a drill.";
  }
}
