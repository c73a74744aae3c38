import { mmFromInches, roundTo } from "../../measure";
import { inchThread, rangeFromInches, sizeIn16ths } from "./inch-size";
import type {
  BasicSizes,
  FamilyStandard,
  TaperLengths,
  Thread,
  ThreadLimits,
  ThreadSide,
} from "./thread";

/** ASME B1.20.1:2013, table 2: sixteenths, threads per inch, outside diameter of the pipe, hand-tight engagement L1, in inches. */
const B1_20_1: readonly (readonly [
  sixteenths: number,
  tpi: number,
  outside: number,
  l1: number,
])[] = [
  [1, 27, 0.3125, 0.16],
  [2, 27, 0.405, 0.1615],
  [4, 18, 0.54, 0.2278],
  [6, 18, 0.675, 0.24],
  [8, 14, 0.84, 0.32],
  [12, 14, 1.05, 0.339],
  [16, 11.5, 1.315, 0.4],
  [20, 11.5, 1.66, 0.42],
  [24, 11.5, 1.9, 0.42],
  [32, 11.5, 2.375, 0.436],
  [40, 8, 2.875, 0.682],
  [48, 8, 3.5, 0.766],
  [56, 8, 4, 0.821],
  [64, 8, 4.5, 0.844],
  [80, 8, 5.563, 0.937],
  [96, 8, 6.625, 0.958],
];

const L1_BY_SIZE = new Map(B1_20_1.map(([sixteenths, , , l1]) => [sixteenths / 16, l1]));

interface AmericanPipe {
  readonly outside: number;
  readonly pitch: number;
  /** Hand-tight engagement L1 and effective thread L2. */
  readonly l1: number;
  readonly l2: number;
  /** Pitch diameter at the small end of the pipe, and at L1, where the ring gauge stands. */
  readonly e0: number;
  readonly e1: number;
}

/**
 * The lengths and pitch diameters of ASME B1.20.1, in inches: E0 = D - (0.05 D + 1.1) p, E1 = E0 + L1/16,
 * L2 = (0.80 D + 6.8) p.
 * @throws RangeError for a thread that is not of this standard
 */
function americanPipeInches(thread: Thread): AmericanPipe {
  const l1 = L1_BY_SIZE.get(thread.namedInch ?? Number.NaN);
  if (l1 === undefined || thread.tpi === undefined || thread.majorInch === undefined) {
    throw new RangeError(`${thread.designation} is no size of ASME B1.20.1`);
  }
  const outside = thread.majorInch;
  const pitch = 1 / thread.tpi;
  const e0 = roundTo(outside - (0.05 * outside + 1.1) * pitch, 5);
  return {
    outside,
    pitch,
    l1,
    l2: roundTo((0.8 * outside + 6.8) * pitch, 4),
    e0,
    e1: roundTo(e0 + l1 / 16, 5),
  };
}

/** L1, its tolerance of one turn, and L2 of an NPT thread, in mm. */
function americanTaperLengths(thread: Thread): TaperLengths {
  const { l1, l2, pitch } = americanPipeInches(thread);
  return {
    gaugeMm: mmFromInches(l1),
    gaugeToleranceMm: mmFromInches(pitch),
    usefulMm: mmFromInches(l2),
  };
}

/** Depth of the thread: 0.8 p, the sharp V truncated by 0.033 p at crest and root. */
const NPT_DEPTH = 0.8;
/** Depth of the parallel mechanical thread NPSM: that of the unified form. */
const UNIFIED_DEPTH = 0.64951905;

/** Pitch diameter E1 for all; a taper thread has its diameters half a full depth on either side of it. */
function basicSizes(thread: Thread): BasicSizes {
  const { e1, pitch } = americanPipeInches(thread);
  const depth = (thread.series === "NPSM" ? UNIFIED_DEPTH : NPT_DEPTH) * pitch;
  const minor = thread.series === "NPSM" ? e1 - 0.433013 * pitch : e1 - depth;
  return {
    major: mmFromInches(roundTo(e1 + depth, 4)),
    pitch: mmFromInches(roundTo(e1, 4)),
    minor: mmFromInches(roundTo(minor, 4)),
  };
}

const r4 = (inches: number) => roundTo(inches, 4);

/** A turn of the gauge, 1 for NPT and 1 1/2 for the parallel coupling thread NPSC, as a band of diameter at 1:16. */
function byTurns(thread: Thread, turns: number, toleranceClass: string): ThreadLimits {
  const { e1, pitch } = americanPipeInches(thread);
  const band = (turns * pitch) / 16;
  const around = (diameter: number) => rangeFromInches(r4(diameter - band), r4(diameter + band));
  const depth = NPT_DEPTH * pitch;
  return {
    toleranceClass,
    verified: true,
    major: around(e1 + depth),
    pitch: around(e1),
    minor: around(e1 - depth),
  };
}

/** Free-fitting mechanical joints: the unified formula for a length of nine pitches, 2A outside and 2B inside. Not checked against a table. */
function mechanicalLimits(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  const { e1, pitch } = americanPipeInches(thread);
  const major = e1 + UNIFIED_DEPTH * pitch;
  const tolerance =
    0.0015 * Math.cbrt(major) + 0.0015 * Math.sqrt(9 * pitch) + 0.015 * pitch ** (2 / 3);
  const shared = { toleranceClass, verified: false };
  if (side === "internal") {
    const minor = e1 - 0.433013 * pitch;
    return {
      ...shared,
      major: rangeFromInches(r4(major), undefined),
      pitch: rangeFromInches(r4(e1), r4(e1 + 1.3 * tolerance)),
      minor: rangeFromInches(r4(minor), r4(minor + 0.25 * pitch - 0.4 * pitch ** 2)),
    };
  }
  const lowered = 0.3 * tolerance;
  return {
    ...shared,
    major: rangeFromInches(r4(major - lowered - 0.06 * pitch ** (2 / 3)), r4(major - lowered)),
    pitch: rangeFromInches(r4(e1 - lowered - tolerance), r4(e1 - lowered)),
    minor: rangeFromInches(undefined, r4(major - lowered - 1.19078493 * pitch)),
  };
}

function limitsOf(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  if (thread.series === "NPSM") return mechanicalLimits(thread, side, toleranceClass);
  return byTurns(thread, thread.series === "NPSC" ? 1.5 : 1, toleranceClass);
}

function classesOf(thread: Thread, side: ThreadSide): readonly string[] {
  if (thread.only !== undefined && thread.only !== side) return [];
  if (thread.series !== "NPSM") return ["standard"];
  return side === "external" ? ["2A"] : ["2B"];
}

/** Sizes, in sixteenths, between which the two parallel threads are held. */
const PARALLEL_FROM = 2;
const PARALLEL_TO = 64;

function americanThreads(): Thread[] {
  return (["NPT", "NPSM", "NPSC"] as const).flatMap((series) =>
    B1_20_1.filter(([n]) => series === "NPT" || (n >= PARALLEL_FROM && n <= PARALLEL_TO)).map(
      ([sixteenths, tpi, outside]) => {
        const size = sizeIn16ths(sixteenths);
        const thread = inchThread({ ...size, inches: outside }, tpi, {
          family: "npt",
          series,
          id: `${series.toLowerCase()}-${size.slug}`,
          namedInch: size.inches,
          flankAngleDeg: 60,
          choice: series !== "NPT" ? 3 : sixteenths === 1 || sixteenths > 32 ? 2 : 1,
          standard: "ASME B1.20.1",
          ...(series === "NPT" ? { taper: 1 / 16 } : {}),
          ...(series === "NPSC" ? { only: "internal" as const } : {}),
        });
        return { ...thread, majorMm: basicSizes(thread).major };
      },
    ),
  );
}

/** American pipe threads: taper NPT, parallel NPSM (mechanical joints) and NPSC (couplings). Left out: Dryseal NPTF, of the same diameters and pitch, with sharper truncation. */
export const americanPipe: FamilyStandard = {
  threads: americanThreads(),
  basicSizes,
  classes: classesOf,
  limits: limitsOf,
  taperLengths: americanTaperLengths,
};
