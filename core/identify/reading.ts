import type { Drive, Finish, HeadStyle } from "../fasteners";
import type { ThreadSide } from "../threads";
import type { Mm } from "../units";

/** Whether a leaf lay in the thread without light, rocked on it, or the fitter could not tell. */
export type LeafOutcome = "drops-in" | "rocks" | "unsure";

export type DiameterInstrument = "caliper" | "micrometer" | "rule";

/** How the part is said to have come to its size. */
export const PART_CONDITIONS = [
  "sound",
  "worn",
  "rusted",
  "plated",
  "galvanised",
  "painted",
] as const;

export type PartCondition = (typeof PART_CONDITIONS)[number];

export type OriginPlace = "britain" | "north-america" | "europe" | "japan" | "unknown";

/** What a bore was measured with: the inside jaws, or the largest pin or drill that enters. */
export type BoreInstrument = "caliper" | "pin";

export type Hand = "right" | "left";

/** How a known part took the one on the bench. */
export type TrialOutcome = "runs-freely" | "binds" | "will-not-start" | "loose";

export type PartFunction = "bolt" | "nut" | "pipe-fitting" | "plug" | "power-screw" | "electrical";

/** One thing measured or seen on the part. A new kind does not compile until `EVIDENCE` weighs it. */
export type Reading =
  | {
      readonly kind: "external-diameter";
      readonly mm: Mm;
      readonly instrument?: DiameterInstrument;
      readonly condition?: PartCondition;
    }
  /** By hole gauge or drill gauge: it enters the one and not the other. */
  | {
      readonly kind: "diameter-between";
      readonly overMm: Mm;
      readonly notOverMm: Mm;
      readonly condition?: PartCondition;
    }
  /** The bore of a nut or a tapped hole, over the crests: its minor diameter. */
  | {
      readonly kind: "internal-diameter";
      readonly mm: Mm;
      readonly instrument?: BoreInstrument;
      readonly condition?: PartCondition;
    }
  | {
      readonly kind: "leaf";
      /** The leaf's own marking: exactly one of pitchMm and tpi. */
      readonly pitchMm?: Mm;
      readonly tpi?: number;
      readonly outcome: LeafOutcome;
      readonly threadsEngaged?: number;
    }
  | { readonly kind: "count"; readonly threads: number; readonly spanMm: Mm }
  | { readonly kind: "crest-to-crest"; readonly pitches: number; readonly mm: Mm }
  | {
      readonly kind: "flank-angle";
      /** The angle it was taken for; 0 is square. */
      readonly degrees: 60 | 55 | 47.5 | 30 | 29 | 80 | 0;
      /** By gauge or against the light (default), or by a mere look. */
      readonly sure?: boolean;
    }
  | { readonly kind: "taper"; readonly tapered: boolean }
  /** Two diameters over the crests at a distance along the axis. */
  | {
      readonly kind: "taper-measured";
      readonly smallMm: Mm;
      readonly largeMm: Mm;
      readonly apartMm: Mm;
    }
  | { readonly kind: "hand"; readonly hand: Hand }
  /** "8.8", "A2-70", "lines:3", "letter:R", "none"; any other text is taken for a maker's mark, which says nothing. */
  | { readonly kind: "head-mark"; readonly mark: string }
  | {
      readonly kind: "trial-fit";
      /** The thread of the known part, as one would write it. */
      readonly with: string;
      /** The side of the part on the bench. */
      readonly partIs: ThreadSide;
      readonly outcome: TrialOutcome;
      /** Turns for which it was run, or after which it bound; "a few" when not said. */
      readonly turns?: number;
    }
  | { readonly kind: "across-flats"; readonly mm: Mm }
  /** Under the head, or as its head is measured: for the call-out; it says nothing of the thread. */
  | { readonly kind: "length"; readonly mm: Mm }
  /** The head and what turns it; like the length, for the call-out. */
  | { readonly kind: "head-style"; readonly head: HeadStyle; readonly drive?: Drive }
  | { readonly kind: "finish"; readonly finish: Finish }
  /** Whether a magnet holds it. */
  | { readonly kind: "magnet"; readonly sticks: boolean }
  | {
      readonly kind: "origin";
      readonly place?: OriginPlace;
      /** The year that the machine is older than. */
      readonly before?: number;
    }
  | { readonly kind: "function"; readonly what: PartFunction };

export type ReadingKind = Reading["kind"];

export type ReadingOf<K extends ReadingKind> = Extract<Reading, { kind: K }>;
