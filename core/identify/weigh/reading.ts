import type { Drive, Finish, HeadStyle } from "../../catalogue/looks";
import type { Hand, ThreadSide } from "../../catalogue/threads";
import type { Mm } from "../../measure";
import type { OneGauge } from "./best-leaf";
import type { Trade } from "./trades";

/** Whether a leaf lay in the thread without light, rocked on it, or the fitter could not tell. */
export const LEAF_OUTCOMES = ["drops-in", "rocks", "unsure"] as const;

export type LeafOutcome = (typeof LEAF_OUTCOMES)[number];

export const DIAMETER_INSTRUMENTS = ["caliper", "micrometer", "rule"] as const;

export type DiameterInstrument = (typeof DIAMETER_INSTRUMENTS)[number];

/** How the part is said to have come to its size. */
export const PART_CONDITIONS = [
  "sound",
  "worn",
  "rusted",
  "plated",
  "galvanised",
  "painted",
  "cheap",
] as const;

export type PartCondition = (typeof PART_CONDITIONS)[number];

export const ORIGIN_PLACES = ["britain", "north-america", "europe", "japan", "unknown"] as const;

export type OriginPlace = (typeof ORIGIN_PLACES)[number];

/** What a bore was measured with: the inside jaws, or the largest pin or drill that enters. */
export const BORE_INSTRUMENTS = ["caliper", "pin"] as const;

export type BoreInstrument = (typeof BORE_INSTRUMENTS)[number];

/** The flank angles that are told apart on a bench, degrees; 0 is square. */
export const FLANK_ANGLES = [60, 55, 47.5, 30, 29, 80, 0] as const;

export type FlankAngle = (typeof FLANK_ANGLES)[number];

/** How the crests look under a glass: rolled over, or cut off flat. */
export const CREST_FORMS = ["rounded", "flat"] as const;

export type CrestForm = (typeof CREST_FORMS)[number];

/** How a known part took the one on the bench. */
export const TRIAL_OUTCOMES = ["runs-freely", "binds", "will-not-start", "loose"] as const;

export type TrialOutcome = (typeof TRIAL_OUTCOMES)[number];

export const PART_FUNCTIONS = [
  "bolt",
  "nut",
  "pipe-fitting",
  "plug",
  "power-screw",
  "electrical",
  "cycle-part",
  "gas-valve",
  "grinder-spindle",
] as const;

export type PartFunction = (typeof PART_FUNCTIONS)[number];

/** Lengths keep the words they were said in, with their unit, one for each in the order of the figures. */
interface Said {
  readonly said?: readonly string[];
}

/** What is told of each kind of reading, of one end of a part. */
interface EndFigures {
  readonly "external-diameter": Said & {
    readonly mm: Mm;
    readonly instrument?: DiameterInstrument;
    readonly condition?: PartCondition;
  };
  /** By hole gauge or drill gauge: it enters the one and not the other. */
  readonly "diameter-between": Said & {
    readonly overMm: Mm;
    readonly notOverMm: Mm;
    readonly condition?: PartCondition;
  };
  /** The bore of a nut or a tapped hole, over the crests: its minor diameter. */
  readonly "internal-diameter": Said & {
    readonly mm: Mm;
    readonly instrument?: BoreInstrument;
    readonly condition?: PartCondition;
  };
  readonly leaf: {
    /** The leaf's own marking: exactly one of pitchMm and tpi. */
    readonly pitchMm?: Mm;
    readonly tpi?: number;
    readonly outcome: LeafOutcome;
    readonly threadsEngaged?: number;
    /** Where leaves of one system only were at hand: no leaf of the other was held against it. */
    readonly gauge?: OneGauge;
  };
  readonly count: Said & { readonly threads: number; readonly spanMm: Mm };
  readonly "crest-to-crest": Said & { readonly pitches: number; readonly mm: Mm };
  readonly "flank-angle": {
    /** The angle it was taken for. */
    readonly degrees: FlankAngle;
    /** By gauge or against the light (default), or by a mere look. */
    readonly sure?: boolean;
  };
  readonly "crest-form": { readonly form: CrestForm };
  /** From the crests to the roots of an external thread, by the depth blade. */
  readonly "thread-depth": Said & { readonly mm: Mm };
  readonly taper: { readonly tapered: boolean };
  /** Two diameters over the crests at a distance along the axis. */
  readonly "taper-measured": Said & {
    readonly smallMm: Mm;
    readonly largeMm: Mm;
    readonly apartMm: Mm;
    /** The size over the crests, when this is weighed beside it; not stored. */
    readonly crestsMm?: Mm;
  };
  readonly hand: { readonly hand: Hand };
  /** "8.8", "A2-70", "lines:3", "letter:R", "none"; any other text is taken for a maker's mark, which says nothing. */
  readonly "head-mark": { readonly mark: string };
  readonly "trial-fit": {
    /** The thread of the known part, as one would write it. */
    readonly with: string;
    /** The side of the part on the bench. */
    readonly partIs: ThreadSide;
    readonly outcome: TrialOutcome;
    /** Turns for which it was run, or after which it bound; "a few" when not said. */
    readonly turns?: number;
    /** As it was said of the part's size, when this is weighed beside it; not stored. */
    readonly condition?: PartCondition;
    /** What the part measures over its crests, when this is weighed beside it; not stored. */
    readonly crestsMm?: Mm;
  };
  readonly "across-flats": Said & { readonly mm: Mm };
  /** Under the head, or as its head is measured: for the call-out; it says nothing of the thread. */
  readonly length: Said & { readonly mm: Mm };
  /** How far this end of a stud is threaded; like the length, for the call-out. */
  readonly "thread-length": Said & { readonly mm: Mm };
  /** The head and what turns it; like the length, for the call-out. */
  readonly "head-style": { readonly head: HeadStyle; readonly drive?: Drive };
  readonly finish: { readonly finish: Finish };
  /** Whether a magnet holds it. */
  readonly magnet: { readonly sticks: boolean };
  readonly origin: {
    readonly place?: OriginPlace;
    /** The year that the machine is older than. */
    readonly before?: number;
    /** What the part is off. */
    readonly trade?: Trade;
  };
  readonly function: { readonly what: PartFunction };
}

type OfKind<Figures> = {
  [Kind in keyof Figures]: { readonly kind: Kind } & Figures[Kind];
}[keyof Figures];

/** A reading of one end of a part, and of the whole. */
export type EndReading = OfKind<EndFigures>;

interface ReadingFigures extends EndFigures {
  /** What was read of the other end of a stud, which is identified by itself. */
  readonly "other-end": { readonly readings: readonly EndReading[] };
}

export type ReadingKind = keyof ReadingFigures;

/** One thing measured or seen on the part. A new kind does not compile until `EVIDENCE` weighs it. */
export type Reading = OfKind<ReadingFigures>;

export type ReadingOf<K extends ReadingKind> = Extract<Reading, { kind: K }>;

/** A size across the thread, which is judged by the part's condition. */
export type SizedReading = ReadingOf<
  "external-diameter" | "diameter-between" | "internal-diameter"
>;

export function isSized(reading: Reading): reading is SizedReading {
  const { kind } = reading;
  return (
    kind === "external-diameter" || kind === "diameter-between" || kind === "internal-diameter"
  );
}

/** The lengths that a reading tells, mm, in the order of what was said of them; none for what is no length. */
export function lengthsOf(reading: Reading): readonly Mm[] {
  switch (reading.kind) {
    case "external-diameter":
    case "internal-diameter":
    case "across-flats":
    case "length":
    case "thread-length":
    case "crest-to-crest":
    case "thread-depth":
      return [reading.mm];
    case "diameter-between":
      return [reading.overMm, reading.notOverMm];
    case "taper-measured":
      return [reading.smallMm, reading.largeMm, reading.apartMm];
    case "count":
      return [reading.spanMm];
    default:
      return [];
  }
}
