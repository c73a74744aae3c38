import { identify, type Reading } from "./index";

const M10: readonly Reading[] = [
  { kind: "external-diameter", mm: 9.9 },
  { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" },
];

/** Readings with a figure that is none, or that no part for a bench has. */
const WRONG: readonly Reading[] = [
  { kind: "external-diameter", mm: Number.NaN },
  { kind: "external-diameter", mm: Infinity },
  { kind: "external-diameter", mm: -3 },
  { kind: "external-diameter", mm: 0 },
  { kind: "internal-diameter", mm: 5000 },
  { kind: "diameter-between", overMm: 9, notOverMm: Number.NaN },
  { kind: "diameter-between", overMm: 9, notOverMm: 8 },
  { kind: "leaf", outcome: "drops-in" },
  { kind: "leaf", tpi: 0, outcome: "rocks" },
  { kind: "leaf", pitchMm: -1, outcome: "rocks" },
  { kind: "count", threads: Number.NaN, spanMm: 25.4 },
  { kind: "count", threads: 10, spanMm: 0 },
  { kind: "crest-to-crest", pitches: 0, mm: 10 },
  { kind: "taper-measured", smallMm: 20, largeMm: Infinity, apartMm: 10 },
  { kind: "across-flats", mm: -17 },
  { kind: "length", mm: Number.NaN },
  { kind: "trial-fit", with: "M10", partIs: "external", outcome: "binds", turns: Number.NaN },
  { kind: "origin", place: "britain", before: Infinity },
];

describe("a reading with a figure that cannot be", () => {
  it.each(WRONG)("is refused by name, weighs nothing and breaks nothing: %j", (wrong) => {
    const without = identify(M10);
    const result = identify([...M10, wrong]);
    expect(result.refused).toMatchObject([{ kind: wrong.kind, at: 2 }]);
    expect(result.candidates.slice(0, 3).map(({ thread }) => thread.id)).toEqual(
      without.candidates.slice(0, 3).map(({ thread }) => thread.id),
    );
    expect(result.candidates[0]?.probability).toBeCloseTo(
      without.candidates[0]?.probability ?? 0,
      9,
    );
  });

  it("is the only thing that is refused", () => {
    expect(identify(M10).refused).toEqual([]);
    expect(identify(WRONG).refused).toHaveLength(WRONG.length);
  });
});
