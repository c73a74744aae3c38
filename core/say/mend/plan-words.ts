import type { DrillChoice, HolePlan, RepairCaution, TappingPlan, TapTurns } from "../../mend/holes";
import { drillWords } from "../charts";
import { TAP_WORDS, forceWords } from "../sheet";
import { printLength, printPlain, type Units } from "../../measure";
import { effortWords } from "./option-words";
import { refusalWords } from "./refusal-words";
import { LUBRICANT_WORDS } from "./lubricant-words";

const CAUTION_WORDS: Readonly<Record<RepairCaution, string>> = {
  "protect-eyes": "Glasses on; no gloves near a turning drill.",
  clamp: "Clamp the part: a drill snatches at breakthrough.",
  "chips-in-flutes": "Grease in the flutes; wind out and wipe every two turns.",
  "magnesium-fire": "Magnesium chips burn: never water, dry sand at hand.",
  "work-hardens": "Keep it cutting: this metal hardens where a tool rubs.",
  snatches: "Flatten the drill’s lips, or brass snatches it in.",
  "reserve-low": "A small coarse tap in tough metal: it breaks before it warns.",
  "under-standard-depth":
    "Less thread than the standard’s nut has: it does in tough metal, and is to be said.",
};

/** A line of a plan: its name and its figure or sentence. */
export type PlanLine = readonly [name: string, text: string];

function tapWords({ tap, turns, reverse }: TapTurns): string {
  const back = reverse ? "half a turn on, a quarter back" : "no turning back for chips";
  return `${TAP_WORDS[tap]}: about ${Math.ceil(turns)} turns, ${back}`;
}

function linesOf(plan: HolePlan, units: Units): PlanLine[] {
  const { drill, pilots, drillRpm, taps } = plan;
  const rpm = `${Math.round(drillRpm.leastRpm)} to ${Math.round(drillRpm.mostRpm)} turns a minute, about ${Math.round(drillRpm.adviceRpm)}`;
  return [
    ["Drill", drillWords(drill.drill)],
    ["Thread reached", `${printPlain(drill.percentReached, 0)} %, as the hole is cut`],
    ["Effort", effortWords(drill.effort, drill.reserve)],
    ...(pilots.length === 0
      ? []
      : [["Before it", pilots.map((pilot) => drillWords(pilot)).join(", then ")] as const]),
    ["Depth at full width", printLength(plan.drillDepthMm, units)],
    ["Flag from the tip", printLength(plan.flagFromTipMm, units)],
    ["Full thread", printLength(plan.fullThreadMm, units)],
    ["Countersink across", printLength(plan.countersinkMm, units)],
    ...taps.map((tap): PlanLine => ["Tap", tapWords(tap)]),
    ["Speed", rpm],
    ["On the tap", LUBRICANT_WORDS[plan.lubricant]],
    ["Holds, by estimate", forceWords(plan.holdN, units)],
    ...plan.cautions.map((caution): PlanLine => ["Caution", CAUTION_WORDS[caution]]),
  ];
}

/** A tapping plan in lines, or why there is none and the longest thread that would fit. */
export function tappingPlanWords(plan: TappingPlan, units: Units): readonly PlanLine[] {
  if (plan.kind === "plan") return linesOf(plan, units);
  const near =
    plan.nearestFullMm === undefined
      ? []
      : [["What fits", `${printLength(plan.nearestFullMm, units)} of full thread.`] as const];
  return [["Not so", refusalWords(plan.problem, units)], ...near];
}

/** Why a drill on hand is not offered. */
const DRILL_REFUSED_WORDS: Readonly<Record<NonNullable<DrillChoice["refused"]>, string>> = {
  "too-full": "Refused: the tap turns hard and breaks, for a few percent of strength.",
  "too-shallow": "Refused: under half a thread its crests bend and ride out.",
};

/** What a drill on hand leaves, in two lines: the thread and its effort; what it holds, against the screw's own limit. */
export function drillChoiceWords(
  { percentReached, effort, reserve, holdN, refused }: DrillChoice,
  screwLimitN: number | undefined,
  units: Units,
): readonly string[] {
  const share =
    screwLimitN === undefined
      ? ""
      : `; the screw itself breaks at ${forceWords(screwLimitN, units)}`;
  return [
    `${printPlain(percentReached, 0)} % of thread. ${effortWords(effort, reserve)}`,
    `Holds about ${forceWords(holdN, units)}${share}.`,
    ...(refused === undefined ? [] : [DRILL_REFUSED_WORDS[refused]]),
  ];
}

/** How the chart of the drills is to be read. */
export function drillChartWords(limited: boolean): string {
  const against = limited ? ", against the screw’s own limit (dashed)" : "";
  return `Solid: what it holds${against}. Dotted: effort of the tap, least and most. Shaded: refused.`;
}
