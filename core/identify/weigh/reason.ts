import type { Mm } from "../../measure";
import type { MatingCause, MatingOutcome } from "../mating";
import type { Hand, Thread, ThreadFamily, ThreadSide } from "../../catalogue/threads";
import type { Agreement } from "./agreement";
import type { MarkKind } from "./mark-kind";
import type { CrestForm, LeafOutcome, OriginPlace, PartFunction, TrialOutcome } from "./reading";
import type { Trade } from "./trades";

/** What a leaf is stamped with. */
export type LeafMark = { readonly pitchMm: Mm } | { readonly tpi: number };

/** Why a thread stands or fell: a code and its figures. `words` makes the sentence. */
export type Reason = ReasonFigures & {
  /** The place of the reading it comes from, in the readings as given. */
  readonly reading?: number | undefined;
  /**
   * Natural logarithm of the reading's likelihood for this thread over that for the thread it suits best:
   * 0 when none suits it better, far below 0 when it speaks against this one.
   */
  readonly support?: number | undefined;
};

/** A reason before it is set beside the other threads. */
export type ReasonFigures = { readonly agreement: Agreement } & (
  | { readonly code: "diameter-inside"; readonly mm: Mm; readonly minMm: Mm; readonly maxMm: Mm }
  | {
      readonly code: "diameter-under" | "diameter-over";
      readonly mm: Mm;
      readonly minMm: Mm;
      readonly maxMm: Mm;
      /** How far it is outside the nearer limit. */
      readonly byMm: Mm;
      readonly toleranceClass: string;
    }
  /** Narrower than another reading of the same size, which counts in its place. */
  | { readonly code: "held-askew"; readonly mm: Mm; readonly widestMm: Mm }
  | {
      readonly code: "diameter-between";
      readonly overMm: Mm;
      readonly notOverMm: Mm;
      readonly minMm: Mm;
      readonly maxMm: Mm;
    }
  | { readonly code: "bore-inside"; readonly mm: Mm; readonly minMm: Mm; readonly maxMm: Mm }
  | {
      readonly code: "bore-under" | "bore-over";
      readonly mm: Mm;
      readonly minMm: Mm;
      readonly maxMm: Mm;
      readonly byMm: Mm;
      readonly toleranceClass: string;
    }
  /** Measured outside, and the thread is only made inside. */
  | { readonly code: "internal-only" }
  /** Measured inside, and the thread is only made outside. */
  | { readonly code: "external-only" }
  | {
      readonly code: "leaf";
      readonly leaf: LeafMark;
      readonly outcome: LeafOutcome;
      readonly threadPitchMm: Mm;
      /** Of a thread that goes by threads per inch. */
      readonly threadTpi?: number;
      /** How far the leaf's last tooth is out of step, leaf centred, over the threads engaged. */
      readonly endErrorMm: Mm;
      readonly threadsEngaged: number;
    }
  | {
      readonly code: "count";
      readonly threads: number;
      readonly spanMm: Mm;
      readonly expectedThreads: number;
    }
  | {
      readonly code: "crest-to-crest";
      readonly pitches: number;
      readonly mm: Mm;
      readonly expectedMm: Mm;
    }
  | {
      readonly code: "flank-angle";
      readonly degrees: number;
      readonly threadDegrees: number;
      /** The pitch is too fine for the angle to be judged well. */
      readonly finePitch: boolean;
    }
  | { readonly code: "crest-form"; readonly form: CrestForm; readonly threadForm: CrestForm }
  | {
      readonly code: "thread-depth";
      readonly mm: Mm;
      readonly expectedMm: Mm;
      /** The blade reaches no root of a V: it says little there. */
      readonly inV: boolean;
    }
  | { readonly code: "taper"; readonly tapered: boolean; readonly threadTapered: boolean }
  | {
      readonly code: "taper-measured";
      /** On diameter: 0.0625 is 1 in 16. */
      readonly taper: number;
      readonly threadTaper: number;
      readonly apartMm: Mm;
    }
  | { readonly code: "hand"; readonly hand: Hand }
  | { readonly code: "length"; readonly mm: Mm }
  /** Head, finish or magnet. */
  | { readonly code: "look" }
  | {
      readonly code: "head-mark";
      readonly mark: string;
      readonly markKind: MarkKind;
      readonly family: ThreadFamily;
    }
  | {
      readonly code: "across-flats";
      readonly mm: Mm;
      /** The hexagon of this thread nearest to the reading; absent when it has none. */
      readonly nominalMm?: Mm;
      readonly near: boolean;
      /** The hexagon that shows this width over its corners, where one does. */
      readonly cornersOfMm?: Mm;
    }
  | {
      readonly code: "trial-fit";
      readonly with: Thread;
      /** The side of the part on the bench. */
      readonly partIs: ThreadSide;
      readonly outcome: TrialOutcome;
      /** What the geometry says for this thread, and after how many turns. */
      readonly expected: MatingOutcome;
      readonly cause: MatingCause;
      readonly expectedTurns?: number;
      /** How far it was run, turns. */
      readonly ranTurns: number;
      /** Whether the known part is this thread's own mate. */
      readonly sound: boolean;
      /** What the pair holds of what a sound one does, 0 to 1. */
      readonly strength: number;
    }
  /** Tried with a part whose name is no thread held. */
  | { readonly code: "trial-unknown"; readonly with: string }
  | {
      readonly code: "origin";
      readonly family: ThreadFamily;
      readonly place: OriginPlace;
      readonly before?: number;
      readonly trade?: Trade;
    }
  | { readonly code: "function"; readonly family: ThreadFamily; readonly what: PartFunction }
  | { readonly code: "commonness"; readonly common: "common" | "uncommon" | "rare" }
);
