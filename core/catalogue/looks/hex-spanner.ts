import type { Thread } from "../threads";
import { inchesFromMm, mmFromInches, printFraction, roundTo, type Mm } from "../../measure";

/** The spanner for a hexagon bolt of a thread. */
export interface HexSpanner {
  readonly acrossFlatsMm: Mm;
  /** What the spanner is marked with: "17 mm" by size, "3/4 in" by size, or a British thread size, "1/4 W". */
  readonly mark: string;
  readonly standard: string;
}

/** ISO 4014 and 4017: thread diameter, across flats, mm. */
const ISO_4014: readonly (readonly [Mm, Mm])[] = [
  [1.6, 3.2],
  [2, 4],
  [2.5, 5],
  [3, 5.5],
  [3.5, 6],
  [4, 7],
  [5, 8],
  [6, 10],
  [7, 11],
  [8, 13],
  [10, 16],
  [12, 18],
  [14, 21],
  [16, 24],
  [18, 27],
  [20, 30],
  [22, 34],
  [24, 36],
  [27, 41],
  [30, 46],
  [33, 50],
  [36, 55],
  [39, 60],
  [42, 65],
  [45, 70],
  [48, 75],
  [52, 80],
  [56, 85],
  [60, 90],
  [64, 95],
];

/** ASME B18.2.1, hex cap screws: thread size, across flats, both in sixteenths of an inch; 1 in and over is 1.5 D. */
const B18_2_1: readonly (readonly [number, number])[] = [
  [4, 7],
  [5, 8],
  [6, 9],
  [7, 10],
  [8, 12],
  [9, 13],
  [10, 15],
  [12, 18],
  [14, 21],
  [16, 24],
];

/** BS 190 (older BSW hexagons): thread in thirty-seconds of an inch, across flats in inches. The spanner is marked with the thread. */
const BRITISH: readonly (readonly [thirtySeconds: number, mark: string, acrossFlatsIn: number])[] =
  [
    [4, "1/8 W", 0.338],
    [6, "3/16 W", 0.445],
    [8, "1/4 W", 0.525],
    [10, "5/16 W", 0.6],
    [12, "3/8 W", 0.71],
    [14, "7/16 W", 0.82],
    [16, "1/2 W", 0.92],
    [18, "9/16 W", 1.01],
    [20, "5/8 W", 1.1],
    [22, "11/16 W", 1.2],
    [24, "3/4 W", 1.3],
    [28, "7/8 W", 1.48],
    [32, "1 W", 1.67],
    [36, "1 1/8 W", 1.86],
    [40, "1 1/4 W", 2.05],
    [44, "1 3/8 W", 2.22],
    [48, "1 1/2 W", 2.41],
    [52, "1 5/8 W", 2.58],
    [56, "1 3/4 W", 2.76],
    [64, "2 W", 3.15],
  ];

const inchMark = (sixteenths: number): string =>
  `${printFraction({ whole: 0, numerator: sixteenths, denominator: 16 })} in`;

function american(thread: Thread): HexSpanner | undefined {
  const sixteenths = (thread.majorInch ?? 0) * 16;
  const flats =
    B18_2_1.find(([size]) => size === sixteenths)?.[1] ??
    (sixteenths > 16 && sixteenths <= 64 && sixteenths % 2 === 0 ? 1.5 * sixteenths : undefined);
  if (flats === undefined) return undefined;
  return {
    acrossFlatsMm: mmFromInches(flats / 16),
    mark: inchMark(flats),
    standard: "ASME B18.2.1",
  };
}

/** A BSF bolt takes the spanner of the next smaller BSW size. */
function british(thread: Thread): HexSpanner | undefined {
  const thirtySeconds = inchesFromMm(thread.majorMm) * 32;
  const own = BRITISH.findIndex(([size]) => Math.abs(size - thirtySeconds) < 1e-6);
  const row = BRITISH[thread.series === "BSF" ? own - 1 : own];
  if (own < 0 || row === undefined) return undefined;
  const [, mark, inches] = row;
  return { acrossFlatsMm: mmFromInches(inches), mark, standard: "BS 190, BS 1083" };
}

/** BS 57: a BA hexagon is 1.75 D across the flats, to a thousandth of an inch. */
function britishAssociation(thread: Thread): HexSpanner {
  const inches = roundTo(inchesFromMm(1.75 * thread.majorMm), 3);
  return { acrossFlatsMm: mmFromInches(inches), mark: thread.designation, standard: "BS 57" };
}

/**
 * The spanner for a hexagon bolt of this thread.
 * @returns undefined for threads without hexagon bolts and for sizes the standards do not have
 */
export function hexSpanner(thread: Thread): HexSpanner | undefined {
  switch (thread.family) {
    case "iso-metric": {
      const flats = ISO_4014.find(([diameter]) => diameter === thread.majorMm)?.[1];
      return flats === undefined
        ? undefined
        : { acrossFlatsMm: flats, mark: `${flats} mm`, standard: "ISO 4014" };
    }
    case "unified":
      return american(thread);
    case "whitworth":
      return thread.series === "brass" ? undefined : british(thread);
    case "ba":
      return britishAssociation(thread);
    default:
      return undefined;
  }
}
