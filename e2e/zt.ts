import { bucketTrial } from "../core/simulate/bucket-trial";
for (const seed of [7001, 7002]) {
  const t = bucketTrial(seed, { parts: 5000, led: 3000, counted: 120000 });
  const r = (x: number) => Math.round(x * 10000) / 100;
  console.log({ first: r(t.first), bound: r(t.bound), size: r(t.sizeAlone), cal: t.calibrationError.toFixed(4), settled: r(t.settled), wrong: r(t.settledWrong), accS: r(t.accusedStated), accN: r(t.accusedSound), seen: t.slipsSeen, named: r(t.slipNamed), nf: r(t.slipNamedFirst), unheld: r(t.unheldSaid), led: [r(t.led.settled), r(t.led.right), r(t.led.settledWrong), t.led.meanTests.toFixed(2)] });
}
