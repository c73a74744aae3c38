import type { Thread } from "./thread";

/**
 * ISO 262:1998, selected sizes for screws, bolts and nuts: the fine pitches that are in ordinary trade, as
 * "diameter x pitch".
 */
const FINE: ReadonlySet<string> = new Set(
  [
    "8x1 10x1.25 10x1 12x1.5 12x1.25 14x1.5 16x1.5 18x2 18x1.5 20x2 20x1.5 22x2 22x1.5 24x2 27x2 30x2",
    "33x2 36x3 39x3 42x3 45x3 48x3 52x4 56x4 60x4 64x4",
  ].flatMap((row) => row.split(" ")),
);

/** Whether an ISO metric thread is one that screws are bought in: coarse, or a fine one that ISO 262 selects. */
export function isSelectedMetric({ family, series, majorMm, pitchMm }: Thread): boolean {
  return family === "iso-metric" && (series === "coarse" || FINE.has(`${majorMm}x${pitchMm}`));
}
