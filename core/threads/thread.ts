import type { Mm } from "../units";

/** The thread families the product knows by name. */
export type ThreadFamily =
  | "iso-metric"
  | "unified"
  | "whitworth"
  | "ba"
  | "cycle"
  | "pipe-parallel"
  | "pipe-taper"
  | "npt"
  | "trapezoidal"
  | "acme"
  | "square"
  | "conduit"
  | "hose";

/** One standard thread. Basic sizes only: limits come from `limits`. */
export interface Thread {
  /** Stable slug, e.g. "iso-m10x1.25", "unc-1/2-13". */
  readonly id: string;
  /** As it is written on a drawing, e.g. "M10 x 1.25", "1/2-13 UNC". */
  readonly designation: string;
  readonly family: ThreadFamily;
  /** "coarse", "fine", "UNC", "UNF". */
  readonly series: string;
  readonly majorMm: Mm;
  readonly pitchMm: Mm;
  readonly tpi?: number;
  /** Major diameter in inches, exact, for sizes the standard gives in inches. */
  readonly majorInch?: number;
  readonly flankAngleDeg: number;
  readonly taper?: number;
  readonly starts: number;
  readonly hand: "right" | "left";
  /** How far the standard itself prefers the size: 1 first choice, 2 second, 3 third. */
  readonly choice: 1 | 2 | 3;
  readonly standard: string;
  readonly verified: boolean;
}

export type ThreadSide = "external" | "internal";

/** A band of permitted sizes; an end that the standard leaves free is absent. */
export interface SizeRange {
  readonly min?: Mm;
  readonly max?: Mm;
}

/** Limits of size in millimetres for one side of a thread in one tolerance class. */
export interface ThreadLimits {
  readonly toleranceClass: string;
  readonly major: SizeRange;
  readonly pitch: SizeRange;
  readonly minor: SizeRange;
}
