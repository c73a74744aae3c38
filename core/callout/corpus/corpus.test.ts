import { CORPUS, outcomeOf, readAs, type WrittenCallout } from "./read-corpus";

const LEAST_AS_MEANT = 0.98;

function missed(half: readonly WrittenCallout[]): string[] {
  return half
    .filter((one) => outcomeOf(one) !== "as-meant")
    .map(({ text, meant }) => `${text}: ${readAs(text)}, not ${meant}`);
}

describe("call-outs as they are written in shops, on drawings and over counters", () => {
  it("are more than four hundred, about half of them held back, none in both halves", () => {
    const texts = [...CORPUS.open, ...CORPUS.heldBack].map(({ text }) => text);
    expect(texts.length).toBeGreaterThan(400);
    expect(new Set(texts).size).toBe(texts.length);
    expect(CORPUS.heldBack.length / texts.length).toBeGreaterThan(0.45);
  });

  it.each(["open", "heldBack"] as const)("are read as meant in 98 of a hundred (%s)", (half) => {
    const most = Math.floor((1 - LEAST_AS_MEANT) * CORPUS[half].length);
    const lost = missed(CORPUS[half]);
    expect(lost.slice(0, Math.max(0, lost.length - most))).toEqual([]);
  });

  it("are never read as something else", () => {
    const all = [...CORPUS.open, ...CORPUS.heldBack];
    expect(all.filter((one) => outcomeOf(one) === "misread").map(({ text }) => text)).toEqual([]);
  });
});
