import type { LookAlike } from "../../identify/look-alikes";
import type { JudgedPair, Mating } from "../../identify/mating";
import type { Thread } from "../../catalogue/threads";
import { printLength, printPlain, type Units } from "../../measure";
import { AT_ONCE_TURNS, aThread, angleWords, pitchWords, turnsWords, upperFirst } from "../common";

const OUTCOME_WORDS = {
  mates: "Goes",
  binds: "Starts, then binds",
  loose: "Goes, but loose",
  "will-not-start": "Will not start",
} as const;

/** "about 69 %" of what its own mate holds. */
const holds = ({ strength }: Mating) => `about ${Math.round(strength * 100)} %`;

/** The judgement in few words, for beside its sign: what goes and is not its own is said so first. */
export function pairOutcomeWords(pair: JudgedPair): string {
  const { outcome, cause, turns = Infinity, sound } = pair;
  if (cause === "no-overlap") return "Slides through";
  if (cause === "practice-joint") return "Jams: a joint in practice, by no standard";
  if (outcome === "mates" && !sound) return `Not its own: turns by hand, holds ${holds(pair)}`;
  if (outcome === "loose") return `Not its own: goes loose, holds ${holds(pair)}`;
  return turns < AT_ONCE_TURNS && outcome === "binds" ? "Binds at once" : OUTCOME_WORDS[outcome];
}

/** One sentence on how a screw and a nut take each other, with its figures. */
export function pairWords(judged: JudgedPair, units: Units): string {
  const { male, female, cause } = judged;
  const pair = `${male.designation} in ${female.designation}`;
  switch (cause) {
    case "fits":
      return judged.sound
        ? `${pair} runs up by hand, with ${printLength(judged.axialPlay, units)} of play along the axis.`
        : `${pair} runs up by hand as if it belonged, with ${printLength(judged.axialPlay, units)} of play, and holds ${holds(judged)} of what its own does: do not put them together.`;
    case "taper-joint":
      return `${pair} jams by hand ${turnsWords(judged.turns ?? 0)}, as a taper joint should.`;
    case "practice-joint":
      return `${pair} jams ${turnsWords(judged.turns ?? 0)}. With tape or paste it makes a joint in practice, though no standard says so: where pressure or gas hangs on it, take the taper or the parallel pair.`;
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
      return `${pair} binds ${turnsWords(judged.turns ?? 0)}: over ten threads the pitches part by ${printLength(judged.driftOverTenMm, units)}.`;
    case "taper":
      return `${pair} jams ${turnsWords(judged.turns ?? 0)}: the taper closes on it.`;
    case "shallow":
      return `${pair} goes on loose: ${Math.round(judged.overlap * 100)} % of the thread height is in touch, so it strips at ${holds(judged)} of its strength.`;
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

/** What may happen to someone who takes the one for the other, the worse way round. */
export function dangerWords(alike: LookAlike, thread: Thread): string {
  const other = alike.thread;
  const [mating, male, female] = dangerous(alike)
    ? ([alike.asScrew, thread, other] as const)
    : ([alike.asNut, other, thread] as const);
  const bolt = aThread(male);
  // What is tapped for an insert is a hole in a part, never a nut.
  const isHole = female.family === "insert-tapped";
  const starts = (nutDoes: string, boltDoes: string) =>
    isHole
      ? `${upperFirst(bolt)} bolt ${boltDoes} ${aThread(female)} hole`
      : `${upperFirst(aThread(female))} nut ${nutDoes} ${bolt} bolt`;
  if (mating.sound && mating.cause === "fits") {
    return `${thread.designation} and ${other.designation} are one thread by two names: either goes.`;
  }
  switch (mating.outcome) {
    case "mates":
      return mating.cause === "taper-joint"
        ? jointWords(mating, bolt, female)
        : `${starts("runs on to", "runs into")} as if it belonged, but it is not its own: it loosens, and holds ${holds(mating)} of the strength.`;
    case "binds":
      if (mating.cause === "practice-joint") {
        return `${upperFirst(bolt)} jams in ${aThread(female)}: with tape or paste a joint in practice, though no standard says so.`;
      }
      return `${starts("runs on to", "runs into")} ${forTurns(mating.turns ?? 0)}, then binds; forced, it ruins both.`;
    case "loose":
      return `${starts("goes over", "goes into")}, but loose: it strips at ${holds(mating)} of the strength.`;
    case "will-not-start":
      return isHole
        ? `${upperFirst(bolt)} bolt will not start in ${aThread(female)} hole.`
        : `${upperFirst(bolt)} bolt will not start in ${aThread(female)} nut, nor the other way round.`;
  }
}

/** A taper joint of one standard: whether the pair is made to seal. */
function jointWords({ seal }: JudgedPair, bolt: string, female: Thread): string {
  return seal?.kind === "thread"
    ? `${upperFirst(bolt)} jams in ${aThread(female)} as it should: the two are a joint, and seal on the thread with tape or compound.`
    : `${upperFirst(bolt)} jams in ${aThread(female)} as in its own, but the pair is not made to seal.`;
}

/** Whether the thread asked about as the screw goes farther into the other than the other way round. */
function dangerous({ asScrew, asNut }: LookAlike): boolean {
  return reach(asScrew) >= reach(asNut);
}

/** How far someone is led on: what mates or goes loose goes all the way. */
function reach({ outcome, turns = Infinity, strength }: Mating): number {
  if (outcome === "will-not-start") return 0;
  if (outcome === "binds") return Math.min(turns, 100);
  return outcome === "mates" ? 300 : 100 + 100 * strength;
}

function forTurns(turns: number): string {
  if (turns < AT_ONCE_TURNS) return "for less than a turn";
  if (turns < 1.5) return "for about a turn";
  return `for about ${Math.round(turns)} turns`;
}
