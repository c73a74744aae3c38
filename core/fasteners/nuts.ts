import { goesByInches, pairAt } from "../heads";
import { hexSpanner } from "../looks";
import type { Thread } from "../threads";
import { mmFromInches, type Mm } from "../units";

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
  readonly acrossFlatsMm: Mm;
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
      [1 / 2, 31 / 64],
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

/** Inch nuts whose hexagon is larger than the bolt's (ASME B18.2.2), in. */
const INCH_WIDER: Pairs = [
  [7 / 16, 11 / 16],
  [9 / 16, 7 / 8],
];

/** Square nuts across the flats (ASME B18.2.2), in. */
const INCH_SQUARE: Pairs = [
  [1 / 4, 7 / 16],
  [5 / 16, 9 / 16],
  [3 / 8, 5 / 8],
  [7 / 16, 3 / 4],
  [1 / 2, 13 / 16],
  [5 / 8, 1],
  [3 / 4, 9 / 8],
  [7 / 8, 21 / 16],
  [1, 3 / 2],
  [9 / 8, 27 / 16],
  [5 / 4, 15 / 8],
  [11 / 8, 33 / 16],
  [3 / 2, 9 / 4],
];

/** DIN 6923: flange nuts whose hexagon is smaller than the bolt's, mm. */
const FLANGE_NARROWER: Pairs = [[10, 15]];

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

/** ASME B18.2.2: a heavy hexagon is 1.5 D + 1/8 in across the flats. */
const heavyFlats = ({ majorInch }: Thread): Mm | undefined =>
  majorInch === undefined ? undefined : mmFromInches(1.5 * majorInch + 0.125);

/** Across the flats of a nut whose hexagon or square is another than the bolt's hexagon. */
function ownFlats(style: NutStyle, thread: Thread): Mm | undefined {
  if (thread.family !== "unified") {
    return style === "flange" ? pairAt(FLANGE_NARROWER, thread, false) : undefined;
  }
  if (style === "heavy") return heavyFlats(thread);
  return pairAt(style === "square" ? INCH_SQUARE : INCH_WIDER, thread, true);
}

/**
 * A nut's across flats and height by its standard; the height a proportion (then without a standard) where no table
 * here has it.
 */
export function nutSize(style: NutStyle, thread: Thread): NutSize {
  const inches = goesByInches(thread);
  const unifiedOrMetric = thread.family === "unified" || thread.family === "iso-metric";
  const table = unifiedOrMetric ? (inches ? INCH : METRIC)[style] : undefined;
  const heightMm = table === undefined ? undefined : pairAt(table.heights, thread, inches);
  const other = ownFlats(style, thread);
  const pinMm = style === "castle" && !inches ? pairAt(CASTLE_PINS, thread, false) : undefined;
  return {
    acrossFlatsMm: other ?? hexSpanner(thread)?.acrossFlatsMm ?? 1.6 * thread.majorMm,
    heightMm: heightMm ?? PROPORTIONS[style] * thread.majorMm,
    ...(pinMm === undefined ? {} : { pinMm }),
    ...(heightMm === undefined || table === undefined ? {} : { standard: table.standard }),
  };
}
