import type { BucketTrial } from "@root-gauge/trials/simulate";
import { inOwnProcess } from "./own-process";
import { print } from "./report";

const SEEDS = [1911, 1934] as const;
const OPTIONS = { parts: 6_000, led: 2_000, counted: 300_000 } as const;

const run = (seed: number) => inOwnProcess<BucketTrial>("bucket-run.ts", { seed, ...OPTIONS });

const percent = (share: number) => `${(100 * share).toFixed(2)} %`;

const ROWS: readonly (readonly [string, (trial: BucketTrial) => string])[] = [
  ["parts", ({ parts }) => parts.toLocaleString("en")],
  ["size and pitch: right first, of threads held", ({ first }) => percent(first)],
  ["the most that is possible with these readings", ({ bound }) => percent(bound)],
  ["right among three", ({ three }) => percent(three)],
  ["size alone: right first", ({ sizeAlone }) => percent(sizeAlone)],
  ["expected calibration error", ({ calibrationError }) => calibrationError.toFixed(4)],
  ["settled", ({ settled }) => percent(settled)],
  ["settled and wrong", ({ settledWrong }) => percent(settledWrong)],
  ["condition given: said not to add up", ({ accusedStated }) => percent(accusedStated)],
  ["condition not given: said not to add up", ({ accusedSound }) => percent(accusedSound)],
  ["slips that can be seen", ({ slipsSeen }) => String(slipsSeen)],
  ["of those: among the suspects", ({ slipNamed }) => percent(slipNamed)],
  ["of those: the first suspect", ({ slipNamedFirst }) => percent(slipNamedFirst)],
  ["threads not held: unknown, open or contradictory", ({ unheldSaid }) => percent(unheldSaid)],
  ["led by its own tests: parts", ({ led }) => led.parts.toLocaleString("en")],
  ["led: settled", ({ led }) => percent(led.settled)],
  ["led: right in the end", ({ led }) => percent(led.right)],
  ["led: settled and wrong", ({ led }) => percent(led.settledWrong)],
  ["led: mean number of tests", ({ led }) => led.meanTests.toFixed(2)],
  ["led: mean number of those it settled", ({ led }) => led.meanTestsOfSettled.toFixed(2)],
];

/** The engine against the mixed bucket, which shares nothing with it, as a Markdown table. */
export async function benchBucket(): Promise<void> {
  print(`mixed bucket: seeds ${SEEDS.join(" and ")}; this takes some minutes`);
  const trials = await Promise.all(SEEDS.map(run));
  print("| | first draw | second draw |");
  print("| --- | --- | --- |");
  for (const [name, figure] of ROWS) print(`| ${name} | ${trials.map(figure).join(" | ")} |`);
}
