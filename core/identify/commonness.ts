import type { Thread } from "../threads";

/**
 * ISO 262:1998, selected sizes for screws, bolts and nuts: the fine pitches that are in ordinary trade, as
 * "diameter x pitch".
 */
const ISO_262_FINE: ReadonlySet<string> = new Set(
  [
    "8x1 10x1.25 10x1 12x1.5 12x1.25 14x1.5 16x1.5 18x2 18x1.5 20x2 20x1.5 22x2 22x1.5 24x2 27x2 30x2",
    "33x2 36x3 39x3 42x3 45x3 48x3 52x4 56x4 60x4 64x4",
  ].flatMap((row) => row.split(" ")),
);

const CHOICE_WEIGHT = { 1: 1, 2: 0.25, 3: 0.06 } as const;

function seriesWeight(thread: Thread): number {
  if (thread.family === "unified") return thread.series === "UNC" ? 0.6 : 0.35;
  if (thread.series === "coarse") return 1;
  return ISO_262_FINE.has(`${thread.majorMm}x${thread.pitchMm}`) ? 0.3 : 0.04;
}

/** General machinery is held together between about M5 and M16; the weight falls off evenly by ratio on both sides. */
function sizeWeight(thread: Thread): number {
  const octaves = Math.log(thread.majorMm / 9) / 0.9;
  return Math.exp(-0.5 * octaves * octaves) + 0.01;
}

/**
 * How common a thread is on a workbench, as a weight without unit. An estimate: the standards' own first, second
 * and third choice and ISO 262's selection give the order; the sizes of the steps are judgement.
 */
export function commonnessWeight(thread: Thread): number {
  return CHOICE_WEIGHT[thread.choice] * seriesWeight(thread) * sizeWeight(thread);
}

/** The word for it, by choice and series alone, so that a size is compared with its neighbours. */
export function commonnessOf(thread: Thread): "common" | "uncommon" | "rare" {
  const weight = CHOICE_WEIGHT[thread.choice] * seriesWeight(thread);
  if (weight >= 0.3) return "common";
  return weight >= 0.1 ? "uncommon" : "rare";
}
