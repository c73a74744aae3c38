import type { NutStyle, WasherStyle } from "../catalogue/fasteners";
import type { HardnessClass } from "../catalogue/grades";
import { isStructural, type MadeTo } from "../catalogue/heads";
import { type Drive, type Finish, type HeadStyle, type Point } from "../catalogue/looks";
import type { DesignationProblem, Thread } from "../catalogue/threads";
import type { Mm, Units } from "../measure";

interface Ordered {
  readonly quantity?: number;
  readonly finish?: Finish;
  /**
   * The stainless steel, where it was said without the strength of a screw: "A4". Of nuts too, whose classes by ISO 3506-2
   * tell only the strength.
   */
  readonly steel?: string;
}

interface Common extends Ordered {
  readonly thread: Thread;
  /** The tolerance class, where it was said: "6g", "2A". */
  readonly toleranceClass?: string;
}

interface WithWashers {
  /** The washers asked for with it; one each where no number was said. */
  readonly washers?: readonly WasherSpec[];
}

/** Where an end of a stud goes: in a tapped hole, or through with a nut on it. */
export type StudPlace = "in-hole" | "under-nut";

/** An end of a stud that is said by itself. */
export interface StudEnd {
  readonly thread: Thread;
  readonly toleranceClass?: string;
  /** How far it is threaded. */
  readonly threadMm?: Mm;
  readonly goes?: StudPlace;
}

/** A screw, bolt, stud or set screw as it is asked for. What was not said is absent. */
export interface ScrewSpec extends Common, WithWashers {
  readonly part: "screw";
  readonly head?: HeadStyle;
  readonly drive?: Drive;
  readonly point?: Point;
  /** At the head's own datum. */
  readonly lengthMm?: Mm;
  /** Threaded to the head, where the standard would leave a plain shank. */
  readonly fullThread?: true;
  /** Of a stud whose ends are said one by one: how far the first is threaded and where it goes, and the other end. */
  readonly threadMm?: Mm;
  readonly goes?: StudPlace;
  readonly otherEnd?: StudEnd;
  readonly gradeId?: string;
  /** The standard that was written, where its sizes are other than today's. */
  readonly madeTo?: MadeTo;
  /** Of a set screw, which is not pulled. */
  readonly hardnessClass?: HardnessClass;
  /** The nut asked for with it. */
  readonly nut?: NutSpec;
}

export interface NutSpec extends Common, WithWashers {
  readonly part: "nut";
  readonly style: NutStyle;
  /** Of a coupling nut, where it was said. */
  readonly lengthMm?: Mm;
  readonly nutClassId?: string;
  /** The standard that was written, where its sizes are other than today's. */
  readonly madeTo?: MadeTo;
}

export interface WasherSpec extends Common {
  readonly part: "washer";
  readonly style: WasherStyle;
  /** Across the outside, where it was said: "M8 x 25 large washer". */
  readonly outsideMm?: Mm;
  /** Its thickness, where it was said: "14 x 20 x 1.5 copper washer". */
  readonly thickMm?: Mm;
  /** Its Vickers hardness, HV, where it was said. */
  readonly hardnessHv?: number;
}

export type PlugDrive = "socket" | "hexagon" | "square";

/** What turns a plug; a hexagon or a square on it, or a socket in it. */

/** A plug for a threaded hole. */
export interface PlugSpec extends Common, WithWashers {
  readonly part: "plug";
  readonly drive?: PlugDrive;
}

export type FittingStyle =
  "nipple" | "hexagon-nipple" | "elbow" | "tee" | "coupling" | "union" | "bush" | "cap" | "adaptor";

/** Which way round the thread of a fitting is, where that was said. */
export type FittingEnds = "male" | "female";

/** An end of a fitting: its thread, and whether that is outside or inside. */
export interface FittingEnd {
  readonly thread: Thread;
  readonly ends?: FittingEnds;
}

/** A fitting of a pipe with one thread at its ends, or two. */
export interface FittingSpec extends Common, FittingEnd {
  readonly part: "fitting";
  readonly style: FittingStyle;
  /** Of a nipple, where it was said. */
  readonly lengthMm?: Mm;
  /** Its other end, where that was said to have a thread of its own. */
  readonly other?: FittingEnd;
}

export type PinStyle = "dowel" | "taper" | "split" | "spring" | "clevis";

/** A pin, which has no thread. */
export interface PinSpec extends Ordered {
  readonly part: "pin";
  readonly style: PinStyle;
  readonly diameterMm: Mm;
  /** What it is ground to, where that was said: "m6". */
  readonly fit?: string;
  readonly lengthMm?: Mm;
  /** The unit it is ordered in. */
  readonly units: Units;
}

export type ThreadedSpec = ScrewSpec | NutSpec | WasherSpec | PlugSpec | FittingSpec;

/** A part as it is asked for over a counter. */
export type FastenerSpec = ThreadedSpec | PinSpec;

/** Why a call-out could not be taken. `words` makes the sentence. */
export type CalloutProblem =
  | { readonly code: "callout-empty"; readonly read: string }
  /** It reads as a part, but not of the kind that was wanted. */
  | {
      readonly code: "callout-not-a-screw";
      readonly read: string;
      readonly part: Exclude<FastenerSpec["part"], "screw">;
    }
  | {
      readonly code: "callout-not-understood";
      readonly read: string;
      readonly words: readonly string[];
      /** What was read of the rest, which is another part than the one that was asked for. */
      readonly understood?: FastenerSpec;
    }
  | { readonly code: "callout-too-long"; readonly letters: number; readonly most: number }
  | { readonly code: "callout-thread"; readonly read: string; readonly problem: DesignationProblem }
  | {
      readonly code: "callout-which-thread";
      readonly read: string;
      readonly threads: readonly Thread[];
    }
  /** A part with a thread of its own, which no table holds: "wood screw". */
  | { readonly code: "callout-not-held"; readonly read: string; readonly part: string }
  /** "Brass stainless bolt": of one metal or of the other. */
  | {
      readonly code: "callout-two-metals";
      readonly read: string;
      readonly metals: readonly [Finish, Finish];
    }
  | { readonly code: "callout-length"; readonly read: string; readonly length: string }
  | { readonly code: "callout-grade"; readonly read: string; readonly grade: string };

/** Whether a call-out was not taken. */
export function isCalloutProblem(result: FastenerSpec | CalloutProblem): result is CalloutProblem {
  return "code" in result;
}

/** The nut and the washers that are asked for with a part. */
export function goingWith(spec: FastenerSpec): readonly (NutSpec | WasherSpec)[] {
  switch (spec.part) {
    case "screw":
      return [...(spec.nut === undefined ? [] : [spec.nut]), ...(spec.washers ?? [])];
    case "nut":
    case "plug":
      return spec.washers ?? [];
    default:
      return [];
  }
}

/** Classes whose own standard makes heavy structural hexagons of them. */
const STRUCTURAL_CLASSES: ReadonlySet<string> = new Set(["a325", "a490"]);

/** The standard that a screw is made to, where its sizes are other than today's: as written, or as its class has it. */
export function madeToOf(spec: Pick<ScrewSpec, "madeTo" | "gradeId" | "head">): MadeTo | undefined {
  const { madeTo, gradeId, head = "hex" } = spec;
  if (madeTo !== undefined) return madeTo;
  const byClass = gradeId !== undefined && STRUCTURAL_CLASSES.has(gradeId) && head === "hex";
  return byClass ? "ASTM F3125" : undefined;
}

/** Whether a screw is one of those that steel structures are bolted with. */
export function isStructuralScrew(spec: Pick<ScrewSpec, "madeTo" | "gradeId" | "head">): boolean {
  return isStructural(madeToOf(spec));
}

/** The head a screw has: a hexagon where none was said, as counters take it. */
export function headOf({ head }: ScrewSpec): HeadStyle {
  return head ?? "hex";
}
