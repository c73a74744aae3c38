import type { Thread } from "../../catalogue/threads";
import { mmFromInches, printFraction, printPlain, type Mm } from "../../measure";

/** The sets that drills are sold in. */
export const DRILL_SETS = [
  "metric-tenths",
  "metric-halves",
  "fractional",
  "number",
  "letter",
] as const;

export type DrillSet = (typeof DRILL_SETS)[number];

/** One drill of a set. */
export interface Drill {
  readonly set: DrillSet;
  /** As it is marked: "8.5", "27/64", "7", "F". */
  readonly mark: string;
  readonly mm: Mm;
}

/** Number drills 1 to 80, in thousandths of an inch (ASME B94.11M, table 1; to a tenth of a thousandth). */
const NUMBER_THOUSANDTHS = [
  228, 221, 213, 209, 205.5, 204, 201, 199, 196, 193.5, 191, 189, 185, 182, 180, 177, 173, 169.5,
  166, 161, 159, 157, 154, 152, 149.5, 147, 144, 140.5, 136, 128.5, 120, 116, 113, 111, 110, 106.5,
  104, 101.5, 99.5, 98, 96, 93.5, 89, 86, 82, 81, 78.5, 76, 73, 70, 67, 63.5, 59.5, 55, 52, 46.5,
  43, 42, 41, 40, 39, 38, 37, 36, 35, 33, 32, 31, 29.2, 28, 26, 25, 24, 22.5, 21, 20, 18, 16, 14.5,
  13.5,
] as const;

/** Letter drills A to Z, in thousandths of an inch (ASME B94.11M, table 1). */
const LETTER_THOUSANDTHS = [
  234, 238, 242, 246, 250, 257, 261, 266, 272, 277, 281, 290, 295, 302, 316, 323, 332, 339, 348,
  358, 368, 377, 386, 397, 404, 413,
] as const;

const fromThousandths = (thousandths: number): Mm => mmFromInches(thousandths / 1000);

function steps(set: DrillSet, from: number, to: number, perMm: number): Drill[] {
  const first = Math.round(from * perMm);
  return Array.from({ length: to * perMm - first + 1 }, (_, i) => {
    const mm = (first + i) / perMm;
    return { set, mark: printPlain(mm, 1), mm };
  });
}

function fractional(): Drill[] {
  // Jobber drills step by 1/64 up to 1 3/4 in, by 1/32 up to 2 1/4 and by 1/16 up to 3 1/2.
  const parts = Array.from({ length: 224 }, (_, i) => i + 1).filter(
    (n) => n <= 112 || (n <= 144 ? n % 2 === 0 : n % 4 === 0),
  );
  return parts.map((numerator) => ({
    set: "fractional",
    mark: printFraction({ whole: 0, numerator, denominator: 64 }),
    mm: mmFromInches(numerator / 64),
  }));
}

const DRILLS: Readonly<Record<DrillSet, readonly Drill[]>> = {
  "metric-tenths": steps("metric-tenths", 0.3, 20, 10),
  "metric-halves": steps("metric-halves", 1, 100, 2),
  fractional: fractional(),
  number: NUMBER_THOUSANDTHS.map((thousandths, i) => ({
    set: "number",
    mark: String(i + 1),
    mm: fromThousandths(thousandths),
  })),
  letter: LETTER_THOUSANDTHS.map((thousandths, i) => ({
    set: "letter",
    mark: String.fromCharCode(65 + i),
    mm: fromThousandths(thousandths),
  })),
};

/** All drills of the given sets by size, smallest first; where two metric sets have the same drill, once. */
export function drillsOf(sets: readonly DrillSet[]): readonly Drill[] {
  const wanted = DRILL_SETS.filter((set) => sets.includes(set));
  const all = wanted.flatMap((set) => DRILLS[set]);
  const seen = new Set<string>();
  return all
    .filter(({ set, mm }) => {
      const key = set.startsWith("metric") ? String(mm) : `${set} ${mm}`;
      if (seen.has(key)) return false;
      seen.add(key);
      return true;
    })
    .sort((a, b) => a.mm - b.mm);
}

/** Whether a drill is of a thread's own system: by the inch for a thread of the inch, in millimetres for the rest. */
export function isOwnSystem({ majorInch }: Thread, { set }: Drill): boolean {
  return set.startsWith("metric") === (majorInch === undefined);
}

/** A drill and how far it is from a wanted size. */
export interface NearDrill {
  readonly drill: Drill;
  /** Drill less wanted size, mm: positive when the drill is the larger. */
  readonly differenceMm: Mm;
}

/**
 * The drills of those there are nearest to a size, smallest first.
 * @param mm the wanted diameter, mm
 * @param count how many, shared between both sides of the size
 */
export function nearestDrills(mm: Mm, drills: readonly Drill[], count = 6): readonly NearDrill[] {
  return drills
    .map((drill) => ({ drill, differenceMm: drill.mm - mm }))
    .sort((a, b) => Math.abs(a.differenceMm) - Math.abs(b.differenceMm))
    .slice(0, count)
    .sort((a, b) => a.differenceMm - b.differenceMm);
}
