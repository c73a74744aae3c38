import { oneGaugeOf } from "./best-leaf";
import { leafOutcomes, saidToDropIn } from "./leaf-evidence";
import { leavesWorthTrying } from "./leaves";
import type { InformativeTest } from "./next-test";
import type { LeafOutcome } from "./reading";
import type { LeafMark } from "./reason";
import { reckonedWith, taken, withAnswers, type TestSetting } from "./test-setting";
import { worthOf } from "./test-worth";

function ownedLeaves({ readings, standing, owns }: TestSetting): LeafMark[] {
  return leavesWorthTrying(standing, readings).filter((leaf) =>
    "tpi" in leaf ? owns.has("inch-leaves") || owns.has("leaves-55") : owns.has("metric-leaves"),
  );
}

/** With the gauge it is of, where leaves of one system only are owned. */
function layOn(leaf: LeafMark, outcome: LeafOutcome, { owns }: TestSetting) {
  const gauge = oneGaugeOf([...owns]);
  return taken({ kind: "leaf", ...leaf, outcome, ...(gauge === undefined ? {} : { gauge }) });
}

function oneLeafTest(leaf: LeafMark, setting: TestSetting): InformativeTest {
  const { standing } = setting;
  const chances = new Map(standing.map(({ thread }) => [thread.id, leafOutcomes(leaf, thread)]));
  const worth = worthOf(
    ["drops-in", "rocks"] as const,
    standing,
    (outcome, { id }) => chances.get(id)?.[outcome] ?? 0,
  );
  return {
    kind: "leaf",
    leaf,
    others: [],
    ...withAnswers(worth, (outcome) => layOn(leaf, outcome, setting)),
  };
}

/**
 * Which leaf of the gauge drops in: fitters try them one after the other, and say the one that lies best. Where only one
 * is to be reckoned with, whether that one does.
 */
function findLeafTest(leaves: readonly LeafMark[], setting: TestSetting): InformativeTest[] {
  const gauge = oneGaugeOf([...setting.owns]);
  const worth = worthOf(leaves, setting.standing, (leaf, thread) =>
    saidToDropIn(leaf, thread, gauge),
  );
  const likely = reckonedWith(worth.outcomes);
  const [leaf, ...others] = likely.map(({ answer }) => answer);
  if (leaf === undefined) return [];
  if (others.length === 0) return [oneLeafTest(leaf, setting)];
  const { bits, outcomes } = withAnswers({ ...worth, outcomes: likely }, (answer) =>
    layOn(answer, "drops-in", setting),
  );
  return [{ kind: "leaf", leaf, others, bits, outcomes }];
}

/** The leaves that tell: first which of them drops in; once one has, those that may lie better, one at a time. */
export function leafTests(setting: TestSetting): InformativeTest[] {
  const leaves = ownedLeaves(setting);
  const laid = setting.readings.some(
    (reading) => reading.kind === "leaf" && reading.outcome === "drops-in",
  );
  return laid ? leaves.map((leaf) => oneLeafTest(leaf, setting)) : findLeafTest(leaves, setting);
}
