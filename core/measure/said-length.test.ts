import { readLength, saidLength, saidText, type Units } from "./index";

const ANY = { minMm: 0.001, maxMm: 10000 };

const TYPED: readonly (readonly [string, Units, string])[] = [
  ["12,52", "mm", "12.52 mm"],
  [".493", "in", "0.493 in"],
  ["0.4930 in", "mm", "0.4930 in"],
  ['1 1/2"', "mm", "1-1/2 in"],
  ["1-3/16", "mm", "1-3/16 in"],
  ["2½", "mm", "2-1/2 in"],
  ["7 / 8", "mm", "7/8 in"],
  ["40 mm", "in", "40 mm"],
];

describe("a typed length", () => {
  it.each(TYPED)("%j typed in %s is kept as %j, the same length", (typed, units, kept) => {
    const read = readLength(typed, units, ANY);
    if (!read.ok) throw new Error(read.problem.code);
    expect(saidText(typed, read.writtenIn)).toBe(kept);
    expect(`${saidLength(kept, read.mm)?.figure} ${saidLength(kept, read.mm)?.units}`).toBe(kept);
  });

  it("is not believed where it says another length", () => {
    expect(saidLength("12.5 mm", 12.7)).toBeUndefined();
    expect(saidLength("quite long", 12.7)).toBeUndefined();
    expect(saidLength(undefined, 12.7)).toBeUndefined();
  });
});
