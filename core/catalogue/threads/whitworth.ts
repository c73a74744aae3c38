import { inchThread, sizeIn16ths, sizeIn64ths } from "./inch-size";
import type { FamilyStandard, Thread } from "./thread";
import { whitworthBasicSizes, whitworthClasses, whitworthLimits } from "./whitworth-limits";

type Row = readonly [sixtyFourths: number, tpi: number, choice: 1 | 2 | 3];

/** BS 84:2007, table of BSW sizes, and the few larger and in-between sizes of older practice as third choice. */
const BSW: readonly Row[] = [
  [4, 60, 3],
  [6, 48, 3],
  [8, 40, 1],
  [10, 32, 3],
  [12, 24, 1],
  [14, 24, 3],
  [16, 20, 1],
  [20, 18, 1],
  [24, 16, 1],
  [28, 14, 1],
  [32, 12, 1],
  [36, 12, 2],
  [40, 11, 1],
  [44, 11, 2],
  [48, 10, 1],
  [56, 9, 1],
  [64, 8, 1],
  [72, 7, 1],
  [80, 7, 1],
  [88, 6, 3],
  [96, 6, 1],
  [104, 5, 3],
  [112, 5, 1],
  [128, 4.5, 1],
  [144, 4, 2],
  [160, 4, 1],
  [176, 3.5, 2],
  [192, 3.5, 1],
  [208, 3.25, 3],
  [224, 3.25, 2],
  [240, 3, 3],
  [256, 3, 2],
];

/** BS 84:2007, table of BSF sizes up to 3 in. Left out: 3 1/4 to 4 1/4 in. */
const BSF: readonly Row[] = [
  [12, 32, 1],
  [14, 28, 2],
  [16, 26, 1],
  [18, 26, 3],
  [20, 22, 1],
  [24, 20, 1],
  [28, 18, 1],
  [32, 16, 1],
  [36, 16, 2],
  [40, 14, 1],
  [44, 14, 2],
  [48, 12, 1],
  [52, 12, 3],
  [56, 11, 1],
  [64, 10, 1],
  [72, 9, 1],
  [80, 9, 1],
  [88, 8, 2],
  [96, 8, 1],
  [104, 8, 2],
  [112, 7, 1],
  [128, 7, 1],
  [144, 6, 2],
  [160, 6, 1],
  [176, 6, 2],
  [192, 5, 1],
];

/** Brass tube and lamp thread, 26 to the inch at every diameter; no standard holds it, so its sizes are not verified. */
const BRASS_SIXTEENTHS = [4, 5, 6, 7, 8, 9, 10, 12, 14, 16] as const;

function ofSeries(series: "BSW" | "BSF", rows: readonly Row[]): Thread[] {
  return rows.map(([parts, tpi, choice]) =>
    inchThread(sizeIn64ths(parts), tpi, {
      family: "whitworth",
      series,
      flankAngleDeg: 55,
      choice,
      standard: "BS 84",
    }),
  );
}

function brass(sixteenths: number): Thread {
  const size = sizeIn16ths(sixteenths);
  return inchThread(size, 26, {
    family: "whitworth",
    series: "brass",
    id: `brass-${size.slug}-26`,
    designation: `${size.label}-26 brass`,
    flankAngleDeg: 55,
    choice: 3,
    standard: "trade practice, Whitworth form of BS 84",
    verified: false,
  });
}

/** Whitworth threads, coarse and fine, and the 26 TPI brass thread. */
export const whitworth: FamilyStandard = {
  threads: [...ofSeries("BSW", BSW), ...ofSeries("BSF", BSF), ...BRASS_SIXTEENTHS.map(brass)],
  basicSizes: whitworthBasicSizes,
  classes: whitworthClasses,
  limits: whitworthLimits,
};
