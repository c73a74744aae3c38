import { pitchMmFromTpi, type Mm } from "../../measure";
import { sizeIn16ths, type InchSize } from "./inch-size";
import type { Thread } from "./thread";

/** One size of the British pipe threads, which ISO 228-1 and ISO 7-1 share. */
export interface PipeSize extends InchSize {
  readonly tpi: number;
  /** Pitch and depth in mm, rounded as both standards print them. */
  readonly pitchMm: Mm;
  readonly depthMm: Mm;
  /** Major diameter in mm; of a taper thread, at the gauge plane. */
  readonly majorMm: Mm;
}

/** ISO 228-1:2000, table 1 (ISO 7-1:1994, table 1, for the sizes it has): sixteenths, threads per inch, major diameter in mm. */
const SIZES: readonly (readonly [sixteenths: number, tpi: 28 | 19 | 14 | 11, majorMm: Mm])[] = [
  [1, 28, 7.723],
  [2, 28, 9.728],
  [4, 19, 13.157],
  [6, 19, 16.662],
  [8, 14, 20.955],
  [10, 14, 22.911],
  [12, 14, 26.441],
  [14, 14, 30.201],
  [16, 11, 33.249],
  [18, 11, 37.897],
  [20, 11, 41.91],
  [24, 11, 47.803],
  [28, 11, 53.746],
  [32, 11, 59.614],
  [36, 11, 65.71],
  [40, 11, 75.184],
  [44, 11, 81.534],
  [48, 11, 87.884],
  [56, 11, 100.33],
  [64, 11, 113.03],
  [72, 11, 125.73],
  [80, 11, 138.43],
  [88, 11, 151.13],
  [96, 11, 163.83],
];

/** Pitch and depth as the standards round them: 25.4 / n and 0.640327 P to the micrometre. */
const PITCHES = {
  28: { pitchMm: 0.907, depthMm: 0.581 },
  19: { pitchMm: 1.337, depthMm: 0.856 },
  14: { pitchMm: 1.814, depthMm: 1.162 },
  11: { pitchMm: 2.309, depthMm: 1.479 },
} as const;

export const PIPE_SIZES: readonly PipeSize[] = SIZES.map(([sixteenths, tpi, majorMm]) => ({
  ...sizeIn16ths(sixteenths),
  tpi,
  majorMm,
  ...PITCHES[tpi],
}));

const BY_SLUG = new Map(PIPE_SIZES.map((size) => [size.inches, size]));

/**
 * The size a pipe thread is named for.
 * @throws RangeError when the name is not one of ISO 228-1's
 */
export function pipeSizeOf({
  namedInch,
  designation,
}: {
  namedInch?: number;
  designation: string;
}): PipeSize {
  const size = namedInch === undefined ? undefined : BY_SLUG.get(namedInch);
  if (size === undefined) throw new RangeError(`${designation} is no size of ISO 228-1`);
  return size;
}

type PipeParts = Pick<Thread, "id" | "designation" | "family" | "series" | "choice" | "standard"> &
  Partial<Thread>;

/** A British pipe thread of a size, right-hand, 55 degrees; parallel unless told otherwise. */
export function pipeThread(size: PipeSize, parts: PipeParts): Thread {
  return {
    majorMm: size.majorMm,
    namedInch: size.inches,
    pitchMm: pitchMmFromTpi(size.tpi),
    tpi: size.tpi,
    flankAngleDeg: 55,
    starts: 1,
    hand: "right",
    verified: true,
    ...parts,
  };
}
