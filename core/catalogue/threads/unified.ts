import { inchThread, numberedSize, sizeIn16ths, type InchSize } from "./inch-size";
import type { FamilyStandard, Thread } from "./thread";
import { unifiedBasicSizes, unifiedClasses, unifiedLimits } from "./unified-limits";

/** A row: size, UNC threads per inch (or null), UNF threads per inch (or null), choice. */
type Row = readonly [number, number | null, number | null, 1 | 2];

/** ASME B1.1 table 2, numbered sizes. */
const NUMBERED: readonly Row[] = [
  [0, null, 80, 1],
  [1, 64, 72, 2],
  [2, 56, 64, 1],
  [3, 48, 56, 2],
  [4, 40, 48, 1],
  [5, 40, 44, 1],
  [6, 32, 40, 1],
  [8, 32, 36, 1],
  [10, 24, 32, 1],
  [12, 24, 28, 2],
];

/** ASME B1.1 table 2, sizes in sixteenths of an inch. */
const SIXTEENTHS: readonly Row[] = [
  [4, 20, 28, 1],
  [5, 18, 24, 1],
  [6, 16, 24, 1],
  [7, 14, 20, 1],
  [8, 13, 20, 1],
  [9, 12, 18, 1],
  [10, 11, 18, 1],
  [12, 10, 16, 1],
  [14, 9, 14, 1],
  [16, 8, 12, 1],
  [18, 7, 12, 1],
  [20, 7, 12, 1],
  [22, 6, 12, 1],
  [24, 6, 12, 1],
  [28, 5, null, 1],
  [32, 4.5, null, 1],
  [36, 4.5, null, 1],
  [40, 4, null, 1],
  [44, 4, null, 1],
  [48, 4, null, 1],
  [52, 4, null, 1],
  [56, 4, null, 1],
  [60, 4, null, 1],
  [64, 4, null, 1],
];

/** ASME B1.1, extra-fine: threads per inch from one size in sixteenths to another; 1 in and under skip none but 3/4 series gaps. */
const UNEF: readonly { readonly tpi: number; readonly sixteenths: readonly number[] }[] = [
  { tpi: 32, sixteenths: [4, 5, 6] },
  { tpi: 28, sixteenths: [7, 8] },
  { tpi: 24, sixteenths: [9, 10, 11] },
  { tpi: 20, sixteenths: [12, 13, 14, 15, 16] },
  { tpi: 18, sixteenths: [17, 18, 19, 20, 21, 22, 23, 24, 25, 26, 27] },
];

/** ASME B1.1, constant-pitch series: where each begins and ends, in sixteenths of an inch. */
const CONSTANT_PITCH: readonly (readonly [tpi: number, from: number, to: number])[] = [
  [4, 40, 64],
  [6, 22, 64],
  [8, 16, 64],
  [12, 9, 64],
  [16, 6, 64],
  [20, 4, 48],
  [28, 4, 24],
  [32, 4, 16],
];

/** ASME B1.1, special series: those that instruments, lamps, microphone stands and older machines are met with. */
const UNS: readonly (readonly [InchSize, tpi: number])[] = [
  [numberedSize(10), 36],
  [sizeIn16ths(4), 24],
  [sizeIn16ths(4), 27],
  [sizeIn16ths(4), 40],
  [sizeIn16ths(5), 27],
  [sizeIn16ths(6), 27],
  [sizeIn16ths(7), 24],
  [sizeIn16ths(7), 27],
  [sizeIn16ths(8), 24],
  [sizeIn16ths(8), 27],
  [sizeIn16ths(10), 14],
  [sizeIn16ths(10), 27],
  [sizeIn16ths(12), 14],
  [sizeIn16ths(14), 18],
  [sizeIn16ths(16), 14],
  [sizeIn16ths(16), 27],
];

function unified(size: InchSize, tpi: number, series: string, choice: 1 | 2 | 3): Thread {
  // A constant-pitch thread is called out "1 1/8-8 UN"; its series, 8-UN, is told by the pitch.
  const constant = series.endsWith("-UN");
  return inchThread(size, tpi, {
    family: "unified",
    series,
    flankAngleDeg: 60,
    choice,
    standard: "ASME B1.1",
    ...(constant ? { id: `un-${size.slug}-${tpi}`, designation: `${size.label}-${tpi} UN` } : {}),
  });
}

function coarseAndFine(size: InchSize, [, unc, unf, choice]: Row): Thread[] {
  return [
    ...(unc === null ? [] : [unified(size, unc, "UNC", choice)]),
    ...(unf === null ? [] : [unified(size, unf, "UNF", choice)]),
  ];
}

/** Sixteenths up to 2 in, eighths beyond, as the series table has them; odd sixteenths are secondary. */
function constantPitchSizes(from: number, to: number): number[] {
  return Array.from({ length: to - from + 1 }, (_, i) => from + i).filter(
    (sixteenths) => sixteenths <= 32 || sixteenths % 2 === 0,
  );
}

/** Left out: sizes over 4 in, most of UNS, and the numbered sizes of 28-UN and 32-UN, which are UNF, UNC or UNEF anyway. */
function unifiedThreads(): Thread[] {
  const graded = [
    ...NUMBERED.flatMap((row) => coarseAndFine(numberedSize(row[0]), row)),
    ...SIXTEENTHS.flatMap((row) => coarseAndFine(sizeIn16ths(row[0]), row)),
  ];
  const extraFine = [
    unified(numberedSize(12), 32, "UNEF", 2),
    ...UNEF.flatMap(({ tpi, sixteenths }) =>
      sixteenths.map((n) => unified(sizeIn16ths(n), tpi, "UNEF", n % 2 === 0 ? 1 : 2)),
    ),
  ];
  const special = UNS.map(([size, tpi]) => unified(size, tpi, "UNS", 2));
  // Where a constant pitch is also coarse, fine or extra-fine, the standard calls it by that series.
  const named = [...graded, ...extraFine, ...special];
  const taken = new Set(named.map(({ majorInch, tpi }) => `${majorInch}-${tpi}`));
  const constant = CONSTANT_PITCH.flatMap(([tpi, from, to]) =>
    constantPitchSizes(from, to)
      .filter((n) => !taken.has(`${n / 16}-${tpi}`))
      .map((n) => unified(sizeIn16ths(n), tpi, `${tpi}-UN`, n % 4 === 0 ? 2 : 3)),
  );
  return [...named, ...constant].sort((a, b) => a.majorMm - b.majorMm || b.pitchMm - a.pitchMm);
}

/** Unified inch threads: ASME B1.1. */
export const unifiedStandard: FamilyStandard = {
  threads: unifiedThreads(),
  basicSizes: unifiedBasicSizes,
  classes: unifiedClasses,
  limits: unifiedLimits,
};
