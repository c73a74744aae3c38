import { identify } from "../core/identify";
console.log(identify([{ kind: "external-diameter", mm: 107 }]).unknown);
const r = identify([{ kind: "external-diameter", mm: 15.65 }, { kind: "leaf", tpi: 13, outcome: "drops-in" }]);
console.log(r.verdict, r.candidates.slice(0, 3).map((c) => [c.thread.designation, c.probability, JSON.stringify(c.reasons.map((x) => [x.code, x.agreement, x.support]))]), r.suspects.length, r.unknown);
