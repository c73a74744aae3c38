import { BucketTable, drawTwo } from "../core/simulate/bucket-bound";
import { pitchReading, sizeReading } from "../core/simulate/bucket-run";
import { identify } from "../core/identify";
import { seededRandom } from "../core/random";
const table = new BucketTable(120000, 7002);
const random = seededRandom(7001);
for (const th of [-2, -3, -4]) for (const ag of ["any"]) {
let seen = 0, named = 0, clean = 0, cleanNamed = 0;
const random = seededRandom(7001);
for (let i = 0; i < 8000; i++) {
  const two = drawTwo(random);
  const slip = two.size.slip ?? two.pitch.slip;
  if (two.part.thread === undefined) continue;
  const rs = [sizeReading(two.size, two.part), pitchReading(two.pitch)];
  const r = identify(rs, { part: two.part.kind });
  const top = r.candidates[0];
  const extra = r.verdict === "contradictory" ? [] : (top?.reasons ?? []).filter((x) => x.reading !== undefined && x.agreement !== "agrees" && (x.support ?? 0) < th).map((x) => x.reading);
  const sus = [...r.suspects.map((s) => s.reading), ...extra];
  if (slip === undefined) { clean++; if (sus.length) cleanNamed++; continue; }
  if (table.metSound(two)) continue;
  seen++;
  const place = two.size.slip === undefined ? 1 : 0;
  if (sus.includes(place)) named++;
}
console.log(th, { seen, named: named / seen, clean: cleanNamed / clean });
}
