import type { NutStyle, WasherStyle } from "../catalogue/fasteners";
import type { Finish } from "../catalogue/looks";
import type { WrittenStandard } from "./standards";

/** How a strength class of a nut was named. */
export type ClassNamed =
  /** By itself: "2H", "A563 DH"; undefined of one that is not held. */
  | { readonly by: "name"; readonly id: string | undefined }
  /** By a steel and its strength: "A4-80"; of most nuts 70. */
  | { readonly by: "steel"; readonly steel?: string; readonly strength?: string }
  /** By a figure, whose system the thread or the word tells: "class 8", "grade 5", "gr 8", a bare 10. */
  | { readonly by: "figure"; readonly figure: string; readonly word: "class" | "grade" | "none" };

/** The parts that are read by their marks. */
export type PartRead = "nut" | "washer" | "pin" | "plug";

/** What a mark of a call-out says: the role it plays and its meaning in it. */
export type Meaning =
  | { readonly role: "part"; readonly part: PartRead; readonly kind?: string }
  /** What tells one nut or washer from another; which, hangs on the part. */
  | { readonly role: "kind"; readonly kind: string }
  | { readonly role: "own-kind"; readonly style: NutStyle | WasherStyle }
  | { readonly role: "finish"; readonly finish: Finish }
  | { readonly role: "class"; readonly named: ClassNamed }
  | {
      readonly role: "quantity";
      readonly count: number;
      /** Said by a comma alone, as a class may be. */
      readonly byComma?: true;
    }
  | { readonly role: "standard"; readonly standard: WrittenStandard }
  | { readonly role: "tolerance" }
  | { readonly role: "left-hand" }
  /** A pitch in mm, or threads an inch, said by their name. */
  | { readonly role: "pitch"; readonly figure: string }
  | { readonly role: "tpi"; readonly figure: string }
  /** How hard a washer is, HV. */
  | { readonly role: "hardness"; readonly vickers: number }
  /** How thick a washer is, mm. */
  | { readonly role: "thickness"; readonly mm: number }
  /** What a pin is ground to: "m6". */
  | { readonly role: "fit"; readonly fit: string }
  /** A taper pin by its number: the large end, in. */
  | { readonly role: "pin-number"; readonly inches: number }
  /** It parts what goes with a part from it. */
  | { readonly role: "with" }
  /** What follows says what the part is for. */
  | { readonly role: "for" }
  /** It belongs to the name of the thread. */
  | { readonly role: "thread"; readonly written: string }
  | { readonly role: "nothing" }
  /** A part of which no table is held. */
  | { readonly role: "not-held" };

/** What a pattern found. */
export interface Found {
  /** Its words, figures and signs, in small letters. */
  readonly words: readonly string[];
  /** The figures of its places for figures. */
  readonly figures: readonly string[];
  /** What stands behind it. */
  readonly next: string | undefined;
}

/**
 * A row of the lexicon: a call-out that has it, how it may be written, what it means, and what it costs to read it so where
 * that is not free.
 */
export type Row = readonly [
  example: string,
  forms: readonly string[],
  means: Meaning | ((found: Found) => Meaning | undefined),
  cost?: number,
];

/** Tokens of a call-out that play one role together. */
export interface Mark {
  readonly from: number;
  readonly to: number;
  readonly means: Meaning;
  readonly cost: number;
}

/** The marks that begin at each token. */
export type MarksByPlace = readonly (readonly Mark[])[];
