import { jobTimeWords, orderedWords, quotationWords, quotedWords, tooLargeWords } from "./index";

const stocked = { state: "stocked", pack: 50, packs: 2, price: 3.1, days: 2 } as const;

describe("what a supplier says of a line", () => {
  it.each([
    [stocked, "In stock: 2 packs of 50, 3.10 a pack, here in 2 days"],
    [{ ...stocked, packs: 1, days: 1 }, "In stock: 1 pack of 50, 3.10 a pack, here in 1 day"],
    [{ ...stocked, pack: 1, days: 0 }, "In stock: 2 loose, 3.10 each, here today"],
    [
      { ...stocked, state: "out", packs: 0, days: 18 },
      "None in stock: in packs of 50, 3.10 a pack, here in 18 days",
    ],
    [{ ...stocked, state: "not-sold" }, "Not sold there"],
  ] as const)("of %j is said", (quoted, words) => {
    expect(quotedWords(quoted)).toBe(words);
  });

  it("adds up what is in stock, and counts what is not", () => {
    const out = { ...stocked, state: "out", packs: 0 } as const;
    expect(quotationWords([stocked, { ...stocked, packs: 1, price: 0.55 }])).toBe("Together 6.75");
    expect(quotationWords([stocked, out])).toBe("Together 6.20; 1 line is not in stock");
    expect(quotationWords([out, out])).toBe("Together 0.00; 2 lines are not in stock");
  });
});

describe("how many of a line are ordered", () => {
  const line = { needed: 12, spares: 2, ordered: 14, packs: 14 };
  it.each([
    [line, 1, "14: 12 needed, 2 spare"],
    [{ ...line, ordered: 50, packs: 1 }, 50, "1 × 50 = 50: 12 needed, 2 spare"],
    [{ ...line, onShelf: 4, ordered: 10 }, 1, "10: 12 needed, 2 spare, 4 on the shelf"],
    [{ ...line, ordered: 20, byHand: true }, 1, "20: 12 needed, set by hand"],
  ])("%j in packs of %d is said with why", (given, pack, words) => {
    expect(orderedWords(given, pack)).toBe(words);
  });
});

describe("when a job is", () => {
  const job = { opened: "2026-03-02", due: "2026-04-01", done: null };
  it.each([
    [job, "2026-03-31", "Due 1 Apr 2026"],
    [job, "2026-04-01", "Due 1 Apr 2026"],
    [job, "2026-04-02", "Was due 1 Apr 2026"],
    [{ ...job, due: null }, "2026-04-02", "Opened 2 Mar 2026"],
    [{ ...job, done: "2026-03-30" }, "2026-04-02", "Done 30 Mar 2026"],
  ])("%j on %s", (given, today, words) => {
    expect(jobTimeWords(given, today)).toBe(words);
  });
});

it("a file that is too large is told with what was read and what is taken", () => {
  expect(tooLargeWords(61_400_000, 40_000_000)).toMatch(/^This file has 61 MB\..*at most 40 MB/);
});
