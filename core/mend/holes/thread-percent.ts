import { basicSizes, smallEndReduction, type Thread } from "../../catalogue/threads";
import type { Mm } from "../../measure";

/** Full depth of thread, both sides together, as a share of the pitch: what 100 % means. */
function fullDepthShare(thread: Thread): number {
  switch (thread.family) {
    case "iso-metric":
    case "unified":
      // The American convention, three quarters of the sharp V; charts by 1.082532 P give higher figures.
      return 1.299038;
    case "whitworth":
    case "pipe-parallel":
    case "pipe-taper":
      return 1.280654;
    default: {
      const { major, minor } = basicSizes(thread);
      return (major - minor) / thread.pitchMm;
    }
  }
}

/** A taper hole is drilled to the small end of its thread. */
function drilledMajorMm(thread: Thread): Mm {
  return basicSizes(thread).major - smallEndReduction(thread);
}

/**
 * Percent of thread that a tapping drill leaves: 100 (D - drill) / full depth. 60 degree threads by the inch
 * convention 1.299038 P, 55 degree ones by 1.280654 P, others by their own basic depth; a taper thread at its small end.
 * @param drillMm drill diameter, mm
 * @returns over 100 for a drill under the minor diameter, under 0 for one over the major
 */
export function percentThread(thread: Thread, drillMm: Mm): number {
  return (100 * (drilledMajorMm(thread) - drillMm)) / (fullDepthShare(thread) * thread.pitchMm);
}

/** The drill diameter, mm, that leaves a given percent of thread. */
export function drillForPercent(thread: Thread, percent: number): Mm {
  return drilledMajorMm(thread) - (percent / 100) * fullDepthShare(thread) * thread.pitchMm;
}
