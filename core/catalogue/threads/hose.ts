import { mmFromInches, roundTo } from "../../measure";
import { inchThread, rangeFromInches } from "./inch-size";
import type { BasicSizes, FamilyStandard, Thread, ThreadLimits, ThreadSide } from "./thread";

/** ASME B1.20.7, garden hose, in inches: the outside part's largest sizes, the allowance to the inside part, and the tolerances. */
const NH = {
  major: 1.0625,
  tpi: 11.5,
  allowance: 0.01,
  pitchTolerance: 0.0085,
  crestTolerance: 0.017,
};
const DEPTH = 0.649519 / NH.tpi;

const r4 = (inches: number) => roundTo(inches, 4);
const EXTERNAL = { major: NH.major, pitch: r4(NH.major - DEPTH), minor: r4(NH.major - 2 * DEPTH) };

function hoseBasicSizes(): BasicSizes {
  return {
    major: mmFromInches(EXTERNAL.major),
    pitch: mmFromInches(EXTERNAL.pitch),
    minor: mmFromInches(EXTERNAL.minor),
  };
}

function hoseLimits(_thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  const shared = { toleranceClass, verified: true };
  if (side === "external") {
    const { major, pitch, minor } = EXTERNAL;
    return {
      ...shared,
      major: rangeFromInches(r4(major - NH.crestTolerance), major),
      pitch: rangeFromInches(r4(pitch - NH.pitchTolerance), pitch),
      minor: rangeFromInches(undefined, minor),
    };
  }
  const major = EXTERNAL.major + NH.allowance;
  const pitch = EXTERNAL.pitch + NH.allowance;
  const minor = EXTERNAL.minor + NH.allowance;
  return {
    ...shared,
    major: rangeFromInches(r4(major), undefined),
    pitch: rangeFromInches(r4(pitch), r4(pitch + NH.pitchTolerance)),
    minor: rangeFromInches(r4(minor), r4(minor + NH.crestTolerance)),
  };
}

/** American hose coupling thread. Left out: fire hose and the sizes over 3/4. */
export const hose: FamilyStandard = {
  threads: [
    inchThread({ label: "3/4", slug: "3/4", inches: NH.major }, NH.tpi, {
      family: "hose",
      series: "NH",
      namedInch: 0.75,
      alsoCalled: ["3/4-11.5 GHT"],
      flankAngleDeg: 60,
      choice: 2,
      standard: "ASME B1.20.7",
    }),
  ],
  basicSizes: hoseBasicSizes,
  classes: () => ["standard"],
  limits: hoseLimits,
};
