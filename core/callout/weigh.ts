import type { CalloutProblem, FastenerSpec } from "./fastener-spec";

/** What was read one way, and what speaks against it. */
export interface Reading {
  readonly result: FastenerSpec | CalloutProblem;
  readonly cost: number;
}

/**
 * What speaks against a way of reading. A reading without any of these costs what its marks cost; each word that nobody
 * knows costs ten, so that another way is taken wherever one has a place for it.
 */
export const AGAINST = {
  /** A word or a figure that has no place in the part: as dear as one that nobody knows. */
  unplaced: 10,
  /** Kinds that no one style has: they are named together, so it costs them once. */
  kinds: 5,
  /** A size that several threads have: it is asked, which is better than to leave something out. */
  choices: 8,
  /** No thread that is held: nothing is left to be right. */
  noThread: 30,
  /** A part that is not held, or of two metals: that is what was written. */
  notHeld: 2,
  /** A class that is not held: it was said, and is answered. */
  noClass: 4,
  /** A bare figure as a class, where it stands before any size, or where the thread is open. */
  oddClass: 3,
  /** A width of several washers that are not called wide: so many of them are as likely. */
  widthOfSeveral: 3,
  /** A pin that is thicker than it is long. */
  shortPin: 3,
  /** So many, behind a comma, of what is written for one: "nut, 8" is of a class. */
  countOfOne: 1,
  /** A bare figure as a length, which a bracket or a cross would tell more surely to be a number. */
  length: 0.15,
} as const;
