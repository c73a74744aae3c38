import { BucketTable, drawTwo } from "../core/simulate/bucket-bound";
import { pitchReading, sizeReading } from "../core/simulate/bucket-run";
import { identify } from "../core/identify";
import { seededRandom } from "../core/random";
const table = new BucketTable(120000, 7002);
const random = seededRandom(7001);
let seen = 0, named = 0, contra = 0; const miss = new Map<string, number>();
for (let i = 0; i < 12000; i++) {
  const two = drawTwo(random);
  const slip = two.size.slip ?? two.pitch.slip;
  if (slip === undefined || two.part.thread === undefined || table.metSound(two)) continue;
  seen++;
  const place = two.size.slip === undefined ? 1 : 0;
  const rs = [sizeReading(two.size, two.part), pitchReading(two.pitch)];
  const r = identify(rs, { part: two.part.kind });
  if (r.verdict === "contradictory") contra++;
  if (r.suspects.some((s) => s.reading === place)) named++;
  else { const k = `${slip} ${r.verdict} unk=${r.unknown.toFixed(2)} sus=${r.suspects.map((s) => s.reading).join("")} true ${two.part.thread.designation} read ${JSON.stringify(two.size.mm)} ${two.pitch.says === "leaf" ? (two.pitch.tpi ?? two.pitch.pitchMm) : `count ${two.pitch.threads}/${two.pitch.spanMm}`} top ${r.candidates[0]?.thread.designation} ${r.candidates[0]?.probability.toFixed(2)}`; miss.set(k, 1); }
}
console.log({ seen, contra: contra / seen, named: named / seen });
console.log([...miss.keys()].slice(0, 45).join("\n"));
