import path from "node:path";
import { outcomeOf, readAs, readCorpus, type WrittenCallout } from "./read-corpus";

const LEAST_AS_MEANT = 0.98;

const CORPUS = readCorpus(path.join(__dirname, "corpus"));
const ALL = Object.values(CORPUS).flat();

function missed(half: readonly WrittenCallout[]): string[] {
  return half
    .filter((one) => outcomeOf(one) !== "as-meant")
    .map(({ text, meant }) => `${text}: ${readAs(text)}, not ${meant}`);
}

describe("call-outs as they are written in shops, on drawings and over counters", () => {
  it("are more than four hundred, about half of them held back, none twice", () => {
    const halves = CORPUS.open.length + CORPUS.heldBack.length;
    expect(halves).toBeGreaterThan(400);
    expect(CORPUS.heldBack.length / halves).toBeGreaterThan(0.45);
    const texts = ALL.map(({ text }) => text);
    expect(new Set(texts).size).toBe(texts.length);
    // As docs/fasteners.md and docs/accuracy.md count them.
    expect([halves, texts.length]).toEqual([467, 4621]);
  });

  it.each(["open", "heldBack", "later"] as const)(
    "are read as meant in 98 of a hundred (%s)",
    (half) => {
      const most = Math.floor((1 - LEAST_AS_MEANT) * CORPUS[half].length);
      const lost = missed(CORPUS[half]);
      expect(lost.slice(0, Math.max(0, lost.length - most))).toEqual([]);
    },
  );

  it("are never read as something else", () => {
    expect(ALL.filter((one) => outcomeOf(one) === "misread").map(({ text }) => text)).toEqual([]);
  });
});
