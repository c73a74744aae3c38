import type { Mm } from "../../measure";

/** Which standard's way of grading a class belongs to; "stainless" and "non-ferrous" serve metric and inch threads alike. */
export type GradeSystem = "metric" | "inch" | "stainless" | "british" | "non-ferrous";

/** Hardness as the standard limits it. */
export interface Hardness {
  readonly scale: "HV" | "HRB" | "HRC";
  readonly min: number;
  readonly max: number;
}

/** What a class holds over a band of thread diameters. Stresses in MPa; an inch standard's are its ksi converted. */
export interface GradeBand {
  /** Thread diameters, both ends included. */
  readonly fromMm: Mm;
  readonly toMm: Mm;
  /** Stress the part bears without lasting stretch; absent where the standard has none. */
  readonly proofMpa?: number;
  /** Lower yield or 0.2 % proof strength. */
  readonly yieldMpa?: number;
  readonly tensileMpa: number;
  readonly hardness?: Hardness;
}

/** A strength class of bolts, screws and studs. */
export interface Grade {
  /** Stable slug: "8.8", "sae-5", "a325", "A2-70", "letter-R". */
  readonly id: string;
  /** As a counter says it: "8.8", "grade 5", "A325", "A2-70". */
  readonly name: string;
  readonly system: GradeSystem;
  readonly standard: string;
  /** What is read on the head, as `head-mark` writes it; absent where nothing is. */
  readonly mark?: string;
  readonly bands: readonly GradeBand[];
  /** False where the figures come from practice and not from the standard's table. */
  readonly verified: boolean;
}

/** The figures of a class at a thread diameter; undefined where the standard has no such size in it. */
export function bandAt({ bands }: Grade, majorMm: Mm): GradeBand | undefined {
  return bands.find(({ fromMm, toMm }) => majorMm >= fromMm - 1e-6 && majorMm <= toMm + 1e-6);
}

/** The stress not to be passed in service: proof, or yield where the standard has no proof load. */
export function servingStressMpa(band: GradeBand): number | undefined {
  return band.proofMpa ?? band.yieldMpa;
}
