import { bandAt, type Grade, type Hardness } from "../../catalogue/grades";
import { basicSizes, type Thread } from "../../catalogue/threads";
import { stressArea } from "./stress-area";

/** What one bolt of a class holds along its axis, in newtons. */
export interface BoltLoads {
  readonly stressAreaMm2: number;
  /** Absent where the standard gives the class no proof load. */
  readonly proofN?: number;
  readonly yieldN?: number;
  readonly tensileN: number;
  readonly hardness?: Hardness;
}

/**
 * Proof, yield and tensile load of a thread in a class: stress area by stress (ISO 898-1, tables 4 to 7; SAE J429,
 * table 2).
 * @returns undefined where the standard does not make the class in this size
 */
export function boltLoads(thread: Thread, grade: Grade): BoltLoads | undefined {
  const band = bandAt(grade, thread.majorMm);
  if (band === undefined) return undefined;
  const area = stressArea(thread);
  return {
    stressAreaMm2: area,
    ...(band.proofMpa === undefined ? {} : { proofN: area * band.proofMpa }),
    ...(band.yieldMpa === undefined ? {} : { yieldN: area * band.yieldMpa }),
    tensileN: area * band.tensileMpa,
    ...(band.hardness === undefined ? {} : { hardness: band.hardness }),
  };
}

/** Where the plates' edges cross the bolt. */
export type ShearPlane = "through-threads" | "through-shank";

/** Share of tensile strength that steel bolts hold in shear: an estimate used for all of them. */
const SHEAR_SHARE = 0.6;

/** An estimate of the load that shears the bolt off, in newtons. */
export interface ShearLoads {
  readonly singleN: number;
  readonly doubleN: number;
}

/**
 * Shear strength of a bolt across its axis: 0.6 of the tensile strength over the area cut, which is the root of the
 * thread or the whole shank. An estimate: what it may carry in service is for the joint's designer.
 */
export function shearLoads(
  thread: Thread,
  grade: Grade,
  plane: ShearPlane,
): ShearLoads | undefined {
  const band = bandAt(grade, thread.majorMm);
  if (band === undefined) return undefined;
  const across = plane === "through-shank" ? thread.majorMm : basicSizes(thread).minor;
  const singleN = SHEAR_SHARE * band.tensileMpa * (Math.PI / 4) * across ** 2;
  return { singleN, doubleN: 2 * singleN };
}
