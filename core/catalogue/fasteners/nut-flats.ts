import { HEAVY_FLATS_SIXTEENTHS, pairAt } from "../heads";
import { hexSpanner } from "../looks";
import type { Thread } from "../threads";
import { mmFromInches, type Mm } from "../../measure";
import type { NutStyle } from "./nut-styles";

type Pairs = readonly (readonly [number, number])[];

/** Nuts whose hexagon is that of the bolt: ISO 4032, 4035, 7040, 7042; BS 190 and BS 57 for British ones. */
export const OF_BOLTS: ReadonlySet<NutStyle> = new Set(["hex", "thin", "castle"]);

/** Nuts that ISO makes with the hexagon of the bolt. */
const OF_ISO: ReadonlySet<NutStyle> = new Set(["hex", "thin", "nylon-insert", "all-metal"]);

/** Nuts of DIN standards that keep the older hexagons at these sizes: DIN 935, 1587, 6334, 557, mm. */
const OLDER: Pairs = [
  [10, 17],
  [12, 19],
  [14, 22],
];

const OWN_METRIC: Partial<Readonly<Record<NutStyle, Pairs>>> = {
  castle: OLDER,
  dome: OLDER,
  coupling: OLDER,
  square: OLDER,
  // DIN 6923.
  flange: [[10, 15]],
  // DIN 929.
  weld: [
    [3, 7.5],
    [4, 9],
    [5, 10],
    [6, 11],
    [8, 14],
    [10, 17],
    [12, 19],
    [14, 22],
    [16, 24],
  ],
  // ASME B18.2.4.6M.
  heavy: [
    [12, 21],
    [14, 24],
    [16, 27],
    [20, 34],
    [22, 36],
    [24, 41],
    [27, 46],
    [30, 50],
    [36, 60],
  ],
};

/** Kinds of which only the sizes of their own table are held. */
const TABLE_ALONE: ReadonlySet<NutStyle> = new Set(["weld", "heavy"]);

/** Across the flats of a metric nut of a standard, mm; undefined where no table here has it. */
export function metricFlats(style: NutStyle, thread: Thread): Mm | undefined {
  const own = OWN_METRIC[style];
  const found = own === undefined ? undefined : pairAt(own, thread, false);
  if (found !== undefined || TABLE_ALONE.has(style)) return found;
  return OF_ISO.has(style) || own !== undefined ? hexSpanner(thread)?.acrossFlatsMm : undefined;
}

/** ASME B18.6.3: nuts of numbered machine screws, in. */
const MACHINE_SCREW: Pairs = [
  [0.06, 5 / 32],
  [0.073, 5 / 32],
  [0.086, 3 / 16],
  [0.099, 3 / 16],
  [0.112, 1 / 4],
  [0.125, 5 / 16],
  [0.138, 5 / 16],
  [0.164, 11 / 32],
  [0.19, 3 / 8],
  [0.216, 7 / 16],
];

/** Nuts whose hexagon is larger than the bolt's (ASME B18.2.2), in. */
const WIDER: Pairs = [
  [7 / 16, 11 / 16],
  [9 / 16, 7 / 8],
];

/** Flange nuts (ASME B18.2.2), in. */
const FLANGE: Pairs = [
  [1 / 4, 7 / 16],
  [5 / 16, 1 / 2],
  [3 / 8, 9 / 16],
  [7 / 16, 11 / 16],
  [1 / 2, 3 / 4],
  [9 / 16, 7 / 8],
  [5 / 8, 15 / 16],
  [3 / 4, 9 / 8],
];

/** Square nuts across the flats (ASME B18.2.2), in. */
const SQUARE: Pairs = [
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

/** Across the flats of a unified nut of a standard, mm; undefined where no table here has it. */
export function inchFlats(style: NutStyle, thread: Thread): Mm | undefined {
  switch (style) {
    case "heavy": {
      const sixteenths = HEAVY_FLATS_SIXTEENTHS.get((thread.majorInch ?? 0) * 16);
      return sixteenths === undefined ? undefined : mmFromInches(sixteenths / 16);
    }
    case "square":
      return pairAt(SQUARE, thread, true);
    case "flange":
      return pairAt(FLANGE, thread, true);
    case "hex":
    case "thin":
    case "castle":
      return (
        pairAt(MACHINE_SCREW, thread, true) ??
        pairAt(WIDER, thread, true) ??
        hexSpanner(thread)?.acrossFlatsMm
      );
    default:
      return undefined;
  }
}
