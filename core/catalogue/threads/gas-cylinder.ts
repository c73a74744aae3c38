import { pitchMmFromTpi, roundTo, type Mm, inchesFromMm } from "../../measure";
import { inchSizesOf } from "./inch-size";
import type { BasicSizes, FamilyStandard, Thread, ThreadLimits, ThreadSide } from "./thread";
import { whitworthLimits } from "./whitworth-limits";

/** DIN 477-1, outlets of cylinder valves with a thread of their own; the others have G 3/8 to G 3/4 and 1 in. */
const DIN_477: readonly (readonly [name: string, major: Mm])[] = [
  ["21.80", 21.8],
  ["24.32", 24.32],
];

const TPI = 14;
/** Depth of the rounded 55 degree form, as a share of the pitch (BS 84). */
const DEPTH = 0.640327;

function outlet(name: string, majorMm: Mm): Thread {
  return {
    id: `gas-w${name}-${TPI}`,
    designation: `W ${name} x 1/${TPI}`,
    family: "gas-cylinder",
    series: "cylinder W",
    majorMm,
    majorInch: inchesFromMm(majorMm),
    pitchMm: pitchMmFromTpi(TPI),
    tpi: TPI,
    flankAngleDeg: 55,
    starts: 1,
    hand: "right",
    choice: 2,
    standard: "DIN 477-1",
    verified: true,
  };
}

function outletSizes({ majorMm, pitchMm }: Thread): BasicSizes {
  const depth = DEPTH * pitchMm;
  return {
    major: majorMm,
    pitch: roundTo(majorMm - depth, 3),
    minor: roundTo(majorMm - 2 * depth, 3),
  };
}

/** An estimate, BS 84's medium class at this size and pitch: the bands of DIN 477 itself are not held. */
function outletLimits(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  // The limits are made in ten-thousandths of an inch: the size under the thread's own.
  const majorInch = Math.floor(inchSizesOf(thread).majorIn * 10_000) / 10_000;
  const limits = whitworthLimits({ ...thread, majorInch }, side, "medium");
  return { ...limits, toleranceClass, verified: false };
}

/** Outlets of gas cylinder valves, Whitworth form, 14 to the inch: of gases that burn they turn to the left. */
export const gasCylinder: FamilyStandard = {
  threads: DIN_477.map(([name, major]) => outlet(name, major)),
  basicSizes: outletSizes,
  classes: () => ["estimated"],
  limits: outletLimits,
};
