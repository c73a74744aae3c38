import { mmFromInches, roundTo } from "../../measure";
import { inchSizesOf, inchThread, rangeFromInches, sizeIn16ths } from "./inch-size";
import type { BasicSizes, FamilyStandard, Thread, ThreadLimits, ThreadSide } from "./thread";

/**
 * No standard holds the square thread. Old practice cut it at half the threads per inch of the coarse V thread of the
 * same diameter: sixteenths, threads per inch of that coarse thread.
 */
const COARSE: readonly (readonly [sixteenths: number, coarseTpi: number])[] = [
  [4, 20],
  [5, 18],
  [6, 16],
  [7, 14],
  [8, 13],
  [9, 12],
  [10, 11],
  [12, 10],
  [14, 9],
  [16, 8],
  [18, 7],
  [20, 7],
  [22, 6],
  [24, 6],
  [28, 5],
  [32, 4.5],
  [36, 4.5],
  [40, 4],
  [44, 4],
  [48, 4],
];

const r4 = (inches: number) => roundTo(inches, 4);

/** Depth half the pitch, so the pitch diameter lies a quarter of a pitch below the crest on either side. */
function squareBasicSizes(thread: Thread): BasicSizes {
  const { majorIn, pitchIn } = inchSizesOf(thread);
  return {
    major: thread.majorMm,
    pitch: mmFromInches(r4(majorIn - 0.5 * pitchIn)),
    minor: mmFromInches(r4(majorIn - pitchIn)),
  };
}

/** A workshop estimate: every diameter within a twentieth of the pitch. */
function squareLimits(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  const { majorIn, pitchIn } = inchSizesOf(thread);
  const band = 0.05 * pitchIn;
  const sizes = [majorIn, majorIn - 0.5 * pitchIn, majorIn - pitchIn] as const;
  const [major, pitch, minor] = sizes.map((size) =>
    side === "external"
      ? rangeFromInches(r4(size - band), r4(size))
      : rangeFromInches(r4(size), r4(size + band)),
  );
  return {
    toleranceClass,
    verified: false,
    major: major ?? {},
    pitch: pitch ?? {},
    minor: minor ?? {},
  };
}

/** Square threads of old presses, vices and jacks; every size is practice, none verified. */
export const square: FamilyStandard = {
  threads: COARSE.map(([sixteenths, coarseTpi]) => {
    const size = sizeIn16ths(sixteenths);
    const tpi = coarseTpi / 2;
    return inchThread(size, tpi, {
      family: "square",
      series: "square",
      designation: `${size.label}-${tpi} square`,
      flankAngleDeg: 0,
      choice: 3,
      standard: "trade practice, no standard",
      verified: false,
    });
  }),
  basicSizes: squareBasicSizes,
  classes: () => ["estimated"],
  limits: squareLimits,
};
