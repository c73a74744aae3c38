import { SURFACE_WORDS } from "../sheet";
import type { CuttingStepCode, StepCode, StepFigures, WorkStep } from "../../mend/repair";
import { drillWords } from "../charts";
import { printLength, printPlain, type Units } from "../../measure";
import { upperFirst, withArticle } from "../common";
import { cutWords } from "./cut-words";
import { repairOrderWords, repairToolWords } from "./tool-words";

type PlainStepCode = Exclude<StepCode, CuttingStepCode>;

const PLAIN: Readonly<Partial<Record<PlainStepCode, string>>> = {
  acknowledge:
    "Safety hangs on this joint: have the maker’s own repair instruction at hand, and do only what it allows.",
  protect:
    "Grease, rag or plug over oilways, bearings and electrics; battery off. Vacuum chips away, never blow them in.",
  mark: "Scribe the place from two edges.",
  clean: "All chips out and counted; degrease before any compound.",
  compound: "Dry and degreased, on the outside only.",
  cure: "Leave it unloaded for as long as the compound’s sheet says at this temperature.",
  soak: "Penetrating oil, light taps, and time: an hour, or a night.",
  shock:
    "A punch square on its head, or a driver that strikes and turns: short, hard blows that break the rust. Then a little tighter, then loose.",
  heat: "The part, not the bolt: it grows away from it.",
  depressurise: "Shut off, relieve, and wait until it is cold.",
  seal: "Compound, or two to three turns of tape with the thread; nothing on a thread that seals on a face.",
  "take-out": "Two spanners, one against the other, so that nothing behind is turned or bent.",
  "leak-test":
    "Pressure up slowly, soap on the joint, and watch; of a sump: fill it, wait, and wipe.",
  "tap-fingers":
    "Four steel fingers down the flutes, the collar close to the face: rock it both ways, a little more each time. What stands out: pliers.",
  weld: "The old one off flush, the place bright; a screw in it holds the new one true while it is tacked. Not near seals or fuel.",
  "press-in":
    "Square, in a press or a vice, until its shoulder is flush: never by a hammer. It goes in from the side away from the pull.",
  "melt-in":
    "With an iron at its own temperature, straight, until it is a hair over the face; then a flat plate on it until it is cold.",
  "drive-bush":
    "On a screw with a jammed nut, square, its slots foremost; oil it in metal, dry in plastic. To just under the face.",
  "coil-out":
    "A sharp knife edge in its top coil and turn it out; count the pieces. Is the thread in the part whole? If not: the next repair.",
  "guard-bore":
    "Piston down and valves shut, or the space plugged: grease in the flutes, a rag on a wire, a vacuum beside the tool.",
  "clear-bore":
    "Vacuum, then a greased rod; look in with a light. Turn the engine over by hand with the plug out before it is started.",
  record:
    "The thread now, what differs from the drawing, and a mark by the hole if it is not the original.",
};

function listed(parts: readonly (string | undefined)[]): string {
  const said = parts.filter((part) => part !== undefined);
  return said.length === 0 ? "" : `${said.join(", ")}.`;
}

const MEASURED_WORDS = {
  hole: "Depth, bore, wall and floor once more, at the part itself.",
  screw: "Its size over the crests, its pitch by the leaf, and how much of its thread is whole.",
  joint: "Both threads: size, pitch, and whether they taper.",
} as const;

/** "Left-hand: it goes in to the left." after what is turned in; nothing of a right-hand one. */
const goesIn = (hand: StepFigures["hand"]) =>
  hand === "left" ? " Left-hand: it goes in to the left (anticlockwise)." : "";

const comesOut = (hand: StepFigures["hand"]) =>
  hand === "left"
    ? "Left-hand: it comes out to the right (clockwise)."
    : "It comes out to the left (anticlockwise).";

/** How deep a cut goes, and what else is said of it. */
function cutStepWords(
  { code, figures, cut }: Extract<WorkStep, { code: CuttingStepCode }>,
  units: Units,
): string {
  const length = (mm: number) => printLength(mm, units);
  const { flagFromTipMm, turns, stopMm, washer, hand } = figures;
  const deep = `${length(cut.depthMm)} deep`;
  switch (code) {
    case "drill":
    case "pilot": {
      const flag =
        flagFromTipMm === undefined ? "" : `, flag ${length(flagFromTipMm)} from the tip`;
      return cutWords(cut, units, `${deep} at full width${flag}`);
    }
    case "countersink":
      return `${cutWords(cut, units, `${deep} at the most`)} Before tapping: no burr is raised.`;
    case "tap": {
      const about = turns === undefined ? "" : `, about ${Math.ceil(turns)} turns`;
      const stop =
        stopMm === undefined
          ? ""
          : ` Its tip no deeper than ${length(stopMm)}, where something lies behind.`;
      return `${cutWords(cut, units, `full thread ${deep}${about}`)}${stop} Square at every second turn.`;
    }
    case "open-mate": {
      const under = washer === undefined ? "" : ` A washer for ${washer} goes under the head.`;
      return `${cutWords(cut, units, "through the mating part")} Look at its seat and its edge, and take the burr off.${under}`;
    }
    case "shorten":
      return `${cutWords(cut, units, `its thread to under ${length(cut.depthMm)}`)} It must not reach through, nor meet what is behind.`;
    case "chase":
      return `${cutWords(cut, units, deep)} Started on sound thread, never forced.`;
    case "file":
      return `${cutWords(cut, units, `along the groove, ${length(cut.depthMm)} to its root`)} From the sound end outward; neither diameter nor hand matters to it.`;
    case "face":
      return `${cutWords(cut, units, `${length(cut.depthMm)} at the most`)} Flush with the face, no burr standing.`;
    case "deburr":
      return cutWords(cut, units, `both ends of the hole, ${length(cut.depthMm)} at the most`);
    case "left-drill":
      return `${cutWords(cut, units, deep)} Up in steps, dead centre: it often walks out on the drill.`;
    case "right-drill":
      return `${cutWords(cut, units, deep)} Up in steps, dead centre. This thread is left-hand: the common drill turns it out, a left-hand drill would wind it in.`;
    case "drill-out":
      return `${cutWords(cut, units, deep)} Just under that, then pick the coil of thread out.`;
    case "head-off":
      return `${cutWords(cut, units, deep)} Until the head comes away; the clamp is then gone, and what is left often turns by hand. ${comesOut(hand)}`;
    case "erode":
      return `${cutWords(cut, units, deep)} The core only: the flutes’ splinters are picked out, and the thread round them stays.`;
    case "cut-nut":
      return `${cutWords(cut, units, `one flat, ${deep}`)} Not into the bolt, nor the part.`;
  }
}

/** What is done at a step, with its figures: one to four sentences. Speeds and torques are estimates. */
export function workStepWords(step: WorkStep, units: Units): string {
  return step.cut === undefined ? plainStepWords(step, units) : cutStepWords(step, units);
}

function plainStepWords(
  { code, figures }: Extract<WorkStep, { code: PlainStepCode }>,
  units: Units,
): string {
  const { thread, turns, diameterMm, lengthMm, leastMm, mostMm, depthMm, hand } = figures;
  const length = (mm: number) => printLength(mm, units);
  switch (code) {
    case "lay-out":
      return layOutWords(figures);
    case "ask-floor":
      return figures.floor === undefined
        ? "Measure how thick the part is, and find out what lies behind."
        : `This cut goes ${length(figures.floor.toPointMm)} deep to the drill’s point, and the old hole ended at ${length(figures.floor.oldToPointMm)}. Measure the part, and find out what lies behind: it has to be ${length(figures.floor.thicknessMm)} thick, over a fluid ${length(figures.floor.thicknessOverFluidMm)}.`;
    case "measure":
      return MEASURED_WORDS[figures.measured ?? "hole"];
    case "align":
      return figures.guideMm === undefined
        ? "Square two ways, and clamped."
        : `Bolt the mating part on as the guide: its hole of ${length(figures.guideMm)} leads the drill. Square two ways, and clamped.`;
    case "assemble":
      return turns === undefined
        ? "By hand to its seat, then by wrench: no more than the pair allows."
        : `By hand about ${printPlain(turns, 1)} turns, then by wrench to ${printPlain(figures.mostTurns ?? turns, 1)} at most.`;
    case "test-piece":
      return "The same metal and depth with the same tools; run the new screw in by hand.";
    case "gauge":
      return gaugeWords(figures);
    case "trial-screw":
      return `${thread ?? "The screw"} by hand, over its whole length.${goesIn(hand)}`;
    case "pick-length":
      return lengthWords(figures, units);
    case "run-nut":
      return `${thread === undefined ? "Its own" : upperFirst(withArticle(thread))} nut from the sound end outward.${goesIn(hand)}`;
    case "which-way":
      return hand === "left"
        ? "It is a left-hand thread: it comes out to the right (clockwise). Mark it with chalk before anybody leans on it."
        : "Make sure that it is not a left-hand one: those tighten to the left, and a long bar the wrong way shears them. This one comes out to the left.";
    case "grip":
      return `Grips, filed flats or a welded nut on what stands out; turn both ways. ${comesOut(hand)}`;
    case "turn-out":
      return `Rock it both ways, a little more each time, oil at every turn. ${comesOut(hand)}`;
    case "drive-in":
      return `Drive in what is a hair too large: an inch key in a metric socket, a larger star bit, a six-point box spanner on a hexagon. ${comesOut(hand)}`;
    case "nut-on":
      return `A nut over what stands out, filled with weld; let the heat go into the part, then turn while it is hot. ${comesOut(hand)}`;
    case "screw-in":
      return `By hand to its seat, then home.${goesIn(hand)}`;
    case "lock":
      return hand === "left"
        ? `Keys driven, or a pin across the joint line: tightening a left-hand screw would wind ${thread ?? "it"} out.`
        : "Keys driven, or compound and a stake at the joint line.";
    case "fit-nut":
    case "set-rivet-nut":
      return setWords(code, figures);
    case "centre":
      return mostMm === undefined
        ? "Punch lightly, look, then punch home: dead centre."
        : `Punch lightly, look, then punch home: within ${length(mostMm)} of the centre.`;
    case "extractor":
      return extractorWords(diameterMm === undefined ? undefined : length(diameterMm), hand);
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
    case "tighten":
      return tightenWords(figures);
    default:
      return PLAIN[code] ?? "";
  }
}

function layOutWords({ tools = [] }: StepFigures): string {
  const named = tools.map((tool) => repairToolWords(tool));
  const all = named.length === 0 ? "" : ` ${upperFirst(named.join(", "))}.`;
  const order = repairOrderWords({ needs: tools });
  const asked = order.length === 0 ? "" : ` To order at the counter: ${order.join("; ")}.`;
  return `All there before the first chip.${all}${asked}`;
}

/** An insert's hole is tried with what belongs in it: the screw drops through and proves nothing. */
function gaugeWords({ gauge, thread }: StepFigures): string {
  switch (gauge) {
    case "insert":
      return `The insert itself, or the plug gauge of ${thread ?? "its own thread"}, by hand over its whole length. Not the screw: it drops through and proves nothing.`;
    case "bush":
      return `The bush itself, ${thread ?? "by its outer thread"}, by hand over its whole length. Not the screw: it drops through and proves nothing.`;
    default:
      return `${thread ?? "The screw"} by hand, over its whole length.`;
  }
}

function lengthWords(
  { thread, leastMm, mostMm, lengthMm, beyondOld = false }: StepFigures,
  units: Units,
): string {
  if (leastMm === undefined || mostMm === undefined) return "Long enough to reach sound thread.";
  const from = printLength(leastMm, units);
  const to = printLength(mostMm, units);
  const end = "Push a rod to the bottom first: it must not bottom.";
  if (beyondOld) {
    return `${thread ?? "The screw"}: ${from} to ${to} longer than the old one, the next stocked length within that. ${end}`;
  }
  const stock =
    lengthMm === undefined
      ? "none is stocked within that: cut the next longer one down"
      : `take the stocked one of ${printLength(lengthMm, units)}`;
  return `${thread ?? "The screw"}: ${from} to ${to} long; ${stock}. ${end}`;
}

function setWords(code: "fit-nut" | "set-rivet-nut", { thread, hand }: StepFigures): string {
  const name = thread ?? "it";
  return code === "fit-nut"
    ? `${upperFirst(name)}: its class no lower than the screw’s, run on by hand over its whole height.${goesIn(hand)}`
    : `${upperFirst(name)} on the mandrel, pushed flat against the sheet, pulled until its bulge is tight; the mandrel wound out by hand. A drop of compound where it might turn.`;
}

function extractorWords(across: string | undefined, hand: StepFigures["hand"]): string {
  const hole =
    across === undefined ? "In a hole of half its diameter." : `In a hole of about ${across}.`;
  const kind =
    hand === "left"
      ? " A straight-fluted one, or one made for left-hand screws: the common one screws it in tighter."
      : " Straight-fluted rather than a hammered wedge.";
  return `${hole}${kind} Stop at the torque of a screw one size smaller. ${comesOut(hand)}`;
}

function tightenWords({ leastNm, mostNm, torqueRatio = 1, counted, hand }: StepFigures): string {
  const range =
    leastNm === undefined || mostNm === undefined
      ? ""
      : ` About ${printPlain(leastNm, 1)} to ${printPlain(mostNm, 1)} N m, an estimate`;
  const of =
    counted === undefined
      ? ""
      : ` for ${counted.grade}${counted.said ? "" : ", the weakest, as no class was said"}; ${SURFACE_WORDS[counted.surface]}`;
  const stop = range === "" ? "" : ".";
  const held = counted?.heldBack === true ? " Held back to what the repair holds." : "";
  const larger =
    torqueRatio === 1
      ? ""
      : ` That is ${printPlain(torqueRatio, 2)} times the old screw’s, for the same clamp load.`;
  return `Twice to 60 %, then full; the maker’s figure rules.${range}${of}${stop}${held}${larger}${goesIn(hand)}`;
}

/** The figure of a step, to be read at arm's length; undefined where it has none. */
export function stepFigureWords(step: WorkStep, units: Units): string | undefined {
  const { code, figures } = step;
  const { lengthMm, leastMm, mostMm, leastNm, mostNm, turns, floor } = figures;
  const length = (mm: number) => printLength(mm, units);
  if (step.cut !== undefined) {
    const { drill, size } = step.cut;
    if (drill !== undefined) return drillWords(drill);
    return typeof size === "number" ? length(size) : size;
  }
  switch (code) {
    case "wind-in":
      return lengthMm === undefined ? undefined : length(lengthMm);
    case "pick-length":
      if (lengthMm !== undefined) return length(lengthMm);
      return leastMm === undefined || mostMm === undefined
        ? undefined
        : `${length(leastMm)} to ${length(mostMm)}`;
    case "set-depth":
      return leastMm === undefined || mostMm === undefined
        ? undefined
        : `${length(leastMm)} to ${length(mostMm)}`;
    case "ask-floor":
      return floor === undefined ? undefined : length(floor.thicknessMm);
    case "assemble":
      return turns === undefined ? undefined : `${printPlain(turns, 1)} turns`;
    case "tighten":
      return leastNm === undefined || mostNm === undefined
        ? undefined
        : `${printPlain(leastNm, 1)} to ${printPlain(mostNm, 1)} N m`;
    default:
      return undefined;
  }
}
