import { goesByInches } from "../heads";
import type { HeadStyle } from "../looks";
import type { Thread } from "../threads";
import { MM_PER_INCH, roundTo, type Mm } from "../../measure";

/** ISO 888 nominal lengths, mm. */
const ISO_888: readonly Mm[] = [
  2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 80, 90, 100, 110,
  120, 130, 140, 150, 160, 180, 200, 220, 240, 260, 280, 300, 320, 340, 360, 380, 400,
];

/** ASME B18.2.1, appendix: eighths to 1 in, quarters to 5, halves to 8, whole inches to 12. */
function inchSeries(): Mm[] {
  const run = (from: number, to: number, step: number) =>
    Array.from({ length: Math.round((to - from) / step) }, (_, at) => from + (at + 1) * step);
  return [
    3 / 16,
    1 / 4,
    5 / 16,
    3 / 8,
    7 / 16,
    ...run(3 / 8, 1, 1 / 8),
    ...run(1, 5, 1 / 4),
    ...run(5, 8, 1 / 2),
    ...run(8, 12, 1),
  ].map((inches) => roundTo(inches * MM_PER_INCH, 6));
}

const INCH_LENGTHS = inchSeries();

/** Shortest and longest of the series that is usually made, in diameters: estimates after ISO 4014, 4017, 4762 and 4026, and what counters keep of long hexagons and coach bolts. */
const RANGE: Readonly<
  Record<"hex" | "carriage" | "cap" | "small" | "set" | "stud", readonly [number, number]>
> = {
  // Counters have shorter ones than ISO 4017 begins with, as DIN 933 listed them.
  hex: [1.3, 20],
  carriage: [1.5, 25],
  cap: [1.5, 10],
  small: [1.1, 10],
  set: [0.9, 5],
  stud: [2, 20],
};

function rangeOf(head: HeadStyle): readonly [number, number] {
  switch (head) {
    case "socket-cap":
    case "low-cap":
    case "narrow-cap":
    case "shoulder":
      return RANGE.cap;
    case "button":
    case "csk":
    case "raised-csk":
    case "pan":
    case "truss":
    case "round":
    case "cheese":
      return RANGE.small;
    case "set":
      return RANGE.set;
    case "stud":
      return RANGE.stud;
    case "carriage":
      return RANGE.carriage;
    default:
      return RANGE.hex;
  }
}

/** Studding as it is stocked: 1, 2 and 3 m; 3 and 6 ft. */
const STUDDING_MM: readonly Mm[] = [1000, 2000, 3000];
const STUDDING_FT: readonly number[] = [3, 6];

function studding(inches: boolean): readonly Mm[] {
  return inches ? STUDDING_FT.map((feet) => feet * 12 * MM_PER_INCH) : STUDDING_MM;
}

/** The lengths that a screw with this head and thread is stocked in, shortest first, mm. */
export function stockLengths(head: HeadStyle, thread: Thread): readonly Mm[] {
  const [least, most] = rangeOf(head);
  const inches = goesByInches(thread);
  const longest = most * thread.majorMm;
  const series = inches ? INCH_LENGTHS : ISO_888;
  const made = series.filter(
    (length) => length >= least * thread.majorMm - 1e-6 && length <= longest + 1e-6,
  );
  return head === "stud" ? [...made, ...studding(inches)] : made;
}

/** A length held against those that are stocked. */
export interface StockMatch {
  readonly lengthMm: Mm;
  /** The stocked length itself when it is one. */
  readonly exact: boolean;
  readonly nearest: Mm;
  /** What was measured less the nearest stocked length. */
  readonly remainderMm: Mm;
  readonly shorter?: Mm;
  readonly longer?: Mm;
}

/** A measured length is the nominal one when it is this near: tolerance js15 to js17 of ISO 4759-1, less for short ones. */
const NEAR_SHARE = 0.02;
const LEAST_NEAR_MM = 0.35;

/** Nearer than this a length is a stocked one to the last figure shown. */
const SAME_MM: Mm = 0.005;

/** Whether what was measured is the stocked length itself. */
export function isStockLength({ remainderMm }: StockMatch): boolean {
  return Math.abs(remainderMm) < SAME_MM;
}

/**
 * The stocked length that a measured one is, or lies between.
 * @returns undefined where nothing is stocked with this head and thread
 */
export function stockMatch(head: HeadStyle, thread: Thread, lengthMm: Mm): StockMatch | undefined {
  const lengths = stockLengths(head, thread);
  const [first] = lengths;
  if (first === undefined) return undefined;
  const nearest = lengths.reduce(
    (best, one) => (Math.abs(one - lengthMm) < Math.abs(best - lengthMm) ? one : best),
    first,
  );
  const shorter = lengths.findLast((one) => one < lengthMm - 1e-6);
  const longer = lengths.find((one) => one > lengthMm + 1e-6);
  return {
    lengthMm,
    exact: Math.abs(nearest - lengthMm) <= Math.max(LEAST_NEAR_MM, NEAR_SHARE * nearest),
    nearest,
    remainderMm: lengthMm - nearest,
    ...(shorter === undefined ? {} : { shorter }),
    ...(longer === undefined ? {} : { longer }),
  };
}
