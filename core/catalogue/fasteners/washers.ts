import { goesByInches } from "../heads";
import type { Thread } from "../threads";
import { mmFromInches, type Mm } from "../../measure";

export const WASHER_STYLES = [
  "flat",
  "large",
  "spring",
  "toothed",
  "wedge-lock",
  "bonded-seal",
  "copper",
] as const;

export type WasherStyle = (typeof WASHER_STYLES)[number];

/** A washer's true dimensions, mm. */
export interface WasherSize {
  readonly boreMm: Mm;
  readonly outsideMm: Mm;
  readonly thickMm: Mm;
  readonly standard: string;
}

type Row = readonly [major: number, bore: number, outside: number, thick: number];

/** ISO 7089, normal series. */
const ISO_7089: readonly Row[] = [
  [1.6, 1.7, 4, 0.3],
  [2, 2.2, 5, 0.3],
  [2.5, 2.7, 6, 0.5],
  [3, 3.2, 7, 0.5],
  [4, 4.3, 9, 0.8],
  [5, 5.3, 10, 1],
  [6, 6.4, 12, 1.6],
  [8, 8.4, 16, 1.6],
  [10, 10.5, 20, 2],
  [12, 13, 24, 2.5],
  [14, 15, 28, 2.5],
  [16, 17, 30, 3],
  [18, 19, 34, 3],
  [20, 21, 37, 3],
  [22, 23, 39, 3],
  [24, 25, 44, 4],
  [27, 28, 50, 4],
  [30, 31, 56, 4],
  [33, 34, 60, 5],
  [36, 37, 66, 5],
  [39, 42, 72, 6],
  [42, 45, 78, 8],
  [45, 48, 85, 8],
  [48, 52, 92, 8],
  [52, 56, 98, 8],
  [56, 62, 105, 10],
  [60, 66, 110, 10],
  [64, 70, 115, 10],
];

/** ISO 7093-1, large series: three times the thread across. */
const ISO_7093: readonly Row[] = [
  [3, 3.2, 9, 0.8],
  [4, 4.3, 12, 1],
  [5, 5.3, 15, 1],
  [6, 6.4, 18, 1.6],
  [8, 8.4, 24, 2],
  [10, 10.5, 30, 2.5],
  [12, 13, 37, 3],
  [16, 17, 50, 3],
];

/** DIN 127 B, spring washers, mm. */
const DIN_127: readonly Row[] = [
  [3, 3.1, 6.2, 0.8],
  [4, 4.1, 7.6, 0.9],
  [5, 5.1, 9.2, 1.2],
  [6, 6.1, 11.8, 1.6],
  [8, 8.1, 14.8, 2],
  [10, 10.2, 18.1, 2.2],
  [12, 12.2, 21.1, 2.5],
  [16, 16.2, 27.4, 3.5],
  [20, 20.2, 33.6, 4],
  [24, 24.5, 40, 5],
  [30, 30.5, 48.2, 6],
];

/** ASME B18.21.1, plain washers type A, narrow (the SAE sizes), in. */
const B18_21_1: readonly Row[] = [
  [0.138, 0.156, 0.375, 0.049],
  [0.164, 0.188, 0.438, 0.049],
  [0.19, 0.219, 0.5, 0.049],
  [1 / 4, 0.281, 0.625, 0.065],
  [5 / 16, 0.344, 0.688, 0.065],
  [3 / 8, 0.406, 0.812, 0.065],
  [7 / 16, 0.469, 0.922, 0.065],
  [1 / 2, 0.531, 1.062, 0.095],
  [9 / 16, 0.594, 1.156, 0.095],
  [5 / 8, 0.656, 1.312, 0.095],
  [3 / 4, 0.812, 1.469, 0.134],
  [7 / 8, 0.938, 1.75, 0.134],
  [1, 1.062, 2, 0.134],
];

/** The metric size that goes through a plain washer with this hole, by ISO 7089; undefined for no such hole. */
export function sizeThroughWasher(boreMm: Mm): Mm | undefined {
  return ISO_7089.find(([, bore]) => bore === boreMm)?.[0];
}

interface WasherTable {
  readonly rows: readonly Row[];
  readonly standard: string;
}

const METRIC: Partial<Readonly<Record<WasherStyle, WasherTable>>> = {
  flat: { rows: ISO_7089, standard: "ISO 7089" },
  large: { rows: ISO_7093, standard: "ISO 7093-1" },
  spring: { rows: DIN_127, standard: "DIN 127" },
};

const INCH: Partial<Readonly<Record<WasherStyle, WasherTable>>> = {
  flat: { rows: B18_21_1, standard: "ASME B18.21.1" },
};

/**
 * A washer's dimensions by its standard.
 * @returns undefined for kinds and sizes that no table here has: the maker's figures are wanted for those
 */
export function washerSize(style: WasherStyle, thread: Thread): WasherSize | undefined {
  const inches = goesByInches(thread);
  const size = inches ? thread.majorInch : thread.majorMm;
  const table = (inches ? INCH : METRIC)[style];
  const row = table?.rows.find(([major]) => size !== undefined && Math.abs(major - size) < 1e-6);
  if (table === undefined || row === undefined) return undefined;
  const mm = inches ? mmFromInches : (figure: number) => figure;
  const [, bore, outside, thick] = row;
  return {
    boreMm: mm(bore),
    outsideMm: mm(outside),
    thickMm: mm(thick),
    standard: table.standard,
  };
}
