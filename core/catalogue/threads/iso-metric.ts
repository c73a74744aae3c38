import type { Mm } from "../../measure";
import { isoBasicSizes, isoMetricClasses, isoMetricLimits } from "./iso-metric-limits";
import type { FamilyStandard, Thread } from "./thread";

/**
 * ISO 261:1998, table 2, M1 to M100. A row: nominal diameter, choice, coarse pitch (or null), fine pitches.
 * Left out: sizes over 100 mm.
 */
const ISO_261: readonly (readonly [Mm, 1 | 2 | 3, Mm | null, readonly Mm[]])[] = [
  [1, 1, 0.25, [0.2]],
  [1.1, 2, 0.25, [0.2]],
  [1.2, 1, 0.25, [0.2]],
  [1.4, 2, 0.3, [0.2]],
  [1.6, 1, 0.35, [0.2]],
  [1.8, 2, 0.35, [0.2]],
  [2, 1, 0.4, [0.25]],
  [2.2, 2, 0.45, [0.25]],
  [2.5, 1, 0.45, [0.35]],
  [3, 1, 0.5, [0.35]],
  [3.5, 2, 0.6, [0.35]],
  [4, 1, 0.7, [0.5]],
  [4.5, 2, 0.75, [0.5]],
  [5, 1, 0.8, [0.5]],
  [5.5, 3, null, [0.5]],
  [6, 1, 1, [0.75]],
  [7, 2, 1, [0.75]],
  [8, 1, 1.25, [1, 0.75]],
  [9, 3, 1.25, [1, 0.75]],
  [10, 1, 1.5, [1.25, 1, 0.75]],
  [11, 3, 1.5, [1, 0.75]],
  [12, 1, 1.75, [1.5, 1.25, 1]],
  [14, 2, 2, [1.5, 1.25, 1]],
  [15, 3, null, [1.5, 1]],
  [16, 1, 2, [1.5, 1]],
  [17, 3, null, [1.5, 1]],
  [18, 2, 2.5, [2, 1.5, 1]],
  [20, 1, 2.5, [2, 1.5, 1]],
  [22, 2, 2.5, [2, 1.5, 1]],
  [24, 1, 3, [2, 1.5, 1]],
  [25, 3, null, [2, 1.5, 1]],
  [26, 3, null, [1.5]],
  [27, 2, 3, [2, 1.5, 1]],
  [28, 3, null, [2, 1.5, 1]],
  [30, 1, 3.5, [3, 2, 1.5, 1]],
  [32, 3, null, [2, 1.5]],
  [33, 2, 3.5, [3, 2, 1.5]],
  [35, 3, null, [1.5]],
  [36, 1, 4, [3, 2, 1.5]],
  [38, 3, null, [1.5]],
  [39, 2, 4, [3, 2, 1.5]],
  [40, 3, null, [3, 2, 1.5]],
  [42, 1, 4.5, [4, 3, 2, 1.5]],
  [45, 2, 4.5, [4, 3, 2, 1.5]],
  [48, 1, 5, [4, 3, 2, 1.5]],
  [50, 3, null, [3, 2, 1.5]],
  [52, 2, 5, [4, 3, 2, 1.5]],
  [55, 3, null, [4, 3, 2, 1.5]],
  [56, 1, 5.5, [4, 3, 2, 1.5]],
  [58, 3, null, [4, 3, 2, 1.5]],
  [60, 2, 5.5, [4, 3, 2, 1.5]],
  [62, 3, null, [4, 3, 2, 1.5]],
  [64, 1, 6, [4, 3, 2, 1.5]],
  [65, 3, null, [4, 3, 2, 1.5]],
  [68, 2, 6, [4, 3, 2, 1.5]],
  [70, 3, null, [6, 4, 3, 2, 1.5]],
  [72, 1, null, [6, 4, 3, 2, 1.5]],
  [75, 3, null, [4, 3, 2, 1.5]],
  [76, 2, null, [6, 4, 3, 2, 1.5]],
  [78, 3, null, [2]],
  [80, 1, null, [6, 4, 3, 2, 1.5]],
  [82, 3, null, [2]],
  [85, 2, null, [6, 4, 3, 2]],
  [90, 1, null, [6, 4, 3, 2]],
  [95, 2, null, [6, 4, 3, 2]],
  [100, 1, null, [6, 4, 3, 2]],
];

/** Small screws of JIS B 0205 and DIN 13 before ISO 261, withdrawn since and met in older instruments, clocks and cameras. */
const WITHDRAWN: readonly (readonly [Mm, Mm])[] = [
  [1.7, 0.35],
  [2.3, 0.4],
  [2.6, 0.45],
];

function isoThread(majorMm: Mm, pitchMm: Mm, choice: 1 | 2 | 3, series: "coarse" | "fine"): Thread {
  return {
    id: `iso-m${majorMm}x${pitchMm}`,
    designation: `M${majorMm} x ${pitchMm}`,
    family: "iso-metric",
    series,
    majorMm,
    pitchMm,
    flankAngleDeg: 60,
    starts: 1,
    hand: "right",
    choice,
    standard: "ISO 261, ISO 965-1",
    verified: true,
  };
}

/** Their limits are what ISO 965-1 makes of the size: an estimate, as their own standards had other ones. */
const withdrawn = ([majorMm, pitchMm]: readonly [Mm, Mm]): Thread => ({
  ...isoThread(majorMm, pitchMm, 3, "coarse"),
  standard: "JIS B 0205, withdrawn size",
  verified: false,
});

/** Every ISO metric thread from M1 to M100: the coarse pitch and the fine pitches of ISO 261; and the withdrawn ones. */
function isoMetricThreads(): Thread[] {
  const current = ISO_261.flatMap(([major, choice, coarse, fine]) => [
    ...(coarse === null ? [] : [isoThread(major, coarse, choice, "coarse")]),
    ...fine.map((pitch) => isoThread(major, pitch, choice, "fine")),
  ]);
  return [...current, ...WITHDRAWN.map(withdrawn)].sort((a, b) => a.majorMm - b.majorMm);
}

/** ISO metric threads: sizes of ISO 261, limits of ISO 965-1. */
export const isoMetric: FamilyStandard = {
  threads: isoMetricThreads(),
  basicSizes: isoBasicSizes,
  classes: isoMetricClasses,
  limits: isoMetricLimits,
};
