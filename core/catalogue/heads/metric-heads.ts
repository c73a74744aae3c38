import type { Mm } from "../../measure";

/** One head of a standard: thread diameter, head width (across flats, or diameter), head height, key; mm. */
export type HeadRow = readonly [majorMm: Mm, widthMm: Mm, heightMm: Mm, keyMm?: Mm, flangeMm?: Mm];

/** Rows of one standard. */
export interface HeadTable {
  readonly standard: string;
  readonly rows: readonly HeadRow[];
}

/** ISO 4014 and 4017: head heights; the widths are those of `hexSpanner`. */
export const ISO_4014_HEIGHTS: readonly (readonly [Mm, Mm])[] = [
  [1.6, 1.1],
  [2, 1.4],
  [2.5, 1.7],
  [3, 2],
  [3.5, 2.4],
  [4, 2.8],
  [5, 3.5],
  [6, 4],
  [8, 5.3],
  [10, 6.4],
  [12, 7.5],
  [14, 8.8],
  [16, 10],
  [18, 11.5],
  [20, 12.5],
  [22, 14],
  [24, 15],
  [27, 17],
  [30, 18.7],
  [33, 21],
  [36, 22.5],
  [39, 25],
  [42, 26],
  [45, 28],
  [48, 30],
  [52, 33],
  [56, 35],
  [60, 38],
  [64, 40],
];

/** ISO 4762, socket cap; the head is as high as the thread is thick. Up to M48. */
export const ISO_4762: HeadTable = {
  standard: "ISO 4762",
  rows: [
    [1.6, 3, 1.6, 1.5],
    [2, 3.8, 2, 1.5],
    [2.5, 4.5, 2.5, 2],
    [3, 5.5, 3, 2.5],
    [4, 7, 4, 3],
    [5, 8.5, 5, 4],
    [6, 10, 6, 5],
    [8, 13, 8, 6],
    [10, 16, 10, 8],
    [12, 18, 12, 10],
    [14, 21, 14, 12],
    [16, 24, 16, 14],
    [20, 30, 20, 17],
    [24, 36, 24, 19],
    [30, 45, 30, 22],
    [36, 54, 36, 27],
    [42, 63, 42, 32],
    [48, 72, 48, 36],
  ],
};

/** DIN 7984, low socket cap. */
export const DIN_7984: HeadTable = {
  standard: "DIN 7984",
  rows: [
    [3, 5.5, 2, 2],
    [4, 7, 2.8, 2.5],
    [5, 8.5, 3.5, 3],
    [6, 10, 4, 4],
    [8, 13, 5, 5],
    [10, 16, 6, 7],
    [12, 18, 7, 8],
    [16, 24, 9, 12],
    [20, 30, 11, 14],
    [24, 36, 13, 17],
  ],
};

/** ISO 7380-1, button head. */
export const ISO_7380: HeadTable = {
  standard: "ISO 7380-1",
  rows: [
    [3, 5.7, 1.65, 2],
    [4, 7.6, 2.2, 2.5],
    [5, 9.5, 2.75, 3],
    [6, 10.5, 3.3, 4],
    [8, 14, 4.4, 5],
    [10, 17.5, 5.5, 6],
    [12, 21, 6.6, 8],
    [16, 28, 8.8, 10],
  ],
};

/** ISO 10642, countersunk with socket, 90 degrees: theoretical head diameter, head height. */
export const ISO_10642: HeadTable = {
  standard: "ISO 10642",
  rows: [
    [3, 6.72, 1.86, 2],
    [4, 8.96, 2.48, 2.5],
    [5, 11.2, 3.1, 3],
    [6, 13.44, 3.72, 4],
    [8, 17.92, 4.96, 5],
    [10, 22.4, 6.2, 6],
    [12, 26.88, 7.44, 8],
    [16, 33.6, 8.8, 10],
    [20, 40.32, 10.16, 12],
  ],
};

/** ISO 2009 and 7046, countersunk with slot or cross, 90 degrees: theoretical head diameter, head height. */
export const ISO_2009: HeadTable = {
  standard: "ISO 2009, ISO 7046-1",
  rows: [
    [1.6, 3.6, 1],
    [2, 4.4, 1.2],
    [2.5, 5.5, 1.5],
    [3, 6.3, 1.65],
    [4, 9.4, 2.7],
    [5, 10.4, 2.7],
    [6, 12.6, 3.3],
    [8, 17.3, 4.65],
    [10, 20, 5],
  ],
};

/** ISO 2010 and 7047: height of the raised crown over the flush line. */
export const ISO_2010_CROWN: readonly (readonly [Mm, Mm])[] = [
  [1.6, 0.4],
  [2, 0.5],
  [2.5, 0.6],
  [3, 0.7],
  [4, 1],
  [5, 1.2],
  [6, 1.4],
  [8, 2],
  [10, 2.3],
];

/** ISO 7045, pan head with cross; ISO 1580 with slot has the same widths and lower heads. */
export const ISO_7045: HeadTable = {
  standard: "ISO 7045",
  rows: [
    [1.6, 3.2, 1.3],
    [2, 4, 1.6],
    [2.5, 5, 2.1],
    [3, 5.6, 2.4],
    [4, 8, 3.1],
    [5, 9.5, 3.7],
    [6, 12, 4.6],
    [8, 16, 6],
    [10, 20, 7.5],
  ],
};

/** ISO 1207, cheese head with slot. */
export const ISO_1207: HeadTable = {
  standard: "ISO 1207",
  rows: [
    [1.6, 3, 1.1],
    [2, 3.8, 1.4],
    [2.5, 4.5, 1.8],
    [3, 5.5, 2],
    [4, 7, 2.6],
    [5, 8.5, 3.3],
    [6, 10, 3.9],
    [8, 13, 5],
    [10, 16, 6],
  ],
};

/** DIN 603, carriage bolt; the square under the head is as wide as the thread. */
export const DIN_603: HeadTable = {
  standard: "DIN 603",
  rows: [
    [5, 13.5, 3.3],
    [6, 16.5, 3.9],
    [8, 20.6, 4.9],
    [10, 24.6, 5.4],
    [12, 30.6, 6.6],
    [16, 38.8, 8.8],
    [20, 46.8, 10.8],
  ],
};

/** DIN 6921, hexagon with flange: across flats, height, flange diameter. */
export const DIN_6921: HeadTable = {
  standard: "DIN 6921",
  rows: [
    [5, 8, 5.4, undefined, 11.8],
    [6, 10, 6.6, undefined, 14.2],
    [8, 13, 8.1, undefined, 18],
    [10, 15, 9.2, undefined, 22.3],
    [12, 18, 11.5, undefined, 26.6],
    [14, 21, 12.8, undefined, 30.5],
    [16, 24, 14.4, undefined, 35],
    [20, 30, 17.1, undefined, 43],
  ],
};

/** ISO 4026 to 4029, set screws: the key. */
export const ISO_4026_KEYS: readonly (readonly [Mm, Mm])[] = [
  [1.6, 0.7],
  [2, 0.9],
  [2.5, 1.3],
  [3, 1.5],
  [4, 2],
  [5, 2.5],
  [6, 3],
  [8, 4],
  [10, 5],
  [12, 6],
  [16, 8],
  [20, 10],
  [24, 12],
];

/** ISO 7379, shoulder screw: thread, head diameter, head height, key, shoulder diameter. */
export const ISO_7379: HeadTable = {
  standard: "ISO 7379",
  rows: [
    [5, 10, 4.5, 3, 6.5],
    [6, 13, 5.5, 4, 8],
    [8, 16, 7, 5, 10],
    [10, 18, 9, 6, 13],
    [12, 24, 11, 8, 16],
    [16, 30, 14, 10, 20],
    [20, 36, 16, 12, 24],
  ],
};

/** ISO 7379: length of thread beyond the shoulder. */
export const ISO_7379_THREAD: readonly (readonly [Mm, Mm])[] = [
  [5, 9.75],
  [6, 11.25],
  [8, 13.25],
  [10, 16.4],
  [12, 18.4],
  [16, 22.4],
  [20, 27.4],
];

/** DIN 974-1, row 1: counterbore for a socket cap head. */
export const DIN_974_BORES: readonly (readonly [Mm, Mm])[] = [
  [3, 6.5],
  [4, 8],
  [5, 10],
  [6, 11],
  [8, 15],
  [10, 18],
  [12, 20],
  [14, 24],
  [16, 26],
  [20, 33],
  [24, 40],
  [30, 50],
  [36, 58],
];
