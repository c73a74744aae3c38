import { roundTo, type Mm, pitchMmFromTpi } from "../../measure";
import { isoBasicSizes, isoMetricLimits } from "./iso-metric-limits";
import type { BasicSizes, FamilyStandard, Thread, ThreadLimits, ThreadSide } from "./thread";

/** DIN 40430, table 1: name, threads per inch, outside and core diameter in mm. */
const DIN_40430: readonly (readonly [name: string, tpi: number, major: Mm, minor: Mm])[] = [
  ["7", 20, 12.5, 11.28],
  ["9", 18, 15.2, 13.86],
  ["11", 18, 18.6, 17.26],
  ["13.5", 18, 20.4, 19.06],
  ["16", 18, 22.5, 21.16],
  ["21", 16, 28.3, 26.78],
  ["29", 16, 37, 35.48],
  ["36", 16, 47, 45.48],
  ["42", 16, 54, 52.48],
  ["48", 16, 59.3, 57.78],
];

const CORES = new Map(DIN_40430.map(([name, , , minor]) => [`pg-${name}`, minor]));

function pgThread(name: string, tpi: number, majorMm: Mm): Thread {
  return {
    id: `pg-${name}`,
    designation: `Pg ${name}`,
    family: "conduit",
    series: "Pg",
    majorMm,
    pitchMm: pitchMmFromTpi(tpi),
    tpi,
    flankAngleDeg: 80,
    starts: 1,
    hand: "right",
    choice: 2,
    standard: "DIN 40430",
    verified: true,
  };
}

/** IEC 60423 takes ISO metric threads of 1.5 mm pitch for conduit; M63 alone is not a size of ISO 261, so it stands here. */
const M63: Thread = {
  id: "conduit-m63x1.5",
  designation: "M63 x 1.5",
  family: "conduit",
  series: "conduit M",
  majorMm: 63,
  pitchMm: 1.5,
  flankAngleDeg: 60,
  starts: 1,
  hand: "right",
  choice: 2,
  standard: "IEC 60423, ISO 965-1",
  verified: true,
};

function conduitBasicSizes(thread: Thread): BasicSizes {
  const core = CORES.get(thread.id);
  if (core === undefined) return isoBasicSizes(thread);
  return { major: thread.majorMm, pitch: roundTo((thread.majorMm + core) / 2, 3), minor: core };
}

/** Outside and core diameter of Pg by DIN 40430's bands; those of the pitch diameter are not held, so the limits count as unverified. */
function pgLimits(thread: Thread, side: ThreadSide, toleranceClass: string): ThreadLimits {
  const { major, pitch, minor } = conduitBasicSizes(thread);
  const small = major < 25;
  const shared = { toleranceClass, verified: false };
  if (side === "internal") {
    const band = small ? 0.15 : 0.25;
    return {
      ...shared,
      major: { min: major },
      pitch: { min: pitch, max: roundTo(pitch + band, 3) },
      minor: { min: minor, max: roundTo(minor + band, 3) },
    };
  }
  const band = small ? 0.2 : 0.3;
  const below = (size: Mm) => ({ min: roundTo(size - band, 3), max: size });
  return { ...shared, major: below(major), pitch: below(pitch), minor: below(minor) };
}

/** Conduit and cable glands: Pg, and the metric size that ISO 261 does not have. */
export const conduit: FamilyStandard = {
  threads: [...DIN_40430.map(([name, tpi, major]) => pgThread(name, tpi, major)), M63],
  basicSizes: conduitBasicSizes,
  classes: (thread, side) =>
    thread.series === "Pg" ? ["standard"] : [side === "external" ? "6g" : "6H"],
  limits: (thread, side, toleranceClass) =>
    thread.series === "Pg"
      ? pgLimits(thread, side, toleranceClass)
      : isoMetricLimits(thread, side, toleranceClass),
};
