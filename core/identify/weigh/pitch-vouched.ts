import type { Reading } from "./reading";

/** Whether a reading vouches for the pitch: a leaf that dropped in, a count, a length, or a known part that ran up. */
export function vouchesForPitch(reading: Reading): boolean {
  switch (reading.kind) {
    case "leaf":
      return reading.outcome === "drops-in";
    case "trial-fit":
      return reading.outcome === "runs-freely";
    default:
      return reading.kind === "count" || reading.kind === "crest-to-crest";
  }
}
