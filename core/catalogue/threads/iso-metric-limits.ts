import { roundTo, type Mm } from "../../measure";
import {
  externalMajorTolerance,
  externalPitchTolerance,
  fundamentalDeviation,
  internalMinorTolerance,
  internalPitchTolerance,
  type DeviationPosition,
} from "./iso-tolerances";
import type { BasicSizes, Thread, ThreadLimits, ThreadSide } from "./thread";

/** The classes that ISO 965-1 tables for bolts and for nuts; the medium quality first. Left out: none of its tables. */
const EXTERNAL_CLASSES =
  "6g 6h 6f 6e 4g 4h 3h4h 5g6g 5h4h 5h6h 7e6e 7g6g 7h6h 8e 8g 9e8e 9g8g".split(" ");
const INTERNAL_CLASSES = "6H 6G 4H 5H 5G 7H 7G 8H 8G".split(" ");

interface IsoClass {
  readonly pitchGrade: number;
  /** Grade of the crest diameter: major of a bolt, minor of a nut. */
  readonly crestGrade: number;
  readonly position: DeviationPosition;
}

/** Reads "6g" (both diameters) or "5g6g" (pitch diameter, then major). */
function readClass(toleranceClass: string): IsoClass {
  const [, pitchGrade, position, crestGrade] =
    /^(\d)([efghGH])(?:(\d)\2)?$/.exec(toleranceClass) ?? [];
  if (pitchGrade === undefined) throw new RangeError(`no tolerance class ${toleranceClass}`);
  return {
    pitchGrade: Number(pitchGrade),
    crestGrade: Number(crestGrade ?? pitchGrade),
    position: position as DeviationPosition,
  };
}

/** The coarse qualities begin at the pitches where ISO 965-1 begins to table them. */
function isTabled(pitch: Mm, side: ThreadSide, toleranceClass: string): boolean {
  const { crestGrade, position } = readClass(toleranceClass);
  if (fundamentalDeviation(pitch, position) === undefined) return false;
  if (side === "external") return crestGrade < 8 || pitch >= 0.8;
  if (crestGrade === 7) return pitch >= 0.5;
  return crestGrade < 8 || pitch >= 0.8;
}

/** Basic sizes by ISO 724, rounded to the micrometre as its table is. */
export function isoBasicSizes(thread: Thread): BasicSizes {
  return {
    major: thread.majorMm,
    pitch: roundTo(thread.majorMm - 0.649519 * thread.pitchMm, 3),
    minor: roundTo(thread.majorMm - 1.082532 * thread.pitchMm, 3),
  };
}

/** The classes tabled for this pitch; 6g/6H first, or 6h/5H up to M1.4, where ISO 965-1 prescribes them. */
export function isoMetricClasses(thread: Thread, side: ThreadSide): readonly string[] {
  const all = side === "external" ? EXTERNAL_CLASSES : INTERNAL_CLASSES;
  const tabled = all.filter((name) => isTabled(thread.pitchMm, side, name));
  if (thread.majorMm > 1.4) return tabled;
  const prescribed = side === "external" ? "6h" : "5H";
  return [prescribed, ...tabled.filter((name) => name !== prescribed)];
}

const r3 = (mm: Mm): Mm => roundTo(mm, 3);

/**
 * Limits of size of an ISO metric thread, in millimetres, by ISO 965-1 (formulas of clauses 5 to 13).
 * External minor: d3 at the deepest root (maximum) and at the smallest root radius 0.125 P (minimum).
 */
export function isoMetricLimits(
  thread: Thread,
  side: ThreadSide,
  toleranceClass: string,
): ThreadLimits {
  const isoClass = readClass(toleranceClass);
  const sizes =
    side === "external" ? externalLimits(thread, isoClass) : internalLimits(thread, isoClass);
  return { toleranceClass, verified: true, ...sizes };
}

type Sizes = Pick<ThreadLimits, "major" | "pitch" | "minor">;

function externalLimits(thread: Thread, { pitchGrade, crestGrade, position }: IsoClass): Sizes {
  const basic = isoBasicSizes(thread);
  const pitch = thread.pitchMm;
  const es = fundamentalDeviation(pitch, position) ?? 0;
  const majorMax = r3(basic.major - es);
  const pitchMax = r3(basic.pitch - es);
  const pitchMin = r3(pitchMax - externalPitchTolerance(thread.majorMm, pitch, pitchGrade));
  return {
    major: { min: r3(majorMax - externalMajorTolerance(pitch, crestGrade)), max: majorMax },
    pitch: { min: pitchMin, max: pitchMax },
    minor: { min: r3(pitchMin - 0.616025 * pitch), max: r3(pitchMax - 0.57735 * pitch) },
  };
}

function internalLimits(thread: Thread, { pitchGrade, crestGrade, position }: IsoClass): Sizes {
  const basic = isoBasicSizes(thread);
  const pitch = thread.pitchMm;
  const ei = fundamentalDeviation(pitch, position) ?? 0;
  const pitchMin = r3(basic.pitch + ei);
  const minorMin = r3(basic.minor + ei);
  return {
    major: { min: r3(basic.major + ei) },
    pitch: {
      min: pitchMin,
      max: r3(pitchMin + internalPitchTolerance(thread.majorMm, pitch, pitchGrade)),
    },
    minor: { min: minorMin, max: r3(minorMin + internalMinorTolerance(pitch, crestGrade)) },
  };
}
