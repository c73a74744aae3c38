import { commonnessWeight } from "../weigh";
import { SAME_SIZE_MM, isOneThread, judgePair, type JudgedPair, type Mating } from "../mating";
import { catalogue, sizesOverCrests, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** What tells two look-alikes apart, the easiest first. */
type TellingSign = "pitch" | "taper" | "diameter" | "angle" | "nothing";

/** A thread that is mistaken for another, and what tells them apart. */
export interface LookAlike {
  readonly thread: Thread;
  /** Its major diameter less that of the thread asked about, mm. */
  readonly diameterMm: Mm;
  /** How far ten of its threads run past ten of the other's, mm. */
  readonly driftOverTenMm: Mm;
  readonly told: TellingSign;
  /** The thread asked about as a screw in this one's nut, and the other way round. */
  readonly asScrew: JudgedPair;
  readonly asNut: JudgedPair;
}

/** Threads of another name with the same diameters, pitch, form and taper: by geometry one thread. */
export function sameAs(thread: Thread): readonly Thread[] {
  return catalogue().filter((other) => other.id !== thread.id && isOneThread(thread, other));
}

/** Other pitches and series of the same diameter in the same family, coarse first. */
export function sameDiameter(thread: Thread): readonly Thread[] {
  return catalogue()
    .filter(
      (other) =>
        other.id !== thread.id &&
        other.family === thread.family &&
        Math.abs(other.majorMm - thread.majorMm) <= SAME_SIZE_MM,
    )
    .sort((a, b) => b.pitchMm - a.pitchMm);
}

/** Screws whose crests a caliper reads within this of each other may be taken for one another. */
const CALIPER_DOUBT_MM = 0.06;
/** A leaf this near, over ten threads, may seem to drop in. */
const LEAF_DOUBT_OVER_TEN_MM = 1.8;
/** One that goes on for a whole turn is believed to be the right one. */
const BELIEVED_TURNS = 1;
/** With less of the crests in touch than this nobody believes it. */
const LEAST_BELIEVED_OVERLAP = 0.2;

/** Whether a fitter who tries the two would believe, for a turn or more, that they belong together. */
function seemsToGo({ outcome, turns = Infinity, overlap }: Mating): boolean {
  if (outcome === "will-not-start" || overlap < LEAST_BELIEVED_OVERLAP) return false;
  return turns >= BELIEVED_TURNS;
}

function measuresAlike(a: Thread, b: Thread): boolean {
  const ofA = sizesOverCrests(a);
  const ofB = sizesOverCrests(b);
  if (ofA === undefined || ofB === undefined) return false;
  const overlapping =
    ofA.min <= ofB.max + CALIPER_DOUBT_MM && ofB.min <= ofA.max + CALIPER_DOUBT_MM;
  return overlapping && 10 * Math.abs(a.pitchMm - b.pitchMm) <= LEAF_DOUBT_OVER_TEN_MM;
}

/** A caliper tells sizes this far apart, mm; a leaf tells this much over ten threads. */
const TOLD_BY_CALIPER_MM = 0.2;
const TOLD_BY_LEAF_MM = 0.3;

function signOf(thread: Thread, other: Thread): TellingSign {
  if (10 * Math.abs(thread.pitchMm - other.pitchMm) >= TOLD_BY_LEAF_MM) return "pitch";
  if ((thread.taper ?? 0) !== (other.taper ?? 0)) return "taper";
  if (Math.abs(thread.majorMm - other.majorMm) >= TOLD_BY_CALIPER_MM) return "diameter";
  return thread.flankAngleDeg === other.flankAngleDeg ? "nothing" : "angle";
}

/** From this share of all parts on a thread is as common as any; every tenfold under it comes later. */
const COMMON_SHARE = 0.6;
const PER_TENFOLD = 1.3;
const MOST_LATER = 5;

/**
 * How much later a thread comes for being met seldom: nobody takes a bolt for a spindle before the next bolt, nor tries it in a
 * hole that is tapped for an insert before a nut.
 */
function rarity(thread: Thread): number {
  if (thread.family === "insert-tapped") return MOST_LATER;
  const tenfolds = Math.log10(COMMON_SHARE / Math.max(commonnessWeight(thread), 1e-6));
  return Math.min(MOST_LATER, Math.max(0, PER_TENFOLD * tenfolds));
}

/** How alike two threads are: difference of diameter and drift over ten threads, in the doubt of each reading, and how rare the other is. */
function distance({ thread, diameterMm, driftOverTenMm }: LookAlike): number {
  const apart = Math.hypot(diameterMm / TOLD_BY_CALIPER_MM, driftOverTenMm / TOLD_BY_LEAF_MM);
  return apart + rarity(thread);
}

/** How another thread differs from this one, what tells them apart, and how each goes into the other. */
export function compareThreads(thread: Thread, other: Thread): LookAlike {
  // The catalogue holds right-hand threads; a left-hand part is mistaken for others cut left-hand.
  const mate = other.hand === thread.hand ? other : { ...other, hand: thread.hand };
  return {
    thread: other,
    diameterMm: other.majorMm - thread.majorMm,
    driftOverTenMm: 10 * (other.pitchMm - thread.pitchMm),
    told: signOf(thread, other),
    asScrew: judgePair(thread, mate),
    asNut: judgePair(mate, thread),
  };
}

const MOST_LOOK_ALIKES = 8;

// Catalogue threads do not change; working one out takes some milliseconds, and sheets ask again for each choice made.
const known = new WeakMap<Thread, readonly LookAlike[]>();

/**
 * Threads that this one is mistaken for: a caliper and a leaf hardly part them, or one seems to go into the other.
 * Worked out from the geometry; those that are the same thread by another name, or the same diameter in another
 * pitch of the same family, are not among them unless they seem to go.
 * @returns the likest first, at most eight
 */
export function confusedWith(thread: Thread): readonly LookAlike[] {
  const found = known.get(thread) ?? workOut(thread);
  known.set(thread, found);
  return found;
}

function workOut(thread: Thread): readonly LookAlike[] {
  const same = new Set(sameAs(thread).map(({ id }) => id));
  return catalogue()
    .filter(
      (other) =>
        other.id !== thread.id &&
        !same.has(other.id) &&
        Math.abs(other.majorMm - thread.majorMm) < 0.12 * thread.majorMm,
    )
    .map((other) => compareThreads(thread, other))
    .filter(
      ({ thread: other, asScrew, asNut }) =>
        measuresAlike(thread, other) || seemsToGo(asScrew) || seemsToGo(asNut),
    )
    .sort((a, b) => distance(a) - distance(b))
    .slice(0, MOST_LOOK_ALIKES);
}
