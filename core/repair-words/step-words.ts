import type { StepCode, StepFigures, WorkStep } from "../repair";
import { drillWords } from "../chart-words";
import { TAP_WORDS } from "../sheet-words";
import { printLength, printPlain, type Units } from "../units";
import { upperFirst, withArticle } from "../words";
import { repairToolWords } from "./damage-words";

const PLAIN: Readonly<Partial<Record<StepCode, string>>> = {
  acknowledge:
    "Safety hangs on this joint: have the maker’s own repair instruction at hand, and do only what it allows.",
  protect:
    "Grease, rag or plug over oilways, bearings and electrics; battery off. Vacuum chips away, never blow them in.",
  mark: "Scribe the place from two edges.",
  clean: "All chips out and counted; degrease before any compound.",
  compound: "Dry and degreased, on the outside only.",
  cure: "Leave it unloaded for as long as the compound’s sheet says at this temperature.",
  "screw-in": "By hand to its seat, then home.",
  lock: "Keys driven, or compound and a stake at the joint line.",
  face: "Flush with the face, no burr standing.",
  deburr: "Both ends of the hole.",
  soak: "Penetrating oil, light taps, and time.",
  heat: "The part, not the bolt: it grows away from it.",
  grip: "Grips, filed flats or a welded nut on what stands out; turn both ways.",
  "left-drill": "Up in steps, dead centre: it often walks out on the drill.",
  depressurise: "Shut off, relieve, and wait until it is cold.",
  seal: "Compound, or two to three turns of tape with the thread; nothing on a thread that seals on a face.",
  "take-out": "Two spanners, one against the other, so that nothing behind is turned or bent.",
  "leak-test": "Pressure up slowly, soap on the joint, and watch.",
  record:
    "The thread now, what differs from the drawing, and a mark by the hole if it is not the original.",
};

function listed(parts: readonly (string | undefined)[]): string {
  const said = parts.filter((part) => part !== undefined);
  return said.length === 0 ? "" : `${said.join(", ")}.`;
}

function drillWordsOf(figures: StepFigures, units: Units): string {
  const { drill, depthMm, flagFromTipMm, rpm } = figures;
  return listed([
    drill === undefined ? undefined : `Drill ${drillWords(drill)}`,
    depthMm === undefined ? undefined : `${printLength(depthMm, units)} deep at full width`,
    flagFromTipMm === undefined
      ? undefined
      : `flag ${printLength(flagFromTipMm, units)} from the tip`,
    rpm === undefined ? undefined : `about ${Math.round(rpm / 10) * 10} turns a minute`,
  ]);
}

const MEASURED_WORDS = {
  hole: "Depth, bore, wall and floor once more, at the part itself.",
  screw: "Its size over the crests, its pitch by the leaf, and how much of its thread is whole.",
  joint: "Both threads: size, pitch, and whether they taper.",
} as const;

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
    case "lay-out": {
      const named = (figures.tools ?? []).map((tool) => repairToolWords(tool));
      const tools = named.length === 0 ? "" : ` ${upperFirst(named.join(", "))}.`;
      return `All there before the first chip.${tools}`;
    }
    case "measure":
      return MEASURED_WORDS[figures.measured ?? "hole"];
    case "align":
      return figures.guideMm === undefined
        ? "Square two ways, and clamped."
        : `Bolt the mating part on as the guide: its hole of ${length(figures.guideMm)} leads the drill. Square two ways, and clamped.`;
    case "file":
      return `A thread file of its pitch (${thread ?? "read by the leaf"}), along the groove, from the sound end outward. Neither diameter nor hand matters to it.`;
    case "shorten":
      return lengthMm === undefined
        ? "It must not reach through."
        : `Its thread to under ${length(lengthMm)}: it must not reach through, nor meet what is behind.`;
    case "assemble":
      return turns === undefined
        ? "By hand to its seat, then by wrench: no more than the pair allows."
        : `By hand about ${printPlain(turns, 1)} turns, then by wrench to ${printPlain(figures.mostTurns ?? turns, 1)} at most.`;
    case "tap":
      return listed([
        thread === undefined ? "The tap" : thread,
        figures.tap === undefined ? undefined : TAP_WORDS[figures.tap].toLowerCase(),
        turns === undefined ? undefined : `about ${Math.ceil(turns)} turns`,
        figures.stopMm === undefined
          ? undefined
          : `its tip no deeper than ${length(figures.stopMm)}, where something lies behind`,
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
      return `${thread === undefined ? "Its own" : upperFirst(withArticle(thread))} nut from the sound end outward.`;
    case "centre":
      return mostMm === undefined
        ? "Punch lightly, look, then punch home: dead centre."
        : `Punch lightly, look, then punch home: within ${length(mostMm)} of the centre.`;
    case "extractor":
      return diameterMm === undefined
        ? "In a hole of half its diameter. Stop at the torque of a screw one size smaller."
        : `In a hole of about ${length(diameterMm)}. Stop at the torque of a screw one size smaller.`;
    case "drill-out":
      return mostMm === undefined
        ? "To just under the minor diameter, then pick the coil of thread out."
        : `To just under ${length(mostMm)}, then pick the coil of thread out.`;
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
      return diameterMm === undefined
        ? "Open the hole of the mating part for the larger screw, and take the burr off."
        : `Open the hole of the mating part to ${length(diameterMm)} for the larger screw, look at its seat and its edge, and take the burr off.`;
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

/** The figure of a step, to be read at arm's length; undefined where it has none. */
export function stepFigureWords({ code, figures }: WorkStep, units: Units): string | undefined {
  const { drill, diameterMm, lengthMm, leastMm, mostMm, leastNm, mostNm, thread, turns } = figures;
  const length = (mm: number) => printLength(mm, units);
  switch (code) {
    case "pilot":
    case "drill":
      return drill === undefined ? undefined : drillWords(drill);
    case "countersink":
    case "open-mate":
    case "extractor":
      return diameterMm === undefined ? undefined : length(diameterMm);
    case "wind-in":
    case "shorten":
      return lengthMm === undefined ? undefined : length(lengthMm);
    case "set-depth":
      return leastMm === undefined || mostMm === undefined
        ? undefined
        : `${length(leastMm)} to ${length(mostMm)}`;
    case "drill-out":
      return mostMm === undefined ? undefined : length(mostMm);
    case "assemble":
      return turns === undefined ? undefined : `${printPlain(turns, 1)} turns`;
    case "tighten":
      return leastNm === undefined || mostNm === undefined
        ? undefined
        : `${printPlain(leastNm, 1)} to ${printPlain(mostNm, 1)} N m`;
    case "tap":
    case "file":
      return thread;
    default:
      return undefined;
  }
}
