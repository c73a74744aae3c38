import type { Thread, ThreadFamily } from "../../catalogue/threads";
import { inchesFromMm } from "../../measure";
import type { Evidence } from "./evidence";
import type { Agreement } from "./agreement";
import { markKind, type MarkKind } from "./mark-kind";

type Shares = Readonly<Record<MarkKind, number>>;

const METRIC: Shares = {
  "metric-class": 0.6,
  stainless: 0.12,
  lines: 0.003,
  letter: 0.005,
  "nut-marks": 0.05,
  structural: 0.002,
  none: 0.2,
  maker: 0.07,
};
const UNIFIED: Shares = {
  "metric-class": 0.004,
  stainless: 0.03,
  lines: 0.5,
  letter: 0.02,
  "nut-marks": 0.12,
  structural: 0.04,
  none: 0.38,
  maker: 0.07,
};
const BRITISH: Shares = {
  "metric-class": 0.002,
  stainless: 0.005,
  lines: 0.01,
  letter: 0.2,
  "nut-marks": 0.002,
  structural: 0.001,
  none: 0.7,
  maker: 0.08,
};
const UNGRADED: Shares = {
  "metric-class": 0.01,
  stainless: 0.03,
  lines: 0.005,
  letter: 0.02,
  "nut-marks": 0.003,
  structural: 0.002,
  none: 0.85,
  maker: 0.08,
};

/** How often a part of a family bears each kind of mark (ISO 898-1, SAE J429, older British practice). Estimates. */
const MARKS: Readonly<Record<ThreadFamily, Shares>> = {
  "iso-metric": METRIC,
  unified: UNIFIED,
  whitworth: BRITISH,
  ba: BRITISH,
  cycle: BRITISH,
  "pipe-parallel": UNGRADED,
  "pipe-taper": UNGRADED,
  npt: UNGRADED,
  trapezoidal: UNGRADED,
  acme: UNGRADED,
  square: UNGRADED,
  conduit: UNGRADED,
  hose: UNGRADED,
  "gas-cylinder": UNGRADED,
  "insert-tapped": UNGRADED,
};

/** SAE J429 grades 5 and 8 with their lines: 1/4 to 1 1/2 in. */
const LEAST_LINED_IN = 0.245;
const MOST_LINED_IN = 1.51;
const OUTSIDE_ITS_SIZES = 0.1;
/** ISO 898-1 wants no mark under M5. */
const LEAST_MARKED_MM = 5;

/** Probability of this kind of mark on a part of the thread. */
export function markChance(kind: MarkKind, thread: Thread): number {
  const share = MARKS[thread.family][kind];
  const inches = inchesFromMm(thread.majorMm);
  if (kind === "lines" && (inches < LEAST_LINED_IN || inches > MOST_LINED_IN)) {
    return share * OUTSIDE_ITS_SIZES;
  }
  if (thread.family !== "iso-metric" || thread.majorMm >= LEAST_MARKED_MM) return share;
  if (kind === "none") return 0.8;
  return kind === "metric-class" ? 0.1 : share;
}

const UNKNOWN_MARKS = UNGRADED;

function softly(share: number): Agreement {
  return share >= 0.02 ? "agrees" : "strained";
}

/** Marks on head or nut. */
export const headMarkEvidence: Evidence<"head-mark"> = {
  likelihood: ({ mark }, thread) => markChance(markKind(mark), thread),
  unknownLikelihood: ({ mark }) => UNKNOWN_MARKS[markKind(mark)],
  reason: ({ mark }, thread) => ({
    code: "head-mark",
    agreement: softly(markChance(markKind(mark), thread)),
    mark,
    markKind: markKind(mark),
    family: thread.family,
  }),
};
