import type { LookAlike, Mating } from "../mating";
import type { Thread } from "../threads";
import { printLength, printPlain, type Units } from "../units";
import { pitchWords } from "./figures";
import { angleWords } from "./thread-words";

/** Turns under which nobody would say that it had started. */
const AT_ONCE = 0.75;

/** "at once", "after about a turn", "after about 4 turns". */
function turnsWords(turns: number): string {
  if (turns < AT_ONCE) return "at once";
  if (turns < 1.5) return "after about a turn";
  return `after about ${Math.round(turns)} turns`;
}

const OUTCOME_WORDS = {
  mates: "Goes",
  binds: "Starts, then binds",
  loose: "Goes, but loose",
  "will-not-start": "Will not start",
} as const;

/** The outcome in few words, for beside a mark. */
export function matingOutcomeWords({ outcome, cause, turns = Infinity }: Mating): string {
  if (cause === "no-overlap") return "Slides through";
  return turns < AT_ONCE && outcome === "binds" ? "Binds at once" : OUTCOME_WORDS[outcome];
}

/** One sentence on how a screw and a nut take each other, with its figures. */
export function matingWords(mating: Mating, male: Thread, female: Thread, units: Units): string {
  const pair = `${male.designation} in ${female.designation}`;
  switch (mating.cause) {
    case "fits":
      return `${pair} runs up by hand, with ${printLength(mating.axialPlay, units)} of play along the axis.`;
    case "taper-joint":
      return `${pair} jams by hand ${turnsWords(mating.turns ?? 0)}, as a taper joint should.`;
    case "hand":
      return `${pair} will not start: one is left-hand, the other right-hand.`;
    case "one-sided":
      return `${pair}: not made, ${male.only === "internal" ? male.designation : female.designation} is ${male.only === "internal" ? "only an internal" : "only an external"} thread.`;
    case "major-too-large":
      return `${pair} will not start: the screw is too large over its crests.`;
    case "root-too-large":
      return `${pair} will not start: the nut's crests foul the roots of the screw.`;
    case "flanks-too-wide":
      return `${pair} will not start: its ridges are wider than the nut's grooves.`;
    case "pitch-drift":
      return `${pair} binds ${turnsWords(mating.turns ?? 0)}: over ten threads the pitches part by ${printLength(mating.driftOverTenMm, units)}.`;
    case "taper":
      return `${pair} jams ${turnsWords(mating.turns ?? 0)}: the taper closes on it.`;
    case "shallow":
      return `${pair} goes on loose: ${Math.round(mating.overlap * 100)} % of the thread height is in touch, so it strips.`;
    case "no-overlap":
      return `${pair} slides through without touching the thread.`;
  }
}

/** How to tell a look-alike from the thread asked about, as an instruction with both figures. */
export function tellApartWords(alike: LookAlike, thread: Thread, units: Units): string {
  const { thread: other, told } = alike;
  switch (told) {
    case "pitch": {
      const own = printLength(10 * thread.pitchMm, units);
      const others = printLength(10 * other.pitchMm, units);
      return `By the pitch: ten threads measure ${own} here, ${others} there (${pitchWords(other.pitchMm, other.tpi === undefined ? "mm" : "in")}).`;
    }
    case "taper":
      return `By the taper: ${(thread.taper ?? 0) > 0 ? thread.designation : other.designation} grows 1 in ${printPlain(1 / (thread.taper ?? other.taper ?? 1))}, the other is parallel.`;
    case "diameter":
      return `By the diameter: ${printLength(thread.majorMm, units)} here, ${printLength(other.majorMm, units)} there.`;
    case "angle":
      return `By the flank angle: ${angleWords(thread.flankAngleDeg)} here, ${angleWords(other.flankAngleDeg)} there.`;
    case "nothing":
      return "Diameter, pitch and angle hardly part them: go by where it comes from, and try a known part.";
  }
}
