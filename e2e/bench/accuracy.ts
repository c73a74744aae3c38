import { catalogue, identify, type Reading } from "@root-gauge/core";
import type { TrialRun } from "@root-gauge/trials/simulate";
import { inOwnProcess } from "./own-process";
import { print, quantile } from "./report";

const SEED = 20000;
const PARTS = 20_000;
/** The fixed order takes some seven tests a part; a quarter of the parts is enough for its mean. */
const IN_FIXED_ORDER = 5_000;

const run = (weighted: boolean) =>
  inOwnProcess<TrialRun>("accuracy-run.ts", {
    seed: SEED,
    parts: PARTS,
    options: { weighted, fixed: IN_FIXED_ORDER },
  });

const percent = (share: number) => `${(100 * share).toFixed(2)} %`;

type Row = readonly [string, (run: TrialRun) => string];

const ROWS: readonly Row[] = [
  ["parts", ({ parts }) => parts.toLocaleString("en")],
  ["not to be told apart by diameter and pitch", ({ inseparable }) => percent(inseparable)],
  ["(a) chart: right first, of all", ({ chart }) => percent(chart.all.top1)],
  ["(a) chart: right among three, of all", ({ chart }) => percent(chart.all.top3)],
  ["(a) chart: right first, of those to be told", ({ chart }) => percent(chart.separable.top1)],
  ["(b) engine: right first, of all", ({ engine }) => percent(engine.all.top1)],
  ["(b) engine: right among three, of all", ({ engine }) => percent(engine.all.top3)],
  ["(b) engine: right first, of those to be told", ({ engine }) => percent(engine.separable.top1)],
  ["(b) expected calibration error", ({ calibrationError }) => calibrationError.toFixed(4)],
  ["(b) settled", ({ settled }) => percent(settled)],
  ["(b) settled and wrong", ({ wrongButSettled }) => percent(wrongButSettled)],
  ["(b) called contradictory", ({ contradictory }) => percent(contradictory)],
  ["(c) own tests: settled", ({ own }) => percent(own.settled)],
  ["(c) own tests: right in the end", ({ own }) => percent(own.right)],
  ["(c) own tests: settled and wrong", ({ own }) => percent(own.wrongButSettled)],
  ["(c) own tests: mean number", ({ own }) => own.meanTests.toFixed(2)],
  ["fixed order: settled", ({ fixed }) => percent(fixed.settled)],
  ["fixed order: right in the end", ({ fixed }) => percent(fixed.right)],
  ["fixed order: mean number", ({ fixed }) => fixed.meanTests.toFixed(2)],
  ["(c) against the fixed order", ({ own, fixed }) => percent(own.meanTests / fixed.meanTests)],
];

/** Twenty thousand parts drawn as often as they are common, and as many drawn evenly, as a Markdown table. */
export async function benchAccuracy(): Promise<void> {
  print(`accuracy: ${PARTS} parts drawn twice, seed ${SEED}; this takes some minutes`);
  const [common, even] = await Promise.all([run(true), run(false)]);
  print("| | as common as they are | all alike |");
  print("| --- | --- | --- |");
  for (const [name, figure] of ROWS) print(`| ${name} | ${figure(common)} | ${figure(even)} |`);
}

const UPDATES = 1000;
/** The engine is compiled as it is used; a Bench that has been open for a minute is warm. */
const WARM_UP = 600;

/** A second reading added to a first, over many diameters: what a touch on the Bench costs. */
export function benchUpdate(): void {
  const times: number[] = [];
  for (let i = 0; i < UPDATES + WARM_UP; i += 1) {
    const diameter: Reading = { kind: "external-diameter", mm: 3 + ((i * 7.31) % 40) };
    identify([diameter]);
    const leaf: Reading = { kind: "leaf", pitchMm: 1 + (i % 4) / 4, outcome: "rocks" };
    const start = performance.now();
    identify([diameter, leaf]);
    if (i >= WARM_UP) times.push(1000 * (performance.now() - start));
  }
  print(
    `update, ${catalogue().length} threads, a reading added, next tests included, ${times.length} updates: median ${quantile(times, 0.5).toFixed(0)} µs, p95 ${quantile(times, 0.95).toFixed(0)} µs (aim: p95 under 4000)`,
  );
}
