import type { Thread, ThreadSide } from "../../catalogue/threads";
import type { MarkKind } from "./mark-kind";
import type { PartCondition, Reading, SizedReading } from "./reading";
import type { LeafMark } from "./reason";
import type { TestOutcome } from "./test-worth";
import type { Tool } from "./tools";

/**
 * An answer to a test: a reading taken with one touch, a size or a taper to be measured, a kind of mark to be
 * read, or whatever else it may show.
 */
export type TestAnswer =
  | { readonly kind: "reading"; readonly reading: Reading }
  | { readonly kind: "size"; readonly mm: number }
  | { readonly kind: "mark"; readonly mark: MarkKind }
  | { readonly kind: "taper"; readonly tapered: boolean }
  | { readonly kind: "other" };

/** A size to take before anything separates, with what is owned for it; or, where nothing else does, once more. */
export interface OpeningTest {
  readonly kind: "external-diameter" | "diameter-between" | "internal-diameter";
  readonly tool: Tool;
  /** To stand beside the first size, taken at another place. */
  readonly beside?: true;
}

/** A test worth making next, with what it is expected to tell. `words` makes the instruction. */
export type InformativeTest = {
  /** Expected information, in bits: how much of the doubt the answer would take away. */
  readonly bits: number;
  /** The answers that are to be reckoned with, two to four. */
  readonly outcomes: readonly TestOutcome<TestAnswer>[];
} & (
  | {
      readonly kind: "leaf";
      /** The leaf to lay on it first. */
      readonly leaf: LeafMark;
      /** Where it is to be found which of the gauge drops in: the other leaves to be tried, likeliest first. */
      readonly others: readonly LeafMark[];
    }
  | { readonly kind: "trial-fit"; readonly with: Thread; readonly partIs: ThreadSide }
  | {
      readonly kind: "flank-angle";
      /** A second look, to stand beside the first. */
      readonly beside?: true;
    }
  | { readonly kind: "crest-to-crest"; readonly pitches: number }
  | { readonly kind: "count"; readonly spanMm: number }
  | {
      readonly kind:
        | "crest-form"
        | "taper"
        | "taper-measured"
        | "thread-depth"
        | "across-flats"
        | "head-mark"
        | "origin"
        | "function"
        | "hand";
    }
);

/** The reading that the others speak against, to be taken once more before anything is concluded from it. */
export interface RetakeTest {
  readonly kind: "again";
  /** Its place in the readings as given. */
  readonly at: number;
  readonly reading: Reading;
}

/** The size that fits badly may have been plated, painted, rusted or worn: what has happened to the part is asked before it is taken again. */
export interface ConditionTest {
  readonly kind: "condition";
  /** The place of the size in the readings as given. */
  readonly at: number;
  readonly reading: SizedReading;
  /** What would account for it, the likeliest first; the answer may as well be "sound". */
  readonly conditions: readonly PartCondition[];
}

/** What is asked of a reading that fits badly, before anything is concluded from it. */
export type DoubtTest = ConditionTest | RetakeTest;

/** A test that takes a reading which is to stand beside the others. */
export type ReadingTest = OpeningTest | InformativeTest;

export type NextTest = DoubtTest | ReadingTest;

export function takesReading(test: NextTest): test is ReadingTest {
  return test.kind !== "condition" && test.kind !== "again";
}
