import { leafMark, leafOutcomes } from "./leaf-evidence";
import type { Reading } from "./reading";
import type { LeafMark } from "./reason";
import type { Contender } from "./test-worth";

/** The leaves of an ordinary 60-degree metric gauge, mm. */
const METRIC_LEAVES = [
  0.25, 0.3, 0.35, 0.4, 0.45, 0.5, 0.6, 0.7, 0.75, 0.8, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5, 4, 4.5,
  5, 5.5, 6,
] as const;

/** The leaves of ordinary inch gauges, 60 and 55 degrees together, with the pipe pitches 11.5, 19 and 27; threads per inch. */
const INCH_LEAVES = [
  4, 4.5, 5, 6, 7, 8, 9, 10, 11, 11.5, 12, 13, 14, 16, 18, 19, 20, 22, 24, 26, 27, 28, 30, 32, 36,
  40, 44, 48, 56, 64, 72, 80,
] as const;

/** Every leaf offered: the metric set, then the inch set. */
export const LEAVES: readonly LeafMark[] = [
  ...METRIC_LEAVES.map((pitchMm) => ({ pitchMm })),
  ...INCH_LEAVES.map((tpi) => ({ tpi })),
];

/** Whether two leaves carry the same mark. */
export function sameLeaf(a: LeafMark, b: LeafMark): boolean {
  return "tpi" in a ? "tpi" in b && a.tpi === b.tpi : "pitchMm" in b && a.pitchMm === b.pitchMm;
}

function wasTried(leaf: LeafMark, readings: readonly Reading[]): boolean {
  return readings.some((reading) => reading.kind === "leaf" && sameLeaf(leaf, leafMark(reading)));
}

/** Leaves that are the exact pitch of something still standing and have not been tried. */
export function leavesWorthTrying(
  standing: readonly Contender[],
  readings: readonly Reading[],
): LeafMark[] {
  const ofStanding = standing.map(({ thread }): LeafMark =>
    thread.tpi === undefined ? { pitchMm: thread.pitchMm } : { tpi: thread.tpi },
  );
  return ofStanding
    .filter((leaf, i) => ofStanding.findIndex((other) => sameLeaf(leaf, other)) === i)
    .filter((leaf) => !wasTried(leaf, readings));
}

/** A leaf and the chance that it is seen to drop in. */
export interface RankedLeaf {
  readonly leaf: LeafMark;
  readonly dropsIn: number;
}

/**
 * All leaves with the chance that each drops in on the part as known so far, likeliest first.
 * Leaves of equal chance keep the gauge's own order.
 * @param standing threads still in the running with their probabilities
 */
export function rankLeaves(standing: readonly Contender[]): RankedLeaf[] {
  return LEAVES.map((leaf) => ({
    leaf,
    dropsIn: standing.reduce(
      (sum, { thread, probability }) => sum + probability * leafOutcomes(leaf, thread)["drops-in"],
      0,
    ),
  })).sort((a, b) => b.dropsIn - a.dropsIn);
}
