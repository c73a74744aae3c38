import { ledThroughBucket } from "../core/simulate/bucket-run";
import { seededRandom } from "../core/random";
const random = seededRandom(Number(process.argv[2] ?? 777));
const N = Number(process.argv[3] ?? 1500);
let settled = 0, wrong = 0, right = 0, tests = 0, unheld = 0; const pairs = new Map<string, number>(); const open = new Map<string, number>();
const hist = new Map<number, number>();
for (let i = 0; i < N; i++) {
  const { part, result, readings, tests: taken } = ledThroughBucket(random);
  const top = result.candidates[0];
  tests += taken;
  hist.set(readings.length, (hist.get(readings.length) ?? 0) + 1);
  const ok = top?.thread.id === part.thread?.id;
  if (ok) right++;
  const s = result.verdict === "settled";
  if (s) settled++;
  if (s && !ok) { wrong++; const k = `${part.thread?.designation ?? "unlisted"} -> ${top?.thread.designation} [${readings.map((r) => r.kind).join(",")}] ${part.fate}`; pairs.set(k, (pairs.get(k) ?? 0) + 1); }
  if (!s) { const k = `${result.verdict} ${part.thread === undefined ? "unlisted" : part.thread.family} ok=${ok}`; open.set(k, (open.get(k) ?? 0) + 1); }
}
console.log({ N, settled: settled / N, wrong: wrong / N, right: right / N, tests: tests / N });
console.log([...pairs].sort((a, b) => b[1] - a[1]).slice(0, 40));
console.log([...open].sort((a, b) => b[1] - a[1]));
console.log([...hist].sort((a, b) => a[0] - b[0]));
