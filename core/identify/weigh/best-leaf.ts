import { pitchMmFromTpi, type Mm } from "../../measure";
import { INCH_LEAVES, METRIC_LEAVES } from "./gauge-leaves";

/**
 * So often the leaves next to one that drops in are held against it before it is called: the one that lies best is said. Else
 * the first that lies right is. An estimate.
 */
const COMPARED = 0.7;

/** The light under two leaves' ends that the eye tells apart, sd, mm. An estimate. */
const LIGHT_SD_MM = 0.04;

/** Leaves further off than this share of the pitch are not mistaken for it. */
const NEAR = 0.06;

/** The systems that leaves are of. */
export const GAUGES = ["metric", "inch"] as const;

/** The gauge that a fitter owns, where it is not of both systems. */
export type OneGauge = (typeof GAUGES)[number];

const PITCHES: Readonly<Record<OneGauge, readonly Mm[]>> = {
  metric: METRIC_LEAVES,
  inch: INCH_LEAVES.map(pitchMmFromTpi),
};

const BOTH: readonly Mm[] = [...PITCHES.metric, ...PITCHES.inch];

/** By the leaves that are owned, and the one that is called. */
const rivalsOf = new Map<readonly Mm[], Map<Mm, readonly Mm[]>>();

/** The pitches of the other leaves that might be called instead. */
function rivals(leafPitch: Mm, gauge: OneGauge | undefined): readonly Mm[] {
  const owned = gauge === undefined ? BOTH : PITCHES[gauge];
  const ofOwned = rivalsOf.get(owned) ?? new Map<Mm, readonly Mm[]>();
  rivalsOf.set(owned, ofOwned);
  const known = ofOwned.get(leafPitch);
  if (known !== undefined) return known;
  const near = owned.filter((pitchMm) => {
    const off = Math.abs(pitchMm / leafPitch - 1);
    return off > 1e-9 && off < NEAR;
  });
  ofOwned.set(leafPitch, near);
  return near;
}

/**
 * How likely this leaf, which drops in, is the one that is called, on a thread of this pitch: 1 where no other leaf of the
 * gauge lies about as well, less where another lies better.
 * @param engaged teeth of the leaf that lie in the thread
 * @param gauge where leaves of one system only are owned
 */
export function calledBest(
  leafPitch: Mm,
  threadPitch: Mm,
  engaged: number,
  gauge: OneGauge | undefined,
): number {
  const others = rivals(leafPitch, gauge);
  // Where none of them lies, the one that is called is any of them.
  if (Math.abs(threadPitch / leafPitch - 1) > 2 * NEAR) {
    return 1 - COMPARED + COMPARED / (others.length + 1);
  }
  const lies = (pitchMm: Mm) => {
    const light = (engaged * Math.abs(pitchMm - threadPitch)) / 2 / LIGHT_SD_MM;
    return Math.exp(-0.5 * light * light) + 1e-9;
  };
  const own = lies(leafPitch);
  const all = others.reduce((sum, pitchMm) => sum + lies(pitchMm), own);
  return 1 - COMPARED + (COMPARED * own) / all;
}

/** The one system whose leaves are owned; undefined where both are, or nothing was said of them. */
export function oneGaugeOf(tools: readonly string[] | undefined): OneGauge | undefined {
  if (tools === undefined) return undefined;
  const metric = tools.includes("metric-leaves");
  const inch = tools.includes("inch-leaves") || tools.includes("leaves-55");
  if (metric === inch) return undefined;
  return metric ? "metric" : "inch";
}
