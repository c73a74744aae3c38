import { goesByInches, pairAt } from "../heads";
import { hexSpanner, type MadeTo } from "../looks";
import type { Thread } from "../threads";
import type { Mm } from "../units";
import { OF_BOLTS, inchFlats, metricFlats } from "./nut-flats";

export const NUT_STYLES = [
  "hex",
  "heavy",
  "thin",
  "nylon-insert",
  "all-metal",
  "flange",
  "castle",
  "dome",
  "wing",
  "coupling",
  "weld",
  "square",
] as const;

export type NutStyle = (typeof NUT_STYLES)[number];

/** A nut's true dimensions, mm. */
export interface NutSize {
  /** Absent where no table here has it. */
  readonly acrossFlatsMm?: Mm;
  readonly heightMm: Mm;
  /** Diameter of a castle nut's pin. */
  readonly pinMm?: Mm;
  /** Absent when the height is a proportion, not a standard's. */
  readonly standard?: string;
}

type Pairs = readonly (readonly [number, number])[];

interface NutTable {
  readonly standard: string;
  readonly heights: Pairs;
}

/** Greatest heights, mm. */
const METRIC: Partial<Readonly<Record<NutStyle, NutTable>>> = {
  hex: {
    standard: "ISO 4032",
    heights: [
      [1.6, 1.3],
      [2, 1.6],
      [2.5, 2],
      [3, 2.4],
      [4, 3.2],
      [5, 4.7],
      [6, 5.2],
      [8, 6.8],
      [10, 8.4],
      [12, 10.8],
      [14, 12.8],
      [16, 14.8],
      [18, 15.8],
      [20, 18],
      [22, 19.4],
      [24, 21.5],
      [27, 23.8],
      [30, 25.6],
      [33, 28.7],
      [36, 31],
      [39, 33.4],
      [42, 34],
      [48, 38],
      [56, 45],
      [64, 51],
    ],
  },
  thin: {
    standard: "ISO 4035",
    heights: [
      [1.6, 1],
      [2, 1.2],
      [2.5, 1.6],
      [3, 1.8],
      [4, 2.2],
      [5, 2.7],
      [6, 3.2],
      [8, 4],
      [10, 5],
      [12, 6],
      [14, 7],
      [16, 8],
      [18, 9],
      [20, 10],
      [22, 11],
      [24, 12],
      [27, 13.5],
      [30, 15],
      [36, 18],
    ],
  },
  "nylon-insert": {
    standard: "ISO 7040",
    heights: [
      [3, 4.5],
      [4, 6],
      [5, 6.8],
      [6, 8],
      [8, 9.5],
      [10, 11.9],
      [12, 14.9],
      [14, 17],
      [16, 19.1],
      [20, 22.8],
      [24, 27.1],
      [30, 32.6],
      [36, 38.9],
    ],
  },
  "all-metal": {
    standard: "ISO 7042",
    heights: [
      [5, 5.1],
      [6, 6],
      [8, 8],
      [10, 10],
      [12, 12],
      [14, 14],
      [16, 16],
      [20, 20],
      [24, 24],
      [30, 30],
      [36, 36],
    ],
  },
  flange: {
    standard: "DIN 6923",
    heights: [
      [5, 5],
      [6, 6],
      [8, 8],
      [10, 10],
      [12, 12],
      [14, 14],
      [16, 16],
      [20, 20],
    ],
  },
  castle: {
    standard: "DIN 935",
    heights: [
      [6, 7.5],
      [8, 9.5],
      [10, 12],
      [12, 15],
      [14, 16],
      [16, 19],
      [20, 22],
      [24, 27],
      [30, 33],
    ],
  },
  dome: {
    standard: "DIN 1587",
    heights: [
      [4, 8],
      [5, 10],
      [6, 12],
      [8, 15],
      [10, 18],
      [12, 22],
      [16, 28],
      [20, 34],
      [24, 42],
    ],
  },
  weld: {
    standard: "DIN 929",
    heights: [
      [5, 4],
      [6, 5],
      [8, 6.5],
      [10, 8],
      [12, 10],
    ],
  },
  square: {
    standard: "DIN 557",
    heights: [
      [5, 4],
      [6, 5],
      [8, 6.5],
      [10, 8],
      [12, 10],
      [16, 13],
    ],
  },
  heavy: {
    standard: "ASME B18.2.4.6M",
    heights: [
      [12, 12.3],
      [14, 14.3],
      [16, 17.1],
      [20, 20.7],
      [22, 23.6],
      [24, 24.2],
      [27, 27.6],
      [30, 30.7],
      [36, 36.6],
    ],
  },
  coupling: {
    standard: "DIN 6334",
    heights: [
      [6, 18],
      [8, 24],
      [10, 30],
      [12, 36],
      [16, 48],
      [20, 60],
      [24, 72],
    ],
  },
};

/** ASME B18.2.2, basic heights, in. */
const INCH: Partial<Readonly<Record<NutStyle, NutTable>>> = {
  heavy: {
    standard: "ASME B18.2.2",
    heights: [
      [1 / 4, 15 / 64],
      [5 / 16, 19 / 64],
      [3 / 8, 23 / 64],
      [7 / 16, 27 / 64],
      [1 / 2, 31 / 64],
      [9 / 16, 35 / 64],
      [5 / 8, 39 / 64],
      [3 / 4, 47 / 64],
      [7 / 8, 55 / 64],
      [1, 63 / 64],
      [9 / 8, 71 / 64],
      [5 / 4, 39 / 32],
      [3 / 2, 47 / 32],
    ],
  },
  hex: {
    standard: "ASME B18.2.2",
    heights: [
      // Machine screw nuts, ASME B18.6.3.
      [0.06, 0.05],
      [0.073, 0.05],
      [0.086, 0.066],
      [0.099, 0.066],
      [0.112, 0.098],
      [0.125, 0.114],
      [0.138, 0.114],
      [0.164, 0.13],
      [0.19, 0.13],
      [0.216, 0.161],
      [1 / 4, 7 / 32],
      [5 / 16, 17 / 64],
      [3 / 8, 21 / 64],
      [7 / 16, 3 / 8],
      [1 / 2, 7 / 16],
      [9 / 16, 31 / 64],
      [5 / 8, 35 / 64],
      [3 / 4, 41 / 64],
      [7 / 8, 3 / 4],
      [1, 55 / 64],
      [9 / 8, 31 / 32],
      [5 / 4, 17 / 16],
      [11 / 8, 75 / 64],
      [3 / 2, 41 / 32],
    ],
  },
  square: {
    standard: "ASME B18.2.2",
    heights: [
      [1 / 4, 7 / 32],
      [5 / 16, 17 / 64],
      [3 / 8, 21 / 64],
      [7 / 16, 3 / 8],
      [1 / 2, 7 / 16],
      [5 / 8, 35 / 64],
      [3 / 4, 21 / 32],
      [7 / 8, 49 / 64],
      [1, 7 / 8],
      [9 / 8, 1],
      [5 / 4, 35 / 32],
      [11 / 8, 77 / 64],
      [3 / 2, 21 / 16],
    ],
  },
  thin: {
    standard: "ASME B18.2.2",
    heights: [
      [1 / 4, 5 / 32],
      [5 / 16, 3 / 16],
      [3 / 8, 7 / 32],
      [7 / 16, 1 / 4],
      [1 / 2, 5 / 16],
      [9 / 16, 5 / 16],
      [5 / 8, 3 / 8],
      [3 / 4, 27 / 64],
      [7 / 8, 31 / 64],
      [1, 35 / 64],
      [9 / 8, 39 / 64],
      [5 / 4, 23 / 32],
      [3 / 2, 27 / 32],
    ],
  },
};

/** Nuts of other standards than today's whose height is another: greatest heights, mm. */
const MADE_TO_HEIGHTS: Partial<Readonly<Record<MadeTo, NutTable>>> = {
  "DIN 985": {
    standard: "DIN 985",
    heights: [
      [3, 4],
      [4, 5],
      [5, 5],
      [6, 6],
      [8, 8],
      [10, 10],
      [12, 12],
      [14, 14],
      [16, 16],
      [18, 18.5],
      [20, 20],
      [22, 22],
      [24, 24],
      [27, 27],
      [30, 30],
    ],
  },
  "DIN 934": {
    standard: "DIN 934",
    heights: [
      [10, 8],
      [12, 10],
      [14, 11],
      [22, 18],
    ],
  },
  "EN 14399-4": {
    standard: "EN 14399-4",
    heights: [
      [12, 10],
      [16, 13],
      [20, 16],
      [22, 18],
      [24, 20],
      [27, 22],
      [30, 24],
      [36, 29],
    ],
  },
  "EN 14399-3": {
    standard: "EN 14399-3",
    heights: [
      [12, 10.8],
      [16, 14.8],
      [20, 18],
      [22, 19.4],
      [24, 21.5],
      [27, 23.8],
      [30, 25.6],
      [36, 31],
    ],
  },
};

/** DIN 935: the split pin of a castle nut, mm. */
const CASTLE_PINS: Pairs = [
  [6, 1.6],
  [8, 2],
  [10, 2.5],
  [12, 3.2],
  [14, 3.2],
  [16, 4],
  [20, 4],
  [24, 5],
  [30, 6.3],
];

/** Heights as proportions of the diameter where no table here has them. */
const PROPORTIONS: Readonly<Record<NutStyle, number>> = {
  hex: 0.875,
  heavy: 1,
  thin: 0.5,
  "nylon-insert": 1.1,
  "all-metal": 1,
  flange: 1,
  castle: 1.25,
  dome: 1.8,
  wing: 0.8,
  coupling: 3,
  weld: 0.8,
  square: 0.8,
};

/** Across the flats of a nut by its own standard; undefined where no table here has it. */
function flatsOf(style: NutStyle, thread: Thread, madeTo: MadeTo | undefined): Mm | undefined {
  if (style === "wing") return undefined;
  if (thread.family === "iso-metric") {
    const other = madeTo === undefined ? undefined : hexSpanner(thread, madeTo)?.acrossFlatsMm;
    return other ?? metricFlats(style, thread);
  }
  if (thread.family === "unified") return inchFlats(style, thread);
  return OF_BOLTS.has(style) ? hexSpanner(thread)?.acrossFlatsMm : undefined;
}

/**
 * A nut's across flats and height by its standard; the height a proportion (then without a standard), and no width, where
 * no table here has it.
 * @param madeTo the standard that was written, where it is another than today's
 */
export function nutSize(style: NutStyle, thread: Thread, madeTo?: MadeTo): NutSize {
  const inches = goesByInches(thread);
  const unifiedOrMetric = thread.family === "unified" || thread.family === "iso-metric";
  const own = madeTo === undefined ? undefined : MADE_TO_HEIGHTS[madeTo];
  const table = own ?? (unifiedOrMetric ? (inches ? INCH : METRIC)[style] : undefined);
  const heightMm = table === undefined ? undefined : pairAt(table.heights, thread, inches);
  const acrossFlatsMm = flatsOf(style, thread, madeTo);
  const pinMm = style === "castle" && !inches ? pairAt(CASTLE_PINS, thread, false) : undefined;
  return {
    ...(acrossFlatsMm === undefined ? {} : { acrossFlatsMm }),
    heightMm: heightMm ?? PROPORTIONS[style] * thread.majorMm,
    ...(pinMm === undefined ? {} : { pinMm }),
    ...(heightMm === undefined || table === undefined ? {} : { standard: table.standard }),
  };
}
