import { MPA_PER_KSI, mmFromInches } from "../../measure";
import type { Grade, GradeBand, Hardness } from "./grade";

interface Row {
  readonly from: number;
  readonly to: number;
  readonly proof?: number;
  readonly yield?: number;
  readonly tensile: number;
  readonly hardness?: readonly [Hardness["scale"], number, number];
}

function bandOf(row: Row): GradeBand {
  const mpa = (ksi: number) => ksi * MPA_PER_KSI;
  return {
    fromMm: mmFromInches(row.from),
    toMm: mmFromInches(row.to),
    ...(row.proof === undefined ? {} : { proofMpa: mpa(row.proof) }),
    ...(row.yield === undefined ? {} : { yieldMpa: mpa(row.yield) }),
    tensileMpa: mpa(row.tensile),
    ...(row.hardness === undefined
      ? {}
      : { hardness: { scale: row.hardness[0], min: row.hardness[1], max: row.hardness[2] } }),
  };
}

function grade(
  id: string,
  name: string,
  standard: string,
  mark: string | undefined,
  rows: readonly Row[],
): Grade {
  return {
    id,
    name,
    system: "inch",
    standard,
    ...(mark === undefined ? {} : { mark }),
    bands: rows.map(bandOf),
    verified: true,
  };
}

/** Just over the end of the band below. */
const OVER = 0.0001;

/**
 * SAE J429 (table 1, bolts, screws and studs), ASTM A307 grade A, ASTM F3125 (A325, A490; A325 over 1 in keeps the
 * figures of the older A325), ASTM A574; after them those that studs and larger bolts are ordered by: J429 grade 4, ASTM
 * A449, A354 BC and BD, A193 B7, which has no proof load, and stainless F593 in the cold-worked conditions. Sizes in
 * inches, stresses in ksi. Left out: the obsolete J429 grades 3, 6 and 7.
 */
export const INCH_GRADES: readonly Grade[] = [
  grade("sae-1", "grade 1", "SAE J429", "none", [
    { from: 0.06, to: 1.5, proof: 33, yield: 36, tensile: 60, hardness: ["HRB", 70, 100] },
  ]),
  grade("sae-2", "grade 2", "SAE J429", "none", [
    { from: 0.06, to: 0.75, proof: 55, yield: 57, tensile: 74, hardness: ["HRB", 80, 100] },
    { from: 0.75 + OVER, to: 1.5, proof: 33, yield: 36, tensile: 60, hardness: ["HRB", 70, 100] },
  ]),
  grade("a307", "A307", "ASTM A307 grade A", "307A", [
    { from: 0.25, to: 4, tensile: 60, hardness: ["HRB", 69, 100] },
  ]),
  grade("sae-5", "grade 5", "SAE J429", "lines:3", [
    { from: 0.25, to: 1, proof: 85, yield: 92, tensile: 120, hardness: ["HRC", 25, 34] },
    { from: 1 + OVER, to: 1.5, proof: 74, yield: 81, tensile: 105, hardness: ["HRC", 19, 30] },
  ]),
  grade("sae-5.2", "grade 5.2", "SAE J429", "lines:3", [
    { from: 0.25, to: 1, proof: 85, yield: 92, tensile: 120, hardness: ["HRC", 26, 36] },
  ]),
  grade("a325", "A325", "ASTM F3125", "A325", [
    { from: 0.5, to: 1, proof: 85, yield: 92, tensile: 120, hardness: ["HRC", 25, 34] },
    { from: 1 + OVER, to: 1.5, proof: 74, yield: 81, tensile: 105, hardness: ["HRC", 19, 30] },
  ]),
  grade("sae-8", "grade 8", "SAE J429", "lines:6", [
    { from: 0.25, to: 1.5, proof: 120, yield: 130, tensile: 150, hardness: ["HRC", 33, 39] },
  ]),
  grade("a490", "A490", "ASTM F3125", "A490", [
    { from: 0.5, to: 1.5, proof: 120, yield: 130, tensile: 150, hardness: ["HRC", 33, 38] },
  ]),
  grade("a574", "A574", "ASTM A574", undefined, [
    { from: 0.06, to: 0.5, proof: 140, yield: 153, tensile: 180, hardness: ["HRC", 39, 45] },
    { from: 0.5 + OVER, to: 4, proof: 135, yield: 153, tensile: 170, hardness: ["HRC", 37, 45] },
  ]),
  grade("sae-4", "grade 4", "SAE J429", undefined, [
    { from: 0.25, to: 1.5, proof: 65, yield: 100, tensile: 115, hardness: ["HRC", 22, 32] },
  ]),
  grade("a449", "A449", "ASTM A449", "A449", [
    { from: 0.25, to: 1, proof: 85, yield: 92, tensile: 120, hardness: ["HRC", 25, 34] },
    { from: 1 + OVER, to: 1.5, proof: 74, yield: 81, tensile: 105, hardness: ["HRC", 19, 30] },
    { from: 1.5 + OVER, to: 3, proof: 55, yield: 58, tensile: 90 },
  ]),
  grade("a354-bc", "A354 BC", "ASTM A354", "BC", [
    { from: 0.25, to: 2.5, proof: 105, yield: 109, tensile: 125, hardness: ["HRC", 26, 36] },
    { from: 2.5 + OVER, to: 4, proof: 95, yield: 99, tensile: 115, hardness: ["HRC", 22, 33] },
  ]),
  grade("a354-bd", "A354 BD", "ASTM A354", "BD", [
    { from: 0.25, to: 2.5, proof: 120, yield: 130, tensile: 150, hardness: ["HRC", 33, 39] },
    { from: 2.5 + OVER, to: 4, proof: 105, yield: 115, tensile: 140, hardness: ["HRC", 31, 39] },
  ]),
  grade("b7", "B7", "ASTM A193", "B7", [
    { from: 0.25, to: 2.5, yield: 105, tensile: 125 },
    { from: 2.5 + OVER, to: 4, yield: 95, tensile: 115 },
  ]),
  grade("f593c", "F593C", "ASTM F593", "F593C", [
    { from: 0.25, to: 0.625, yield: 65, tensile: 100 },
  ]),
  grade("f593d", "F593D", "ASTM F593", "F593D", [{ from: 0.75, to: 1.5, yield: 45, tensile: 85 }]),
  grade("f593g", "F593G", "ASTM F593", "F593G", [
    { from: 0.25, to: 0.625, yield: 65, tensile: 100 },
  ]),
  grade("f593h", "F593H", "ASTM F593", "F593H", [{ from: 0.75, to: 1.5, yield: 45, tensile: 85 }]),
];
