import { readFileSync } from "node:fs";
import path from "node:path";
import { readCorpus } from "./read-corpus";

/** Written before any reader was tried on them, and read once: what that first trial comes to is docs/accuracy.md's figure. */
const UNSEEN = path.join(__dirname, "unseen", "unseen.tsv");

it("the call-outs that are kept for one trial are four hundred, a third of each kind, and none is in the corpus", () => {
  const lines = readFileSync(UNSEEN, "utf8").trimEnd().split("\n").slice(1);
  const rows = lines.map((line) => line.split("\t"));
  expect(rows.filter((row) => row.length !== 3 || row.some((cell) => cell === ""))).toEqual([]);
  const texts = new Set(rows.map(([, text]) => text));
  expect(texts.size).toBe(400);
  for (const kind of ["lists", "counters and drawings", "mutated"]) {
    expect(rows.filter(([of]) => of === kind).length).toBeGreaterThan(120);
  }
  const known = Object.values(readCorpus(path.join(__dirname, "corpus"))).flat();
  expect(known.filter(({ text }) => texts.has(text))).toEqual([]);
});
