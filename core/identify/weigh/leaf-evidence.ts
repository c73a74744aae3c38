import type { Thread } from "../../catalogue/threads";
import { pitchMmFromTpi, type Mm } from "../../measure";
import type { Agreement } from "./agreement";
import { calledBest, type OneGauge } from "./best-leaf";
import type { Evidence } from "./evidence";
import type { LeafOutcome, ReadingOf } from "./reading";
import type { LeafMark, ReasonFigures } from "./reason";

type LeafReading = ReadingOf<"leaf">;

/** How often a fitter calls a plain fit or a plain misfit wrong, or answers "unsure" anyway. */
const MISJUDGED = 0.004;
const MISJUDGED_FIT = 0.03;
const ALWAYS_UNSURE = 0.04;

/** The V of a leaf finds no seat in the flat roots of a trapezoid or a square thread: of the right pitch it seems to lie in one in three. */
const V_IN_FLAT = 0.36;
/** Flanks steeper than this are no V that a leaf is cut for. */
const LEAST_V_DEG = 40;

/** A leaf is about 15 mm of teeth, of which no more than ten are looked at. */
const LEAF_LENGTH_MM = 15;
const MOST_TEETH = 10;
const FEWEST_TEETH = 3;

/** What the leaf is stamped with. */
export function leafMark(reading: { pitchMm?: Mm; tpi?: number }): LeafMark {
  if (reading.tpi !== undefined) return { tpi: reading.tpi };
  if (reading.pitchMm !== undefined) return { pitchMm: reading.pitchMm };
  throw new RangeError("a leaf reading needs pitchMm or tpi");
}

/** The pitch of a leaf in millimetres. */
export function leafPitchMm(leaf: LeafMark): Mm {
  return "tpi" in leaf ? pitchMmFromTpi(leaf.tpi) : leaf.pitchMm;
}

/** How many of a leaf's teeth lie in a thread when nobody said. */
function usualThreadsEngaged(pitchMm: Mm): number {
  return Math.min(MOST_TEETH, Math.max(FEWEST_TEETH, Math.round(LEAF_LENGTH_MM / pitchMm)));
}

/** The leaf's last tooth against the thread, leaf centred, in millimetres along the axis. */
function endErrorMm(leafPitch: Mm, threadPitch: Mm, engaged: number): Mm {
  return (engaged * Math.abs(leafPitch - threadPitch)) / 2;
}

/** Chance that the leaf is seen to drop in: falls off with the end error against what the eye lets pass. */
function seenToFit(leafPitch: Mm, threadPitch: Mm, engaged: number): number {
  const tolerated = 0.05 + 0.04 * threadPitch;
  const ratio = endErrorMm(leafPitch, threadPitch, engaged) / tolerated;
  return MISJUDGED + (1 - MISJUDGED - MISJUDGED_FIT) * Math.exp(-0.5 * ratio * ratio);
}

/**
 * Probability of each outcome when this leaf is laid on this thread.
 * @param threadsEngaged teeth lying in the thread; default by the leaf's length
 */
export function leafOutcomes(
  leaf: LeafMark,
  { pitchMm, flankAngleDeg }: Pick<Thread, "pitchMm" | "flankAngleDeg">,
  threadsEngaged?: number,
): Readonly<Record<LeafOutcome, number>> {
  return pitchOutcomes(leaf, pitchMm, threadsEngaged, seatOf(flankAngleDeg));
}

const seatOf = (flankAngleDeg: number) => (flankAngleDeg >= LEAST_V_DEG ? 1 : V_IN_FLAT);

function pitchOutcomes(
  leaf: LeafMark,
  pitchMm: Mm,
  threadsEngaged?: number,
  seat = 1,
): Readonly<Record<LeafOutcome, number>> {
  const leafPitch = leafPitchMm(leaf);
  const engaged = threadsEngaged ?? usualThreadsEngaged(leafPitch);
  const fit = seat * seenToFit(leafPitch, pitchMm, engaged);
  // The eye hesitates most where fitting and rocking are evenly likely.
  const unsure = ALWAYS_UNSURE + 0.6 * fit * (1 - fit);
  return { "drops-in": fit * (1 - unsure), rocks: (1 - fit) * (1 - unsure), unsure };
}

/** How likely it is that this leaf, of all that are owned, is said to drop in on this thread. */
export function saidToDropIn(
  leaf: LeafMark,
  thread: Pick<Thread, "pitchMm" | "flankAngleDeg">,
  gauge?: OneGauge,
): number {
  const leafPitch = leafPitchMm(leaf);
  const best = calledBest(leafPitch, thread.pitchMm, usualThreadsEngaged(leafPitch), gauge);
  return leafOutcomes(leaf, thread)["drops-in"] * best;
}

/** A leaf as it was laid on: what does not hang on the thread, worked out once for a thousand of them. */
interface Laid {
  readonly leaf: LeafMark;
  readonly leafPitch: Mm;
  readonly engaged: number;
}

const alreadyLaid = new WeakMap<LeafReading, Laid>();

function laidOf(reading: LeafReading): Laid {
  const known = alreadyLaid.get(reading);
  if (known !== undefined) return known;
  const leaf = leafMark(reading);
  const leafPitch = leafPitchMm(leaf);
  const engaged = reading.threadsEngaged ?? usualThreadsEngaged(leafPitch);
  const laid = { leaf, leafPitch, engaged };
  alreadyLaid.set(reading, laid);
  return laid;
}

/** Probability of the reading on a thread of this pitch; where it drops in, that no other leaf was called as well. */
function chanceOf(reading: LeafReading, pitchMm: Mm, seat: number): number {
  const { leaf, leafPitch, engaged } = laidOf(reading);
  const chance = pitchOutcomes(leaf, pitchMm, engaged, seat)[reading.outcome];
  if (reading.outcome !== "drops-in") return chance;
  return chance * calledBest(leafPitch, pitchMm, engaged, reading.gauge);
}

function agreementOf(probability: number): Agreement {
  if (probability >= 0.3) return "agrees";
  return probability >= 0.05 ? "strained" : "at-odds";
}

function reason(reading: LeafReading, thread: Thread): ReasonFigures {
  const { leaf, leafPitch, engaged: threadsEngaged } = laidOf(reading);
  const probability = leafOutcomes(leaf, thread, threadsEngaged)[reading.outcome];
  return {
    code: "leaf",
    agreement: reading.outcome === "unsure" ? "agrees" : agreementOf(probability),
    leaf,
    outcome: reading.outcome,
    threadPitchMm: thread.pitchMm,
    ...(thread.tpi === undefined ? {} : { threadTpi: thread.tpi }),
    endErrorMm: endErrorMm(leafPitch, thread.pitchMm, threadsEngaged),
    threadsEngaged,
  };
}

/** A thread-gauge leaf laid on the thread. */
export const leafEvidence: Evidence<"leaf"> = {
  likelihood: (reading, { pitchMm, flankAngleDeg }) =>
    chanceOf(reading, pitchMm, seatOf(flankAngleDeg)),
  // One number for the pitch, the seat and whether it is said in threads per inch: no pitch is as coarse as 100 mm.
  alike: ({ pitchMm, flankAngleDeg, tpi }) =>
    pitchMm + (seatOf(flankAngleDeg) === 1 ? 0 : 100) + (tpi === undefined ? 0 : 200),
  unknownLikelihood: (reading, pitchMm) => chanceOf(reading, pitchMm, 1),
  reason,
};
