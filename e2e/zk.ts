import { bucketFitter, bucketPart, takeSize } from "../core/bucket";
import { ledThroughBucket } from "../core/simulate/bucket-run";
import { seededRandom } from "../core/random";
const random = seededRandom(4242);
const kinds = new Map<string, number>(); const bySettled: Record<string, [number, number]> = {};
const seq = new Map<string, number>();
for (let i = 0; i < 1500; i++) {
  const c = ledThroughBucket(random);
  for (const r of c.readings) kinds.set(r.kind, (kinds.get(r.kind) ?? 0) + 1);
  const k = c.result.verdict; const b = (bySettled[k] ??= [0, 0]); b[0]++; b[1] += c.tests;
  const s = c.readings.map((r) => r.kind.slice(0, 5)).join(","); seq.set(s, (seq.get(s) ?? 0) + 1);
}
console.log([...kinds].sort((a, b) => b[1] - a[1]).map(([k, n]) => `${k} ${n}`).join("; "));
for (const [k, [n, t]] of Object.entries(bySettled)) console.log(k, n, (t / n).toFixed(2));
console.log([...seq].sort((a, b) => b[1] - a[1]).slice(0, 25).map(([k, n]) => `${n} ${k}`).join("\n"));
