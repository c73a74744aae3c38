import type { Mm } from "../units";

/** Whether a leaf lay in the thread without light, rocked on it, or the fitter could not tell. */
export type LeafOutcome = "drops-in" | "rocks" | "unsure";

export type DiameterInstrument = "caliper" | "micrometer" | "rule";

export type PartCondition = "sound" | "worn" | "plated";

export type OriginPlace = "britain" | "north-america" | "europe" | "japan" | "unknown";

export type PartFunction = "bolt" | "nut" | "pipe-fitting" | "plug" | "power-screw" | "electrical";

/** One thing measured or seen on the part. A new kind does not compile until `EVIDENCE` weighs it. */
export type Reading =
  | {
      readonly kind: "external-diameter";
      readonly mm: Mm;
      readonly instrument?: DiameterInstrument;
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
  | {
      readonly kind: "origin";
      readonly place?: OriginPlace;
      /** The year that the machine is older than. */
      readonly before?: number;
    }
  | { readonly kind: "function"; readonly what: PartFunction };

export type ReadingKind = Reading["kind"];

export type ReadingOf<K extends ReadingKind> = Extract<Reading, { kind: K }>;
