import {
  formSizes,
  limits,
  smallEndReduction,
  type BasicSizes,
  type SizeRange,
  type Thread,
  type ThreadSide,
  isPipeThread,
} from "../../catalogue/threads";
import type { Mm } from "../../measure";
import { axialPlay, overlapShare, shearArea, type SizedThread } from "./flank-gap";

/** How a screw and a nut take each other. */
export type MatingOutcome = "mates" | "binds" | "loose" | "will-not-start";

/** What decides it. `words` makes the sentence. */
export type MatingCause =
  | "fits"
  /** The two are made to jam together: a taper pipe joint. */
  | "taper-joint"
  /** A taper screw in the parallel hole of its size, R in G: no standard has it, and it makes a joint for all that. */
  | "practice-joint"
  | "hand"
  | "one-sided"
  | "major-too-large"
  | "root-too-large"
  | "flanks-too-wide"
  | "pitch-drift"
  | "taper"
  | "shallow"
  | "no-overlap";

export interface Mating {
  readonly outcome: MatingOutcome;
  readonly cause: MatingCause;
  /** Turns until it binds; absent when it does not. */
  readonly turns?: number;
  /** Play along the axis in the first thread, mm. */
  readonly axialPlay: Mm;
  /** How far the pitches part over ten threads, mm. */
  readonly driftOverTenMm: Mm;
  /** Height of the overlap of crests against the nut's thread height, 0 to 1. */
  readonly overlap: number;
  /**
   * Axial load at which the threads strip, against that of either part in a sound mate of its own kind, 0 to 1: the
   * lesser of the two shear areas left (the areas of FED-STD-H28/2B, taken at the flanks that meet).
   */
  readonly strength: number;
}

/** Diameters measured on a part, mm; what is not given is taken from its limits. */
export type MeasuredDiameters = Partial<BasicSizes>;

/** Where in their limits the two parts lie: the middles, or the two ends. */
export type MatingFit = "middle" | "loosest" | "tightest";

export interface MatingOptions {
  readonly fit?: MatingFit;
  /** Length of thread that is to engage, mm; default the nut's own major diameter. */
  readonly engagementMm?: Mm;
  /** Sizes measured on the screw and on the nut, in the place of those from the limits. */
  readonly maleSizes?: MeasuredDiameters;
  readonly femaleSizes?: MeasuredDiameters;
}

/** A joint with less of the thread height in touch than this strips far below its strength. */
const LEAST_OVERLAP = 0.5;

/** Threads this much too wide at the flanks, as a share of the pitch, still start and wedge. */
const WEDGES_WITHIN = 0.02;

function sizeWithin({ min, max }: SizeRange, fallback: Mm, share: number): Mm {
  if (min === undefined || max === undefined) return max ?? min ?? fallback;
  return min + share * (max - min);
}

const emptyStore = () => ({
  middle: new WeakMap<Thread, SizedThread>(),
  loosest: new WeakMap<Thread, SizedThread>(),
  tightest: new WeakMap<Thread, SizedThread>(),
});

/** Limits do not change, so each part is sized once; by the thread itself, as one may be made up. */
const sizedParts = { external: emptyStore(), internal: emptyStore() };

/** A part of the thread at a place in its limits, with measured diameters in their place. */
export function sized(
  thread: Thread,
  side: ThreadSide,
  fit: MatingFit,
  measured?: MeasuredDiameters,
): SizedThread {
  const store = sizedParts[side][fit];
  const known = store.get(thread);
  const part = known ?? sizedByLimits(thread, side, fit);
  if (known === undefined) store.set(thread, part);
  return measured === undefined ? part : { ...part, ...measured };
}

/** The part at the given place in its limits; diameters that the standard leaves free as the form is made. */
function sizedByLimits(thread: Thread, side: ThreadSide, fit: MatingFit): SizedThread {
  const made = formSizes(thread, side);
  const band = limits(thread, side);
  // A loose screw is small, a loose nut large.
  const large = { middle: 0.5, loosest: 1, tightest: 0 }[fit];
  const share = side === "internal" ? large : 1 - large;
  return {
    thread,
    side,
    major: sizeWithin(band.major, made.major, share),
    pitch: sizeWithin(band.pitch, made.pitch, share),
    minor: sizeWithin(band.minor, made.minor, share),
  };
}

type Verdict = Pick<Mating, "outcome" | "cause" | "turns">;

const no = (cause: MatingCause): Verdict => ({ outcome: "will-not-start", cause });

/** So much of the crests, in pitches, gives way under a hand; those of a pipe's mouth are thin and chamfered. */
const CRESTS_GIVE = 0.1;
const PIPE_CRESTS_GIVE = 0.2;

/** What keeps a screw from entering at all. */
function refusal(male: SizedThread, female: SizedThread, play: Mm): Verdict | undefined {
  if (male.major > female.major) return no("major-too-large");
  const gives =
    isPipeThread(male.thread) && isPipeThread(female.thread) ? PIPE_CRESTS_GIVE : CRESTS_GIVE;
  if (male.minor > female.minor + gives * female.thread.pitchMm) return no("root-too-large");
  if (play < -WEDGES_WITHIN * male.thread.pitchMm) return no("flanks-too-wide");
  return undefined;
}

/** Turns of a taper screw until its pitch diameter has grown by what stood open at its small end. */
function taperTurns(male: SizedThread, female: SizedThread): number | undefined {
  const maleTaper = male.thread.taper ?? 0;
  const femaleTaper = female.thread.taper ?? 0;
  if (maleTaper === 0 && femaleTaper === 0) return undefined;
  // A taper nut's gauge plane is its mouth; it narrows inward, which closes on a parallel screw as well.
  const open = female.pitch - entering(male).pitch;
  const closing = Math.max(maleTaper, femaleTaper);
  return Math.max(0, open / closing / male.thread.pitchMm);
}

function driftTurns(male: SizedThread, female: SizedThread, play: Mm): number | undefined {
  const drift = Math.abs(lead(male.thread) - lead(female.thread)) / male.thread.starts;
  return drift < 1e-6 ? undefined : Math.max(0, play) / drift;
}

const lead = ({ pitchMm, starts }: Thread) => pitchMm * starts;

/** A screw at its small end, which is what enters first. */
function entering(male: SizedThread): SizedThread {
  const smaller = smallEndReduction(male.thread);
  if (smaller === 0) return male;
  return {
    ...male,
    major: male.major - smaller,
    pitch: male.pitch - smaller,
    minor: male.minor - smaller,
  };
}

/** A taper screw in a taper or parallel hole of its own standard is a joint, not a jam. */
function isTaperJoint(male: Thread, female: Thread): boolean {
  return male.taper !== undefined && male.family === female.family && male.tpi === female.tpi;
}

/** R in G of one size: the thread is the same but for the taper. */
function isPracticeJoint(male: Thread, female: Thread): boolean {
  return male.series === "R" && female.series === "G" && male.namedInch === female.namedInch;
}

function judge(
  male: SizedThread,
  female: SizedThread,
  play: Mm,
  overlap: number,
  engagementMm: Mm,
): Verdict {
  const refused = refusal(entering(male), female, play);
  if (refused !== undefined) return refused;
  if (overlap === 0) return { outcome: "loose", cause: "no-overlap" };
  const engaged = engagementMm / female.thread.pitchMm;
  const drift = driftTurns(male, female, play);
  const taper = taperTurns(male, female);
  if (drift !== undefined && drift < Math.min(engaged, taper ?? engaged)) {
    return { outcome: "binds", cause: "pitch-drift", turns: drift };
  }
  if (taper !== undefined) {
    if (isTaperJoint(male.thread, female.thread)) {
      return { outcome: "mates", cause: "taper-joint", turns: taper };
    }
    const cause = isPracticeJoint(male.thread, female.thread) ? "practice-joint" : "taper";
    return { outcome: "binds", cause, turns: taper };
  }
  if (overlap < LEAST_OVERLAP) return { outcome: "loose", cause: "shallow" };
  return { outcome: "mates", cause: "fits" };
}

interface Judged {
  readonly verdict: Verdict;
  readonly screw: SizedThread;
  readonly nut: SizedThread;
  readonly play: Mm;
  readonly overlap: number;
}

const isOneSided = (male: Thread, female: Thread) =>
  male.only === "internal" || female.only === "external";

function judged(male: Thread, female: Thread, options: MatingOptions): Judged {
  const fit = options.fit ?? "middle";
  const screw = sized(male, "external", fit, options.maleSizes);
  const nut = sized(female, "internal", fit, options.femaleSizes);
  const play = axialPlay(entering(screw), nut);
  const overlap = overlapShare(screw, nut);
  const verdict =
    male.hand === female.hand
      ? judge(screw, nut, play, overlap, options.engagementMm ?? nut.major)
      : no("hand");
  return { verdict, screw, nut, play, overlap };
}

/** Only how a screw and a nut take each other and why, for where many pairs are asked about. As `willItGo` says it. */
export function matingVerdict(
  male: Thread,
  female: Thread,
  options: MatingOptions = {},
): Pick<Mating, "outcome" | "cause" | "turns" | "overlap"> {
  if (isOneSided(male, female)) return { ...no("one-sided"), overlap: 0 };
  const { verdict, overlap } = judged(male, female, options);
  return { ...verdict, overlap };
}

/**
 * Whether a screw goes into a nut or hole, by geometry: diameters, flank play (D2 - d2) tan(half angle), how many
 * threads the difference of pitch takes to use that play up, the plane where a taper jams, the overlap left.
 * Hands that differ do not start. Metal is taken not to yield.
 * @param male the external thread, @param female the internal one
 * @param options where in their limits the parts lie (default the middles of the usual classes), sizes measured on
 * either, engagement in mm
 */
export function willItGo(male: Thread, female: Thread, options: MatingOptions = {}): Mating {
  const driftOverTenMm = 10 * Math.abs(male.pitchMm - female.pitchMm);
  if (isOneSided(male, female)) {
    return { ...no("one-sided"), axialPlay: 0, driftOverTenMm, overlap: 0, strength: 0 };
  }
  const { verdict, screw, nut, play, overlap } = judged(male, female, options);
  const strength = verdict.outcome === "will-not-start" ? 0 : strengthShare(screw, nut);
  return { ...verdict, axialPlay: play, driftOverTenMm, overlap, strength };
}

/** The lesser of what is left of the screw's and of the nut's shear area, each against its own sound mate. */
function strengthShare(screw: SizedThread, nut: SizedThread): number {
  const mateOfScrew =
    screw.thread.only === undefined ? sized(screw.thread, "internal", "middle") : nut;
  const mateOfNut = nut.thread.only === undefined ? sized(nut.thread, "external", "middle") : screw;
  const ofScrew = shearArea(screw, nut) / shearArea(screw, mateOfScrew);
  const ofNut = shearArea(nut, screw) / shearArea(nut, mateOfNut);
  return Math.max(0, Math.min(1, ofScrew, ofNut));
}
