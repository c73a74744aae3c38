import { isStockLength, type StockMatch } from "../../catalogue/fasteners";
import { ACCEPTED, type PartKind } from "../../identify/weigh";
import type { HeadStyle } from "../../catalogue/looks";
import { datumWords, nominalLengthWords } from "../sheet";
import type { Thread } from "../../catalogue/threads";
import { printLength, type Units } from "../../measure";
import { percentWords, withArticle } from "../common";

/** What the panels of the Bench, and what comes after it, say in whole sentences. */
export const PANEL_SENTENCES = {
  headFirst:
    "Say which head it has: a countersunk one is measured over all, most others from under the head.",
  oneLeft: "Only one thread is still in the running, so there is nothing to compare.",
  caliperAwaited: "Waiting for the caliper.",
  caliperAway: "No caliper answers. Type the figure, or let a caliper that types do it.",
  touchLines: "Touch in every line you see.",
  endsWrongWayRound: "The small end was read larger than the large end: change them round.",
  findWhat:
    "A thread is set against the readings on the bench; a part as you would order it opens its sheet.",
  enterAndEscape: "Enter takes a reading. Escape closes a panel.",
  nothingRead: "Nothing was read yet.",
  toolsOnHand: "The next test asks only for what can be done with these. Kept on this device.",
  noneHeld: "Outside every thread held",
  caution:
    "A thread says nothing of strength: an unmarked part is the weakest grade. On brakes, steering, wheels, lifting, guards, pressure, gas, steam or structure the maker’s specification and local codes rule, and licensed practice where the law asks for it.",
  drillsAsPins:
    "The shank of a drill is a pin: go up until one does not go in any more. The bore is the last that did, or a little over.",
} as const;

/** What each kind of part is read by. */
export const PART_READ_BY: Readonly<Record<PartKind, string>> = {
  bolt: "Over its crests; head mark and hexagon help.",
  stud: "Over its crests; the two ends may differ.",
  nut: "By its bore and pitch; a known bolt tried in it tells most.",
  "tapped-hole": "By its bore and pitch, or a known bolt.",
  "pipe-male": "Over its crests, at both ends when it tapers.",
  "pipe-female": "By its bore at the mouth and its pitch.",
};

/** From where to where a length is measured, by the head. */
export function lengthDatumWords(head: HeadStyle): string {
  return `Its length is measured ${datumWords(head)}.`;
}

/** How a length stands to the stocked ones, in the words of their counter. */
export function stockWords(match: StockMatch, thread: Thread, units: Units): string {
  const { nearest, remainderMm, exact } = match;
  const off = printLength(Math.abs(remainderMm), units);
  const way = remainderMm > 0 ? "over" : "under";
  const stocked = nominalLengthWords(nearest, { thread });
  if (isStockLength(match)) return `${stocked} is a stock length of ${thread.designation}.`;
  return exact
    ? `${off} ${way} ${stocked}: ${withArticle(stocked)} one, made a little ${remainderMm > 0 ? "long" : "short"}.`
    : `${off} ${way} ${stocked}, the nearest stock length of ${thread.designation}: measure again, or it was cut.`;
}

export function trialTurnsProblemWords(typed: string): string {
  const { min, max } = ACCEPTED.turns;
  return `Read “${typed}”. Accepted: turns from ${min} to ${max}, or nothing.`;
}

/** What is asked for before a trial can be said to have gone one way or the other. */
export function chooseKnownWords(known: "nut" | "bolt"): string {
  return `Choose the ${known} first; then say how it went.`;
}

/** Where a thread stands before anything was read. */
export function unreadShareWords(probability: number): string {
  return `Nothing was read yet: ${percentWords(probability)} by how common it is.`;
}

/** What is weighed beside the readings. */
export const WEIGHED_WORDS = {
  common: "Weigh how common a thread is",
  met: "Weigh what this workshop has met",
  metOnMachine: "Weigh what was found on this machine",
} as const;

/** What the workshop's own records hold, and whether that is enough to be weighed. */
export function metWords(
  parts: number,
  least: number,
  most: readonly (readonly [name: string, count: number])[],
): string {
  const named = most.map(([name, count]) => `${name} ${count}`).join(", ");
  return parts < least
    ? `${parts} of this workshop’s own parts are settled; from ${least} on they are weighed too.`
    : `Of ${parts} parts settled here: ${named}.`;
}

/** What was found on the machine at hand, by series: "On this machine 7 of 9 threads are BSW, 2 metric coarse." */
export function metOnMachineWords(
  series: readonly (readonly [name: string, count: number])[],
): string {
  const all = series.reduce((sum, [, count]) => sum + count, 0);
  const [first, ...others] = series;
  if (first === undefined) return "";
  const [name, count] = first;
  const rest = others.map(([other, of]) => `, ${of} ${other}`).join("");
  if (all === 1) return `On this machine 1 thread was found: ${name}.`;
  return `On this machine ${count} of ${all} threads are ${name}${rest}.`;
}
