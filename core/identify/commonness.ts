import { isSelectedMetric, type Thread } from "../threads";

const CHOICE_WEIGHT = { 1: 1, 2: 0.25, 3: 0.06 } as const;

/** Every series but ISO metric against metric coarse, on benches of today without regard to origin. */
const SERIES_WEIGHT: Readonly<Record<string, number>> = {
  UNC: 0.6,
  UNF: 0.35,
  UNEF: 0.03,
  UNS: 0.03,
  "8-UN": 0.02,
  "12-UN": 0.02,
  "16-UN": 0.02,
  BSW: 0.08,
  BSF: 0.05,
  BA: 0.1,
  G: 0.12,
  R: 0.1,
  Rp: 0.03,
  NPT: 0.12,
  Tr: 0.03,
  Acme: 0.02,
  Pg: 0.02,
  NH: 0.02,
  "conduit M": 0.02,
  STI: 0.12,
};

/** Constant-pitch series, brass, cycle, square, stub Acme and the parallel American pipe threads. */
const RARE_SERIES = 0.008;

function seriesWeight(thread: Thread): number {
  if (thread.family !== "iso-metric") return SERIES_WEIGHT[thread.series] ?? RARE_SERIES;
  if (thread.series === "coarse") return 1;
  return isSelectedMetric(thread) ? 0.3 : 0.04;
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
