import type { Mm } from "../../measure";

/** The thread families the product knows by name. */
export const THREAD_FAMILIES = [
  "iso-metric",
  "unified",
  "whitworth",
  "ba",
  "cycle",
  "pipe-parallel",
  "pipe-taper",
  "npt",
  "trapezoidal",
  "acme",
  "square",
  "conduit",
  "hose",
  "gas-cylinder",
  "insert-tapped",
] as const;

export type ThreadFamily = (typeof THREAD_FAMILIES)[number];

/** Which way a thread turns. */
export const HANDS = ["right", "left"] as const;

export type Hand = (typeof HANDS)[number];

/** One standard thread. Basic sizes only: limits come from `limits`. */
export interface Thread {
  /** Stable slug, e.g. "iso-m10x1.25", "unc-1/2-13". */
  readonly id: string;
  /** As it is written on a drawing, e.g. "M10 x 1.25", "1/2-13 UNC". */
  readonly designation: string;
  readonly family: ThreadFamily;
  /** "coarse", "fine", "UNC", "8-UN", "BSF", "G", "R", "NPT"... */
  readonly series: string;
  /** Basic major diameter; of a taper thread, at the gauge plane. */
  readonly majorMm: Mm;
  readonly pitchMm: Mm;
  readonly tpi?: number;
  /** Major diameter in inches, exact, for sizes the standard gives in inches. */
  readonly majorInch?: number;
  /** The inch size in its name, which for a pipe thread is the bore it was once named for, not a diameter. */
  readonly namedInch?: number;
  readonly flankAngleDeg: number;
  /** Taper on diameter, 1/16 for taper pipe threads. */
  readonly taper?: number;
  readonly starts: number;
  readonly hand: Hand;
  /** How far the standard itself prefers the size: 1 first choice, 2 second, 3 third. */
  readonly choice: 1 | 2 | 3;
  /** Set where the standard has the thread on one side only, as Rp inside a fitting. */
  readonly only?: ThreadSide;
  /** Other ways the same thread is called, e.g. "Rc 1/2" for R 1/2. */
  readonly alsoCalled?: readonly string[];
  readonly standard: string;
  /** Basic sizes come from the standard's formula or from two agreeing sources. */
  readonly verified: boolean;
}

export const THREAD_SIDES = ["external", "internal"] as const;

export type ThreadSide = (typeof THREAD_SIDES)[number];

/** A band of permitted sizes; an end that the standard leaves free is absent. */
export interface SizeRange {
  readonly min?: Mm;
  readonly max?: Mm;
}

/** Major, pitch and minor diameter of the basic profile, in millimetres. */
export interface BasicSizes {
  readonly major: Mm;
  readonly pitch: Mm;
  readonly minor: Mm;
}

/** Limits of size in millimetres for one side of a thread in one tolerance class; of a taper thread, at the gauge plane. */
export interface ThreadLimits {
  readonly toleranceClass: string;
  readonly major: SizeRange;
  readonly pitch: SizeRange;
  readonly minor: SizeRange;
  /** From the standard's formulas or table; false when they are this catalogue's own estimate. */
  readonly verified: boolean;
}

/** Where a taper thread is gauged and how much of it is of use, in mm from the small end. */
export interface TaperLengths {
  /** Small end to gauge plane, where the diameters are the basic ones. */
  readonly gaugeMm: Mm;
  /** How far the gauge plane may stand from its place, either way. */
  readonly gaugeToleranceMm: Mm;
  /** Length of useful (ISO) or effective (American) thread. */
  readonly usefulMm: Mm;
}

/** What a family's standard says; `families` holds one of these for each family. */
export interface FamilyStandard {
  /** Every thread held of the family. */
  readonly threads: readonly Thread[];
  readonly basicSizes: (thread: Thread) => BasicSizes;
  /** Tolerance classes with limits, the usual one first; none for a side the standard does not have. */
  readonly classes: (thread: Thread, side: ThreadSide) => readonly string[];
  /** Limits in one of `classes`. */
  readonly limits: (thread: Thread, side: ThreadSide, toleranceClass: string) => ThreadLimits;
  /** For a family with taper threads: its lengths, in mm. */
  readonly taperLengths?: (thread: Thread) => TaperLengths;
}

/** The designation, with LH for a left-hand thread (ISO 965-1, ASME B1.1). */
export function threadName({ designation, hand }: Pick<Thread, "designation" | "hand">): string {
  return hand === "left" ? `${designation} LH` : designation;
}

/** The same thread, turning that way. */
export function inHand(thread: Thread, hand: Hand): Thread {
  return thread.hand === hand ? thread : { ...thread, hand };
}

const OF_PIPES: ReadonlySet<ThreadFamily> = new Set(["pipe-parallel", "pipe-taper", "npt"]);

/** Whether a thread is one of pipes and fittings: G and Rp, R and Rc, the American ones. */
export const isPipeThread = ({ family }: Pick<Thread, "family">): boolean => OF_PIPES.has(family);
