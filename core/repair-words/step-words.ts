import type { Lubricant } from "../holes";
import type { StepBranch, StepCaution, StepCode, StepFigures, WorkStep } from "../repair";
import { printLength, printPlain, type Units } from "../units";

/** The name of a step, for the head of its plate. */
export const STEP_TITLES: Readonly<Record<StepCode, string>> = {
  acknowledge: "Read the caution",
  "lay-out": "Lay out",
  protect: "Protect",
  measure: "Measure again",
  mark: "Mark out",
  centre: "Centre",
  "test-piece": "Test piece first",
  align: "Set it square",
  pilot: "Pilot drill",
  drill: "Drill",
  countersink: "Countersink",
  clean: "Clean",
  tap: "Tap",
  gauge: "Gauge by hand",
  compound: "Compound",
  "wind-in": "Wind the insert in",
  "set-depth": "Set it down",
  tang: "The tang",
  cure: "Let it cure",
  "screw-in": "Screw it in",
  lock: "Lock it",
  face: "Face it",
  "open-mate": "Open the mating part",
  chase: "Chase",
  file: "File",
  "run-nut": "Run a nut over it",
  deburr: "Take the burrs off",
  soak: "Soak it",
  heat: "Heat the part",
  grip: "Grip the stump",
  "left-drill": "Left-hand drill",
  extractor: "Extractor",
  "drill-out": "Drill it out",
  depressurise: "Take the pressure off",
  seal: "Seal",
  assemble: "Put it together",
  "leak-test": "Test for leaks",
  "trial-screw": "Try the screw",
  tighten: "Tighten",
  record: "Write it down",
};

const PLAIN: Readonly<Partial<Record<StepCode, string>>> = {
  acknowledge:
    "Safety hangs on this joint: have the maker’s own repair instruction at hand, and do only what it allows.",
  "lay-out": "Drills, taps, inserts, rod and punch: all there before the first chip.",
  protect:
    "Grease, rag or plug over oilways, bearings and electrics; battery off. Vacuum chips away, never blow them in.",
  measure: "Depth, bore, wall and floor once more, at the part itself.",
  mark: "Scribe the place from two edges.",
  centre: "Punch lightly, look, then punch home: within 0.03 of the diameter.",
  align: "Square two ways, and clamped.",
  clean: "All chips out and counted; degrease before any compound.",
  compound: "Dry and degreased, on the outside only.",
  cure: "Leave it unloaded for as long as the compound’s sheet says at this temperature.",
  "screw-in": "By hand to its seat, then home.",
  lock: "Keys driven, or compound and a stake at the joint line.",
  face: "Flush with the face, no burr standing.",
  file: "A thread file of its pitch, along the groove, from the sound end outward.",
  deburr: "Both ends of the hole.",
  soak: "Penetrating oil, light taps, and time.",
  heat: "The part, not the bolt: it grows away from it.",
  grip: "Grips, filed flats or a welded nut on what stands out; turn both ways.",
  "left-drill": "Up in steps, dead centre: it often walks out on the drill.",
  extractor: "In a hole of half its diameter. Stop at the torque of a screw one size smaller.",
  "drill-out": "To just under the minor diameter, then pick the coil of thread out.",
  depressurise: "Shut off, relieve, and wait until it is cold.",
  seal: "Compound, or two to three turns of tape with the thread; nothing on a thread that seals on a face.",
  assemble: "By hand to the mark, then by wrench: no more than the pair allows.",
  "leak-test": "Pressure up slowly, soap on the joint, and watch.",
  record:
    "The thread now, what differs from the drawing, and a mark by the hole if it is not the original.",
};

function listed(parts: readonly (string | undefined)[]): string {
  const said = parts.filter((part) => part !== undefined);
  return said.length === 0 ? "" : `${said.join(", ")}.`;
}

function drillWordsOf(figures: StepFigures, units: Units): string {
  const { drillMark, depthMm, flagFromTipMm, rpm } = figures;
  return listed([
    drillMark === undefined ? undefined : `Drill ${drillMark}`,
    depthMm === undefined ? undefined : `${printLength(depthMm, units)} deep at full width`,
    flagFromTipMm === undefined
      ? undefined
      : `flag ${printLength(flagFromTipMm, units)} from the tip`,
    rpm === undefined ? undefined : `about ${Math.round(rpm / 10) * 10} turns a minute`,
  ]);
}

/** What is done at a step, with its figures: one or two sentences. Speeds and torques are estimates. */
export function workStepWords({ code, figures }: WorkStep, units: Units): string {
  const { thread, turns, diameterMm, lengthMm, leastMm, mostMm, depthMm } = figures;
  const length = (mm: number) => printLength(mm, units);
  switch (code) {
    case "pilot":
    case "drill":
      return drillWordsOf(figures, units);
    case "countersink":
      return diameterMm === undefined
        ? "A light countersink: no burr is raised."
        : `To ${length(diameterMm)} across, before tapping: no burr is raised.`;
    case "tap":
      return listed([
        thread === undefined ? "The tap" : thread,
        turns === undefined ? undefined : `about ${Math.ceil(turns)} turns`,
        "square at every second one",
      ]);
    case "test-piece":
      return "The same metal and depth with the same tools; run the new screw in by hand.";
    case "gauge":
    case "trial-screw":
      return `${thread ?? "The screw"} by hand, over its whole length.`;
    case "chase":
      return `A chaser, or a tap, of ${thread ?? "its thread"}: started on sound thread, never forced.`;
    case "run-nut":
      return `A ${thread ?? "nut"} nut from the sound end outward.`;
    case "wind-in":
      return listed([
        lengthMm === undefined ? "The coil" : `Fitted ${length(lengthMm)} long`,
        turns === undefined ? undefined : `${printPlain(turns, 1)} coils`,
        "no coil over another",
      ]);
    case "set-depth":
      return leastMm === undefined || mostMm === undefined
        ? "A quarter to half a pitch below the face."
        : `Its top coil ${length(leastMm)} to ${length(mostMm)} below the face.`;
    case "tang":
      return depthMm === undefined
        ? "Broken off and in the hand, or left: say which."
        : `A screw that ends deeper than ${length(depthMm)} meets it: break it off, and have it in the hand.`;
    case "open-mate":
      return "Open the hole of the mating part for the larger screw, and take the burr off.";
    case "tighten":
      return tightenWords(figures);
    default:
      return PLAIN[code] ?? "";
  }
}

function tightenWords({ leastNm, mostNm, torqueRatio = 1 }: StepFigures): string {
  const range =
    leastNm === undefined || mostNm === undefined
      ? ""
      : ` About ${printPlain(leastNm, 1)} to ${printPlain(mostNm, 1)} N m dry, an estimate.`;
  const larger =
    torqueRatio === 1
      ? ""
      : ` That is ${printPlain(torqueRatio, 2)} times the old screw’s, for the same clamp load.`;
  return `Twice to 60 %, then full; the maker’s figure rules.${range}${larger}`;
}

export const STEP_CAUTION_WORDS: Readonly<Record<StepCaution, string>> = {
  "maker-rules": "The maker’s data rules.",
  "chips-in-oilway":
    "Chips in an oilway ruin more than the thread. A magnet does not lift aluminium.",
  clamp: "Clamp it: a drill snatches at breakthrough.",
  eyes: "Glasses on.",
  "no-gloves":
    "No gloves, sleeves, rings or long hair near a turning drill; the key out of the chuck.",
  "magnesium-fire":
    "Magnesium chips burn: never water, dry sand at hand, tools sharp, no grinder near.",
  "tap-shards": "A tap that breaks throws shards.",
  "brush-not-fingers": "A brush, not fingers or breath.",
  "gloves-and-air": "Gloves for the compound, and fresh air.",
  "no-heat-near-seals": "No heat near seals, fuel or plated parts.",
  "hard-stub": "A broken extractor is harder than any drill.",
  "relieve-pressure": "Open nothing under pressure.",
  "work-hardens": "Never let a tool rub: it work-hardens.",
  snatches: "Brass snatches: flatten the drill’s lips.",
};

const FEEL_WORDS: Readonly<Record<StepBranch["feel"], string>> = {
  tight: "It felt tight",
  loose: "It felt loose",
  stiff: "It turns stiffly",
  stops: "It stops",
  broke: "It broke",
  binds: "It binds",
  "turns-for-ever": "It turns for ever",
  proud: "It stands proud",
};

/** What it may feel like at a step, and what then has to be done. */
export function stepBranchWords({ feel, then }: StepBranch): string {
  const next =
    then === "stop"
      ? "stop here: do not force it"
      : then === "next-option"
        ? "the thread is not full: take the next repair down the list"
        : `go to “${STEP_TITLES[then]}”`;
  return `${FEEL_WORDS[feel]}: ${next}.`;
}

export const LUBRICANT_WORDS: Readonly<Record<Lubricant, string>> = {
  "sulphurised-oil": "Sulphurised cutting oil.",
  "heavy-compound": "Heavy tapping compound.",
  "dry-or-paraffin": "Dry; some take a little paraffin.",
  "light-oil": "Light cutting oil.",
  paraffin: "Paraffin, or light oil: the metal welds to a dry tap.",
  "dry-or-drop": "Dry, or a drop of oil.",
  "dry-never-water": "Dry, or thin mineral oil; never water.",
  "dry-or-soap": "Dry, with air; soapy water on thermoplastics.",
};
