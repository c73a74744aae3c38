import type { Thread, ThreadSide } from "../../catalogue/threads";
import type { NextTest } from "./next-test";
import type { Reason } from "./reason";
import type { ReadingProblem } from "./refused";
import type { Suspect } from "./suspects";
import type { Verdict } from "./standing";

/** A thread, how likely it is, and how the readings stand to it. */
export interface Candidate {
  readonly thread: Thread;
  readonly probability: number;
  /**
   * Of a thread still possible, one for each reading in the order given; of one that is ruled out, only the reading
   * that speaks most against it. Then how common the thread is, when that was weighed.
   */
  readonly reasons: readonly Reason[];
}

export interface Identification {
  /** Every thread of the catalogue, most likely first; with `unknown` the probabilities make 1. */
  readonly candidates: readonly Candidate[];
  /** The probability of a thread that the catalogue does not hold. */
  readonly unknown: number;
  readonly verdict: Verdict;
  /** The side of the thread that the readings, or the kind of part, are of. */
  readonly side: ThreadSide;
  /** How much less likely the readings are together than each alone, as a natural logarithm. */
  readonly conflict: number;
  readonly nextTests: readonly NextTest[];
  /** Readings with a figure that is none, or that no part can have: they were not weighed. */
  readonly refused: readonly ReadingProblem[];
  /** Readings that may be the wrong ones: of a contradiction, and of a thread that leads those that fit it badly. */
  readonly suspects: readonly Suspect[];
}
