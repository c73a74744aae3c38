import type { Thread } from "../../catalogue/threads";
import { mmFromInches, type Mm } from "../../measure";

/** One clearance hole: its size in mm and how the drill is marked, a number drill with its sign. */
interface ClearanceHole {
  readonly mm: Mm;
  readonly mark: string;
}

/** Clearance holes of the close, the normal and the free fit. */
export interface ClearanceHoles {
  readonly close: ClearanceHole;
  readonly normal: ClearanceHole;
  readonly free: ClearanceHole;
  readonly standard: "ISO 273" | "ASME B18.2.8";
}

/** ISO 273:1979: thread diameter, fine, medium, coarse series, mm. */
const ISO_273: readonly (readonly [Mm, Mm, Mm, Mm])[] = [
  [1, 1.1, 1.2, 1.3],
  [1.2, 1.3, 1.4, 1.5],
  [1.4, 1.5, 1.6, 1.8],
  [1.6, 1.7, 1.8, 2],
  [1.8, 2, 2.1, 2.2],
  [2, 2.2, 2.4, 2.6],
  [2.5, 2.7, 2.9, 3.1],
  [3, 3.2, 3.4, 3.6],
  [3.5, 3.7, 3.9, 4.2],
  [4, 4.3, 4.5, 4.8],
  [4.5, 4.8, 5, 5.3],
  [5, 5.3, 5.5, 5.8],
  [6, 6.4, 6.6, 7],
  [7, 7.4, 7.6, 8],
  [8, 8.4, 9, 10],
  [10, 10.5, 11, 12],
  [12, 13, 13.5, 14.5],
  [14, 15, 15.5, 16.5],
  [16, 17, 17.5, 18.5],
  [18, 19, 20, 21],
  [20, 21, 22, 24],
  [22, 23, 24, 26],
  [24, 25, 26, 28],
  [27, 28, 30, 32],
  [30, 31, 33, 35],
  [33, 34, 36, 38],
  [36, 37, 39, 42],
  [39, 40, 42, 45],
  [42, 43, 45, 48],
  [45, 46, 48, 52],
  [48, 50, 52, 56],
  [52, 54, 56, 62],
  [56, 58, 62, 66],
  [60, 62, 66, 70],
  [64, 66, 70, 74],
  [68, 70, 74, 78],
  [72, 74, 78, 82],
  [76, 78, 82, 86],
  [80, 82, 86, 91],
  [85, 87, 91, 96],
  [90, 93, 96, 101],
  [95, 98, 101, 107],
  [100, 104, 107, 112],
];

type InchHole = readonly [mark: string, inches: number];

const frac = (mark: string, sixtyFourths: number): InchHole => [mark, sixtyFourths / 64];

/** ASME B18.2.8-1999, tables 1 and 2: size, close, normal and loose fit, by drill. */
const B18_2_8: readonly (readonly [number, InchHole, InchHole, InchHole])[] = [
  [0.06, ["51", 0.067], ["48", 0.076], frac("3/32", 6)],
  [0.073, ["46", 0.081], ["43", 0.089], ["37", 0.104]],
  [0.086, frac("3/32", 6), ["38", 0.1015], ["32", 0.116]],
  [0.099, ["36", 0.1065], ["32", 0.116], ["30", 0.1285]],
  [0.112, ["31", 0.12], ["30", 0.1285], ["27", 0.144]],
  [0.125, frac("9/64", 9), frac("5/32", 10), frac("11/64", 11)],
  [0.138, ["23", 0.154], ["18", 0.1695], ["13", 0.185]],
  [0.164, ["15", 0.18], ["9", 0.196], ["3", 0.213]],
  [0.19, ["5", 0.2055], ["2", 0.221], ["B", 0.238]],
  [1 / 4, frac("17/64", 17), frac("9/32", 18), frac("19/64", 19)],
  [5 / 16, frac("21/64", 21), frac("11/32", 22), frac("23/64", 23)],
  [3 / 8, frac("25/64", 25), frac("13/32", 26), frac("27/64", 27)],
  [7 / 16, frac("29/64", 29), frac("15/32", 30), frac("31/64", 31)],
  [1 / 2, frac("17/32", 34), frac("9/16", 36), frac("39/64", 39)],
  [5 / 8, frac("21/32", 42), frac("11/16", 44), frac("47/64", 47)],
  [3 / 4, frac("25/32", 50), frac("13/16", 52), frac("29/32", 58)],
  [7 / 8, frac("29/32", 58), frac("15/16", 60), frac("1 1/32", 66)],
  [1, frac("1 1/32", 66), frac("1 3/32", 70), frac("1 5/32", 74)],
  [9 / 8, frac("1 5/32", 74), frac("1 7/32", 78), frac("1 5/16", 84)],
  [5 / 4, frac("1 9/32", 82), frac("1 11/32", 86), frac("1 7/16", 92)],
  [11 / 8, frac("1 7/16", 92), frac("1 1/2", 96), frac("1 39/64", 103)],
  [3 / 2, frac("1 9/16", 100), frac("1 5/8", 104), frac("1 47/64", 111)],
];

const HOLDS_BOLTS: ReadonlySet<Thread["family"]> = new Set([
  "iso-metric",
  "unified",
  "whitworth",
  "cycle",
]);

const metric = (mm: Mm): ClearanceHole => ({ mm, mark: String(mm) });
const inch = ([mark, inches]: InchHole): ClearanceHole => ({
  mm: mmFromInches(inches),
  mark: /^\d+$/.test(mark) ? `#${mark}` : mark,
});

/**
 * Clearance holes for a bolt of this thread: ISO 273 by metric diameter, ASME B18.2.8 by inch diameter (for the
 * British inch sizes too, which have no standard of their own).
 * @returns undefined where neither standard has the diameter, and for threads that hold no bolts
 */
export function clearanceHoles(thread: Thread): ClearanceHoles | undefined {
  if (!HOLDS_BOLTS.has(thread.family)) return undefined;
  if (thread.majorInch === undefined) {
    const row = ISO_273.find(([diameter]) => diameter === thread.majorMm);
    if (row === undefined) return undefined;
    const [, close, normal, free] = row;
    return {
      close: metric(close),
      normal: metric(normal),
      free: metric(free),
      standard: "ISO 273",
    };
  }
  const inches = thread.majorInch;
  const row = B18_2_8.find(([diameter]) => Math.abs(diameter - inches) < 1e-9);
  if (row === undefined) return undefined;
  const [, close, normal, free] = row;
  return { close: inch(close), normal: inch(normal), free: inch(free), standard: "ASME B18.2.8" };
}
