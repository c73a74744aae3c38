import { mmFromInches, pitchMmFromTpi, printFraction } from "../units";
import type { Thread } from "./thread";

/** A row: size, UNC threads per inch (or null), UNF threads per inch (or null), choice. */
type Row<Size> = readonly [Size, number | null, number | null, 1 | 2];

/** ASME B1.1 table 2, numbered sizes; diameter is 0.060 + 0.013 n in. */
const NUMBERED: readonly Row<number>[] = [
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

/** ASME B1.1 table 2, sizes in sixteenths of an inch. Left out: UNS, UNEF and the constant-pitch series. */
const SIXTEENTHS: readonly Row<number>[] = [
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

interface InchSize {
  readonly label: string;
  readonly slug: string;
  readonly inches: number;
}

function unifiedThread(size: InchSize, tpi: number, series: "UNC" | "UNF", choice: 1 | 2): Thread {
  return {
    id: `${series.toLowerCase()}-${size.slug}-${tpi}`,
    designation: `${size.label}-${tpi} ${series}`,
    family: "unified",
    series,
    majorMm: mmFromInches(size.inches),
    majorInch: size.inches,
    pitchMm: pitchMmFromTpi(tpi),
    tpi,
    flankAngleDeg: 60,
    starts: 1,
    hand: "right",
    choice,
    standard: "ASME B1.1",
    verified: true,
  };
}

function bothSeries(
  size: InchSize,
  unc: number | null,
  unf: number | null,
  choice: 1 | 2,
): Thread[] {
  return [
    ...(unc === null ? [] : [unifiedThread(size, unc, "UNC", choice)]),
    ...(unf === null ? [] : [unifiedThread(size, unf, "UNF", choice)]),
  ];
}

/** Diameter of a numbered inch size: 0.060 + 0.013 n in, exact to the thousandth. */
export function numberedSizeInches(number: number): number {
  return (60 + 13 * number) / 1000;
}

/** Every UNC and UNF thread from #0 to 4 in. */
export function unifiedThreads(): Thread[] {
  const numbered = NUMBERED.flatMap(([n, unc, unf, choice]) =>
    bothSeries({ label: `#${n}`, slug: `no${n}`, inches: numberedSizeInches(n) }, unc, unf, choice),
  );
  const fractional = SIXTEENTHS.flatMap(([sixteenths, unc, unf, choice]) => {
    const label = printFraction({ whole: 0, numerator: sixteenths, denominator: 16 });
    const slug = label.replace(" ", "-");
    return bothSeries({ label, slug, inches: sixteenths / 16 }, unc, unf, choice);
  });
  return [...numbered, ...fractional];
}
