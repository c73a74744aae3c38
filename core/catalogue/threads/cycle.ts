import { mmFromInches, roundTo } from "../../measure";
import { inchSizesOf, inchThread, rangeFromInches, sizeIn64ths, type InchSize } from "./inch-size";
import type { BasicSizes, FamilyStandard, Thread, ThreadLimits, ThreadSide } from "./thread";

/** BS 811: sizes in sixty-fourths and threads per inch. Left out: spoke sizes and those under 1/8 in. */
const BS_811: readonly (readonly [InchSize, number, 1 | 2 | 3])[] = [
  [sizeIn64ths(8), 40, 2],
  [sizeIn64ths(10), 32, 2],
  [sizeIn64ths(12), 32, 2],
  [sizeIn64ths(14), 26, 3],
  [sizeIn64ths(16), 26, 1],
  [sizeIn64ths(18), 26, 3],
  [sizeIn64ths(20), 26, 1],
  [sizeIn64ths(24), 26, 1],
  [sizeIn64ths(28), 26, 1],
  [sizeIn64ths(32), 26, 1],
  [sizeIn64ths(36), 26, 2],
  [sizeIn64ths(36), 20, 1],
  [sizeIn64ths(40), 26, 2],
  [sizeIn64ths(40), 20, 2],
  [sizeIn64ths(44), 26, 3],
  [sizeIn64ths(48), 26, 2],
  [sizeIn64ths(48), 20, 2],
  [sizeIn64ths(64), 24, 2],
  [{ label: "1.370", slug: "1.37", inches: 1.37 }, 24, 2],
];

/** Depth of the rounded 60 degree form: crests and roots of radius P/6. */
const DEPTH = 0.5327;

const r4 = (inches: number) => roundTo(inches, 4);

function basicInches(thread: Thread) {
  const { majorIn, pitchIn } = inchSizesOf(thread);
  const depth = r4(DEPTH * pitchIn);
  return { major: majorIn, pitch: r4(majorIn - depth), minor: r4(majorIn - 2 * depth), pitchIn };
}

function cycleBasicSizes(thread: Thread): BasicSizes {
  const { major, pitch, minor } = basicInches(thread);
  return { major: mmFromInches(major), pitch: mmFromInches(pitch), minor: mmFromInches(minor) };
}

/** An estimate in the manner of BS 84's medium class; the tolerances of BS 811 itself are not held. */
function cycleLimits(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  const { major, pitch, minor, pitchIn } = basicInches(thread);
  const tolerance =
    0.002 * Math.cbrt(major) + 0.003 * Math.sqrt(9 * pitchIn) + 0.005 * Math.sqrt(pitchIn);
  const band = tolerance + 0.01 * Math.sqrt(pitchIn);
  const shared = { toleranceClass, verified: false };
  if (side === "internal") {
    return {
      ...shared,
      major: rangeFromInches(major, undefined),
      pitch: rangeFromInches(pitch, r4(pitch + tolerance)),
      minor: rangeFromInches(minor, r4(minor + 0.2 * pitchIn + 0.004)),
    };
  }
  return {
    ...shared,
    major: rangeFromInches(r4(major - band), major),
    pitch: rangeFromInches(r4(pitch - tolerance), pitch),
    minor: rangeFromInches(r4(minor - band - 0.01 * Math.sqrt(pitchIn)), minor),
  };
}

/** British cycle threads: 26 and 20 TPI and their neighbours, 60 degrees, rounded. */
export const cycle: FamilyStandard = {
  threads: BS_811.map(([size, tpi, choice]) =>
    inchThread(size, tpi, {
      family: "cycle",
      series: "cycle",
      id: `cycle-${size.slug}-${tpi}`,
      designation: `${size.label}-${tpi} cycle`,
      alsoCalled: [`${size.label}-${tpi} BSC`, `${size.label}-${tpi} CEI`],
      flankAngleDeg: 60,
      choice,
      standard: "BS 811",
    }),
  ),
  basicSizes: cycleBasicSizes,
  classes: () => ["estimated"],
  limits: cycleLimits,
};
