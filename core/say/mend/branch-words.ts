import type { StepBranch, StepCode, StepFeel } from "../../mend/repair";
import { drillWords } from "../charts";
import { printLength, type Units } from "../../measure";
import { STEP_TITLES } from "./step-titles";

/** What a step felt like, as it is touched. */
export const STEP_FEEL_WORDS: Readonly<Record<StepFeel, string>> = {
  tight: "It felt tight",
  loose: "It felt loose",
  stiff: "It turns stiffly",
  stops: "It stops",
  broke: "It broke",
  binds: "It binds",
  "turns-for-ever": "It turns for ever",
  proud: "It stands proud",
};

const BROKEN_TAP =
  "Stop, oil it, rock it both ways. What stands out: pliers, or a nut welded on (never in magnesium, nor near seals). Flush: fingers in its flutes, or spark erosion. Never drill it, and never turn an extractor in it.";

const STOPS: Readonly<Partial<Record<StepCode, string>>> = {
  tap: "Never force it: it has met the bottom, or its chips. Measure how deep it is; out, clean, and go on only if there is depth left.",
};

const BROKE: Readonly<Partial<Record<StepCode, string>>> = {
  tap: BROKEN_TAP,
  extractor:
    "It is harder than any drill: spark erosion, or a mill with a carbide cutter. Do not drill at it by hand.",
};

function tight({ drill, minor }: StepBranch, units: Units): string {
  const least = minor?.min;
  const bore =
    least === undefined
      ? "Measure the bore."
      : `Measure the bore: under ${printLength(least, units)} it is too small.`;
  const next =
    drill === undefined
      ? " No larger drill on hand is within the limits."
      : ` Then take the next drill up, ${drillWords(drill)}, on the scrap again.`;
  return `${bore}${next} If the bore is right, the tap is worn, or of another pitch.`;
}

function loose({ minor, shakeMm }: StepBranch, units: Units): string {
  const most = minor?.max;
  const bore =
    most === undefined
      ? "Measure the bore."
      : `Measure the bore: over ${printLength(most, units)} it rocks on its crests, and a smaller drill cures it.`;
  const shake =
    shakeMm === undefined
      ? ""
      : ` Shake of up to ${printLength(shakeMm, units)} along it is no fault.`;
  return `${bore}${shake} If the bore is right, the tap cut wide: guide it, or take another tap.`;
}

/** What to do when a step felt so: one to three sentences. */
export function stepBranchWords(code: StepCode, branch: StepBranch, units: Units): string {
  const { feel, then } = branch;
  switch (feel) {
    case "tight":
      return tight(branch, units);
    case "loose":
      return loose(branch, units);
    case "stiff":
      return "Out, clean, oil, and look at the tap’s teeth; then on, half a turn at a time.";
    case "stops":
      return STOPS[code] ?? `Do not force it. Go on with: ${stepName(then)}.`;
    case "broke":
      return BROKE[code] ?? `Leave it. Go on with: ${stepName(then)}.`;
    case "binds":
      return "Out, and look: a coil crossed over a thread, or chips. Clean, and try again by hand.";
    case "turns-for-ever":
      return "The thread in the part is not full: no torque will hold. Measure it anew and take the next repair down the list.";
    case "proud":
      return "It meets the bottom: measure the depth, and shorten the screw or put washers under it.";
  }
}

function stepName(then: StepBranch["then"]): string {
  return then === "stop" || then === "next-option" ? "nothing by force" : STEP_TITLES[then];
}
