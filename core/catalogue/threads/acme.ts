import { mmFromInches, roundTo } from "../../measure";
import { inchSizesOf, inchThread, rangeFromInches, sizeIn16ths } from "./inch-size";
import type { BasicSizes, FamilyStandard, Thread, ThreadLimits, ThreadSide } from "./thread";

/** ASME B1.5, table of general-purpose sizes (B1.8 has the same for stub): sixteenths, threads per inch. Left out: over 5 in. */
const SIZES: readonly (readonly [sixteenths: number, tpi: number])[] = [
  [4, 16],
  [5, 14],
  [6, 12],
  [7, 12],
  [8, 10],
  [10, 8],
  [12, 6],
  [14, 6],
  [16, 5],
  [18, 5],
  [20, 5],
  [22, 4],
  [24, 4],
  [28, 4],
  [32, 4],
  [36, 3],
  [40, 3],
  [44, 3],
  [48, 2],
  [56, 2],
  [64, 2],
  [72, 2],
  [80, 2],
];

const isStub = (thread: Thread) => thread.series === "stub Acme";

/** Basic depth as a share of the pitch: a half, for stub three tenths. */
const depthShare = (thread: Thread) => (isStub(thread) ? 0.3 : 0.5);

const r4 = (inches: number) => roundTo(inches, 4);

function basicInches(thread: Thread) {
  const { majorIn, pitchIn } = inchSizesOf(thread);
  const depth = depthShare(thread) * pitchIn;
  return { major: majorIn, pitch: r4(majorIn - depth), minor: r4(majorIn - 2 * depth), pitchIn };
}

function acmeBasicSizes(thread: Thread): BasicSizes {
  const { major, pitch, minor } = basicInches(thread);
  return { major: mmFromInches(major), pitch: mmFromInches(pitch), minor: mmFromInches(minor) };
}

/** Allowance and tolerance of the pitch diameter: shares of D^(1/2), and of p^(1/2) for the tolerance (ASME B1.5, tables 4 to 6). */
const CLASSES = {
  "2G": { allowance: 0.008, byDiameter: 0.006, byPitch: 0.03 },
  "3G": { allowance: 0.006, byDiameter: 0.0028, byPitch: 0.014 },
  "4G": { allowance: 0.004, byDiameter: 0.002, byPitch: 0.01 },
} as const;

function acmeClasses(thread: Thread): readonly string[] {
  return isStub(thread) ? ["2G"] : ["2G", "3G", "4G"];
}

/**
 * Limits of a general-purpose Acme thread in mm (ASME B1.5): major 0.05 p, pitch diameter by class, external minor
 * 1.5 times that (1 for stub) below a clearance of 0.020 in (0.010 in from 11 threads per inch), internal major
 * 0.020 in over the same clearance.
 */
function acmeLimits(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  const { major, pitch, minor, pitchIn } = basicInches(thread);
  const shares = CLASSES[toleranceClass as keyof typeof CLASSES];
  const root = Math.sqrt(major);
  const tolerance = shares.byDiameter * root + shares.byPitch * Math.sqrt(pitchIn);
  const clearance = pitchIn >= 0.1 - 1e-9 ? 0.02 : 0.01;
  const crest = Math.max(0.05 * pitchIn, 0.005);
  const shared = { toleranceClass, verified: !isStub(thread) };
  if (side === "internal") {
    return {
      ...shared,
      major: rangeFromInches(r4(major + clearance), r4(major + clearance + 0.02)),
      pitch: rangeFromInches(pitch, r4(pitch + tolerance)),
      minor: rangeFromInches(minor, r4(minor + crest)),
    };
  }
  const pitchMax = pitch - shares.allowance * root;
  const minorMax = minor - clearance;
  const minorTolerance = (isStub(thread) ? 1 : 1.5) * tolerance;
  return {
    ...shared,
    major: rangeFromInches(r4(major - crest), major),
    pitch: rangeFromInches(r4(pitchMax - tolerance), r4(pitchMax)),
    minor: rangeFromInches(r4(minorMax - minorTolerance), r4(minorMax)),
  };
}

function ofSeries(series: "Acme" | "stub Acme", standard: string): Thread[] {
  const slug = series === "Acme" ? "acme" : "stub-acme";
  return SIZES.map(([sixteenths, tpi]) => {
    const size = sizeIn16ths(sixteenths);
    return inchThread(size, tpi, {
      family: "acme",
      series,
      id: `${slug}-${size.slug}-${tpi}`,
      flankAngleDeg: 29,
      choice: series === "Acme" ? 1 : 2,
      standard,
    });
  });
}

/** Acme and stub Acme threads of power screws. Left out: centralizing classes; the wider tolerances of long engagement. */
export const acme: FamilyStandard = {
  threads: [...ofSeries("Acme", "ASME B1.5"), ...ofSeries("stub Acme", "ASME B1.8")],
  basicSizes: acmeBasicSizes,
  classes: acmeClasses,
  limits: acmeLimits,
};
