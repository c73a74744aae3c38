import type { AskedFigure } from "../../mend/holes";
import type { PipeSeal } from "../../identify/mating";
import type { Medium, RepairRefusal, ScrewFlaw, WallPlace } from "../../mend/repair";
import { drillWords } from "../charts";
import { forceWords } from "../sheet";
import { printLength, printPlain, type Units } from "../../measure";
import { percentWords, upperFirst } from "../common";

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
  torque: "The torque wanted",
  wear: "What is lost on the diameter",
  "head-room": "The room for the head",
  "mating-hole": "The hole of the mating part",
  "sound-below": "The sound thread below",
  "screw-length": "The length of the old screw",
  "off-place": "How far it lies off its place",
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
  fuel: "fuel",
  refrigerant: "refrigerant",
};

function figureWords(figure: AskedFigure, value: number, units: Units): string {
  if (UNITLESS.has(figure))
    return figure === "percent" ? `${printPlain(value)} %` : printPlain(value);
  if (figure === "torque") return `${printPlain(value, 2)} N m`;
  return figure === "wanted-load" ? forceWords(value, units) : printLength(value, units);
}

const FLAW_WORDS: Readonly<Record<ScrewFlaw, string>> = {
  crack: "It is cracked: throw it away, and mark it so that nobody takes it again.",
  waist: "It has a waist: it was stretched past its yield. Throw it away.",
  stretch: "Its thread is stretched: a known nut binds on it away from the ends. Throw it away.",
};

const NEVER_SEALS: Readonly<Record<PipeSeal["reason"], string>> = {
  "washer-or-ring": "It seals on a face: with a washer or a ring, not on the thread.",
  "compound-or-tape": "It seals on the thread.",
  "other-system":
    "An American and a British pipe thread never seal together: other flank angles, and a spiral channel is left. Tape hides it for a week.",
  "other-size": "The two are not of one size.",
  "taper-in-parallel": "A taper in a parallel port touches at one turn. An adaptor is right.",
  "parallel-on-taper": "A parallel thread on a taper touches at one turn. An adaptor is right.",
  "not-pipe": "This pair has no place that seals: it is no pair of pipe threads.",
};

/** Who may work on what holds something in, or why nobody does by feel. */
function deferWords(licensed: boolean, medium: Medium | undefined): string {
  const what = medium === undefined ? "A joint" : upperFirst(MEDIUM_WORDS[medium]);
  return licensed
    ? `${what} under pressure is licensed work: the maker’s data and the local code say who may do it.`
    : `${what} under pressure needs no licence here, but a thread that holds it is not cut anew by feel: replace the part, or ask its maker.`;
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
      return `No drill on hand from ${length(refusal.leastMm)} to ${length(refusal.mostMm)}: get ${drillWords(refusal.buy)}.`;
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
      if (refusal.torn)
        return "The bore is wider than the old thread: no sound thread is known below it. Measure what is left there, and say it.";
      return refusal.belowMm <= 0
        ? "There is no sound thread below the old screw."
        : `Only ${length(refusal.belowMm)} of sound thread lie below the old screw, and ${length(refusal.leastMm)} are needed in this metal.`;
    case "far-side-closed":
      return "The far side cannot be reached.";
    case "no-standard":
      return "No chaser and no die is made for a thread of no standard.";
    case "none-made":
      return "None is made for this thread, or no drill on hand fits it.";
    case "cuts-strength":
      return `A die cuts away the rolled skin: never on a screw of ${printPlain(refusal.tensileMpa)} MPa.`;
    case "worn-away":
      return `${percentWords(refusal.share)} of its section is left, and ${percentWords(refusal.least)} are the least: throw it away.`;
    case "flawed":
      return FLAW_WORDS[refusal.flaw];
    case "no-head-room":
      return `Its head and spanner need ${length(refusal.needsMm)} across, and there are ${length(refusal.hasMm)}.`;
    case "no-insert-drill": {
      const { leastMm, mostMm, buy } = refusal;
      const get = buy === undefined ? "" : `: get ${drillWords(buy)}`;
      return `No drill on hand from ${length(leastMm)} to ${length(mostMm)} for the insert’s tap${get}.`;
    }
    case "never-seals":
      return NEVER_SEALS[refusal.reason];
    case "pair-is-right":
      return "The two threads belong together: nothing has to go between.";
    case "bore-over-thread":
      return `The bore reads ${length(refusal.boreMm)}, and the thread that was there is ${length(refusal.majorMm)} over its crests. Measure again, or name the thread that was there.`;
    case "wall-gone":
      return `The edge is ${length(refusal.edgeMm)} from the centre, within the hole’s own ${length(refusal.radiusMm)}: there is no wall left. Build the part up or replace it; nothing is cut here.`;
    case "under-tap-lead":
      return `A hole ${length(refusal.depthMm)} deep is no deeper than a tap’s own lead of ${length(refusal.leadMm)}: drill deeper, or bolt it through.`;
    case "deeper-than-part":
      return `The hole reads ${length(refusal.depthMm)} deep in a part ${length(refusal.thicknessMm)} thick: it is a through hole, or one of the two was misread.`;
    case "no-drills":
      return "There is not one drill among your tools: put what you have on the list.";
    case "never":
      return "Never weld on a thread that has to hold.";
    case "never-here":
      return "Never on a joint on which safety hangs.";
    case "not-acknowledged":
      return "Read the caution first: here only the maker’s own repair instruction counts, and who may do it.";
    case "defer":
      return deferWords(refusal.licensed, refusal.medium);
    case "no-left-hand":
      return "None is stocked in left hand: have one made, or take another way.";
    case "ask-medium":
      return "Say first what it holds in: water, air or oil of the shop’s own, or what only licensed hands may touch.";
    case "no-flame":
      return "No flame and no weld here: seals, fuel, wires, oil or a metal that burns are near.";
    case "harder-than-drill":
      return "It is as hard as any drill: neither a drill nor an extractor bites, and what breaks off stays in.";
    case "nothing-stands-out":
      return "Nothing stands out to take hold of.";
    case "stays-off":
      return `The hole lies ${length(refusal.offMm)} off its place, and this takes up ${length(refusal.slackMm)} at the most.`;
    case "wrong-nut":
      return "It is for another kind of nut than this one.";
    case "not-for-metal":
      return "It does not hold in this metal.";
    case "sheet-thickness":
      return `The sheet reads ${length(refusal.readMm)}; it is made for ${length(refusal.leastMm)} to ${length(refusal.mostMm)}.`;
    case "no-size-made":
      return "None is commonly made for this thread.";
    case "defer-structure":
      return "What holds a building, a crane or a rack up is not mended by feel: the engineer’s drawing and the local code say how, and who may.";
    case "insulates":
      return "It stands in the path of the current: bare metal and a toothed washer belong there.";
    case "no-access":
      return "There is no room for a drill.";
  }
}
