import type { Thread } from "../threads";
import { bandAt, type Grade, type GradeSystem } from "./grade";
import { gradeSystemOf } from "./grades";

/** A strength class of nuts. */
export interface NutClass {
  readonly id: string;
  readonly name: string;
  readonly system: GradeSystem;
  readonly standard: string;
  /** The strongest bolt it develops fully, MPa of bolt tensile strength; thin nuts develop none. */
  readonly boltTensileMpa: number;
  /** Angle between the two marks on its face, degrees, where it is marked so. */
  readonly markAngleDeg?: number;
  /** Made too low to break the bolt: its own threads strip first. */
  readonly thin?: boolean;
}

const ISO = "ISO 898-2";
const SAE = "SAE J995";

/**
 * ISO 898-2:2012: the number is a hundredth of the strongest bolt's tensile strength (table 2), the clock-face bar
 * stands at the hour of the class from the dot. SAE J995: marks 120 degrees apart are grade 5, 60 degrees grade 8.
 * ASTM A563 as F3125 pairs them, ASTM A194 for the studs of plant. ISO 3506-2 for stainless.
 */
export const NUT_CLASSES: readonly NutClass[] = [
  {
    id: "nut-04",
    name: "class 04",
    system: "metric",
    standard: ISO,
    boltTensileMpa: 0,
    thin: true,
  },
  {
    id: "nut-05",
    name: "class 05",
    system: "metric",
    standard: ISO,
    boltTensileMpa: 0,
    thin: true,
  },
  metric("5", 520, 150),
  metric("6", 600, 180),
  metric("8", 830, 120),
  metric("9", 900, 90),
  metric("10", 1040, 60),
  metric("12", 1220, 0),
  { id: "nut-sae-2", name: "grade 2", system: "inch", standard: SAE, boltTensileMpa: 511 },
  {
    id: "nut-sae-5",
    name: "grade 5",
    system: "inch",
    standard: SAE,
    boltTensileMpa: 828,
    markAngleDeg: 120,
  },
  { id: "nut-a563-c", name: "A563 C", system: "inch", standard: "ASTM A563", boltTensileMpa: 828 },
  {
    id: "nut-sae-8",
    name: "grade 8",
    system: "inch",
    standard: SAE,
    boltTensileMpa: 1035,
    markAngleDeg: 60,
  },
  {
    id: "nut-a563-dh",
    name: "A563 DH",
    system: "inch",
    standard: "ASTM A563",
    boltTensileMpa: 1242,
  },
  {
    id: "nut-a194-2h",
    name: "A194 2H",
    system: "inch",
    standard: "ASTM A194",
    boltTensileMpa: 1206,
  },
  stainless("50", 500),
  stainless("70", 700),
  stainless("80", 800),
];

function metric(number: string, boltTensileMpa: number, markAngleDeg: number): NutClass {
  const id = `nut-${number}`;
  return {
    id,
    name: `class ${number}`,
    system: "metric",
    standard: ISO,
    boltTensileMpa,
    markAngleDeg,
  };
}

function stainless(number: string, boltTensileMpa: number): NutClass {
  return {
    id: `nut-stainless-${number}`,
    name: `stainless ${number}`,
    system: "stainless",
    standard: "ISO 3506-2",
    boltTensileMpa,
  };
}

export function nutClassById(id: string): NutClass | undefined {
  return NUT_CLASSES.find((nut) => nut.id === id);
}

/** Bolts whose standard names the nut; ASTM F3125, A354 and A193. */
const NAMED_NUTS: Readonly<Record<string, string>> = {
  a325: "nut-a563-c",
  a490: "nut-a563-dh",
  "a354-bc": "nut-a563-dh",
  "a354-bd": "nut-a563-dh",
  b7: "nut-a194-2h",
};

/**
 * The weakest full-height nut that breaks the bolt before it strips itself.
 * @returns undefined for British bolts, whose nuts bear no class, and above every class
 */
export function matchingNut(grade: Grade, thread: Thread): NutClass | undefined {
  const named = NAMED_NUTS[grade.id];
  if (named !== undefined) return nutClassById(named);
  const band = bandAt(grade, thread.majorMm);
  if (band === undefined) return undefined;
  const system = grade.system === "stainless" ? "stainless" : gradeSystemOf(thread);
  return (
    NUT_CLASSES.find(
      (nut) =>
        nut.system === system &&
        nut.thin !== true &&
        !nut.standard.startsWith("ASTM") &&
        nut.boltTensileMpa >= Math.floor(band.tensileMpa),
    ) ?? (grade.id === "a574" ? nutClassById("nut-a563-dh") : undefined)
  );
}

/** Whether a nut holds as much as the bolt: false is a nut that strips before the bolt breaks. */
export function nutHolds(nut: NutClass, grade: Grade, thread: Thread): boolean {
  const band = bandAt(grade, thread.majorMm);
  if (band === undefined || nut.thin === true) return false;
  return nut.boltTensileMpa >= Math.floor(band.tensileMpa);
}
