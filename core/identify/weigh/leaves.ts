import { INCH_LEAVES, METRIC_LEAVES } from "./gauge-leaves";
import { leafMark, leafOutcomes } from "./leaf-evidence";
import type { Reading } from "./reading";
import type { LeafMark } from "./reason";
import type { Contender } from "./test-worth";

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
