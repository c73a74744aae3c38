import { hexSpanner, type HexSpanner } from "../looks";
import type { Thread } from "../threads";
import { mmFromInches, printFraction, type Mm } from "../../measure";

/**
 * Standards whose hexagons, nuts or threads are other than today's: DIN's before ISO 4014 and 4032, and those of
 * structural bolting, and those of studs, whose length leaves out the end that goes in. A part that is made to one of them keeps its name.
 */
export const MADE_TO = [
  "DIN 931",
  "DIN 933",
  "DIN 960",
  "DIN 961",
  "DIN 558",
  "DIN 601",
  "DIN 934",
  "DIN 936",
  "DIN 439",
  "DIN 985",
  "DIN 6914",
  "DIN 6915",
  "EN 14399-3",
  "EN 14399-4",
  "ASTM F3125",
  "DIN 835",
  "DIN 938",
  "DIN 939",
  "DIN 940",
] as const;

export type MadeTo = (typeof MADE_TO)[number];

/** Bolting of steel structures: heavy hexagons, with threads, nuts and washers of their own. */
const STRUCTURAL: ReadonlySet<MadeTo> = new Set([
  "DIN 6914",
  "DIN 6915",
  "EN 14399-3",
  "EN 14399-4",
  "ASTM F3125",
]);

/** Studs, of which the standard tells how far their ends are threaded and no width. */
const STUDS: ReadonlySet<MadeTo> = new Set(["DIN 835", "DIN 938", "DIN 939", "DIN 940"]);

export function isStudStandard(madeTo: MadeTo | undefined): boolean {
  return madeTo !== undefined && STUDS.has(madeTo);
}

export function isStructural(madeTo: MadeTo | undefined): boolean {
  return madeTo !== undefined && STRUCTURAL.has(madeTo);
}

/** DIN 931, 933, 934 and their kin: across the flats where ISO 4014 has another width, mm. */
const DIN_FLATS: ReadonlyMap<Mm, Mm> = new Map([
  [10, 17],
  [12, 19],
  [14, 22],
  [22, 32],
]);

/** EN 14399-3 and -4, as DIN 6914 and 6915: across the flats, mm. */
const STRUCTURAL_FLATS: ReadonlyMap<Mm, Mm> = new Map([
  [12, 22],
  [16, 27],
  [20, 32],
  [22, 36],
  [24, 41],
  [27, 46],
  [30, 50],
  [36, 60],
]);

/** ASME B18.2.6 and heavy hexagons of B18.2.1 and B18.2.2: thread and flats, sixteenths of an inch. */
export const HEAVY_FLATS_SIXTEENTHS: ReadonlyMap<number, number> = new Map([
  [4, 8],
  [5, 9],
  [6, 11],
  [7, 12],
  [8, 14],
  [9, 15],
  [10, 17],
  [12, 20],
  [14, 23],
  [16, 26],
  [18, 29],
  [20, 32],
  [22, 35],
  [24, 38],
]);

/** The hexagon of a metric part that is made to another standard than today's; undefined where it is today's. */
function otherFlatsMm(majorMm: Mm, madeTo: MadeTo): Mm | undefined {
  return (isStructural(madeTo) ? STRUCTURAL_FLATS : DIN_FLATS).get(majorMm);
}

/** The hexagon of a part that is made to another standard than today's, where that has another width. */
function otherHexagon(thread: Thread, madeTo: MadeTo): HexSpanner | undefined {
  if (thread.family === "iso-metric") {
    const flats = otherFlatsMm(thread.majorMm, madeTo);
    return flats === undefined
      ? undefined
      : { acrossFlatsMm: flats, mark: `${flats} mm`, standard: madeTo };
  }
  if (madeTo !== "ASTM F3125") return undefined;
  const sixteenths = HEAVY_FLATS_SIXTEENTHS.get((thread.majorInch ?? 0) * 16);
  if (sixteenths === undefined) return undefined;
  const inches = printFraction({ whole: 0, numerator: sixteenths, denominator: 16 });
  return {
    acrossFlatsMm: mmFromInches(sixteenths / 16),
    mark: `${inches} in`,
    standard: "ASME B18.2.6",
  };
}

/**
 * The spanner for a hexagon bolt of a thread, by the standard that it is made to.
 * @returns undefined for threads without hexagon bolts and for sizes the standards do not have
 */
export function spannerFor(thread: Thread, madeTo: MadeTo | undefined): HexSpanner | undefined {
  const hexagons = madeTo !== undefined && !isStudStandard(madeTo);
  const other = hexagons ? otherHexagon(thread, madeTo) : undefined;
  return other ?? hexSpanner(thread);
}
