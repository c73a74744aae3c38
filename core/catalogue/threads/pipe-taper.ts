import { roundTo, type Mm, pitchMmFromTpi } from "../../measure";
import { pipeBasicSizes } from "./pipe-parallel";
import { pipeSizeOf, pipeThread, PIPE_SIZES, type PipeSize } from "./pipe-sizes";
import type { FamilyStandard, TaperLengths, Thread, ThreadLimits, ThreadSide } from "./thread";

/** ISO 7-1:1994, table 1: sixteenths, basic gauge length, useful thread at the basic gauge length, both in mm. */
const LENGTHS: readonly (readonly [sixteenths: number, gauge: Mm, useful: Mm])[] = [
  [1, 4, 6.5],
  [2, 4, 6.5],
  [4, 6, 9.7],
  [6, 6.4, 10.1],
  [8, 8.2, 13.2],
  [12, 9.5, 14.5],
  [16, 10.4, 16.8],
  [20, 12.7, 19.1],
  [24, 12.7, 19.1],
  [32, 15.9, 23.4],
  [40, 17.5, 26.7],
  [48, 20.6, 29.8],
  [64, 25.4, 35.8],
  [80, 28.6, 40.1],
  [96, 28.6, 40.1],
];

const LENGTHS_BY_SIZE = new Map(
  LENGTHS.map(([sixteenths, gauge, useful]) => [sixteenths / 16, { gauge, useful }]),
);

/** From 2 1/2 in up the gauge plane may stand one and a half pitches from its place, below that one. */
const isLarge = ({ inches }: PipeSize) => inches >= 2.5;

/**
 * Gauge length with its tolerance, and the useful thread, of an R thread (ISO 7-1, table 1).
 * @throws RangeError for a size the standard does not have
 */
function isoTaperLengths(thread: Thread): TaperLengths {
  const size = pipeSizeOf(thread);
  const lengths = LENGTHS_BY_SIZE.get(size.inches);
  if (lengths === undefined) throw new RangeError(`${thread.designation} is no size of ISO 7-1`);
  const turns = isLarge(size) ? 1.5 : 1;
  return {
    gaugeMm: lengths.gauge,
    gaugeToleranceMm: roundTo(turns * pitchMmFromTpi(size.tpi), 1),
    usefulMm: lengths.useful,
  };
}

const choiceOf = ({ inches }: PipeSize) => (inches === 1 / 16 || inches > 2 ? 2 : 1);

const ISO_7 = { family: "pipe-taper", standard: "ISO 7-1" } as const;

function taperThread(size: PipeSize): Thread {
  return pipeThread(size, {
    ...ISO_7,
    id: `r-${size.slug}`,
    designation: `R ${size.label}`,
    series: "R",
    choice: choiceOf(size),
    taper: 1 / 16,
    alsoCalled: [`Rc ${size.label}`, `${size.label} BSPT`],
  });
}

function parallelInside(size: PipeSize): Thread {
  return pipeThread(size, {
    ...ISO_7,
    id: `rp-${size.slug}`,
    designation: `Rp ${size.label}`,
    series: "Rp",
    choice: choiceOf(size),
    only: "internal",
  });
}

/** Turns the internal gauge plane may stand off, as a band of diameter: 1.25 (1.5 from 2 1/2 in) turns at 1:16. */
function internalBand(size: PipeSize): Mm {
  const turns = isLarge(size) ? 1.5 : 1.25;
  return roundTo((turns * pitchMmFromTpi(size.tpi)) / 16, 3);
}

/**
 * Diameters at the gauge plane. Outside, the standard holds them exact and lets the plane itself move (see
 * `isoTaperLengths`), here turned into diameter; inside (Rc by its plane, Rp directly) they have a band.
 */
function taperLimits(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  const size = pipeSizeOf(thread);
  const basic = pipeBasicSizes(thread);
  const band =
    side === "external"
      ? roundTo(isoTaperLengths(thread).gaugeToleranceMm / 16, 3)
      : internalBand(size);
  const around = (diameter: Mm) => ({
    min: roundTo(diameter - band, 3),
    max: roundTo(diameter + band, 3),
  });
  return {
    toleranceClass,
    verified: true,
    major: around(basic.major),
    pitch: around(basic.pitch),
    minor: around(basic.minor),
  };
}

const ISO_7_SIZES = PIPE_SIZES.filter(({ inches }) => LENGTHS_BY_SIZE.has(inches));

/** Pipe threads that seal on the thread: R outside, Rc and Rp inside. */
export const pipeTaper: FamilyStandard = {
  threads: [...ISO_7_SIZES.map(taperThread), ...ISO_7_SIZES.map(parallelInside)],
  basicSizes: pipeBasicSizes,
  classes: (thread, side) =>
    thread.only === undefined || thread.only === side ? ["standard"] : [],
  limits: taperLimits,
  taperLengths: isoTaperLengths,
};
