import { moreLikeIt } from "./more-like-it";
import { treeRows } from "./position-tree";

const placed = (id: string, name: string, rank: number) => ({ id, name, rank, parentId: null });
const beside = [
  placed("a", "Guard bolt", 0),
  placed("b", "Guard bolt 3", 1),
  placed("c", "Side cover", 2),
];
const [first] = beside;
if (first === undefined) throw new Error("there is a first one");

describe("more like a position", () => {
  it("have its name with the numbers that none beside it has", () => {
    const names = moreLikeIt(first, beside, 4).map(({ name }) => name);
    expect(names).toEqual(["Guard bolt 2", "Guard bolt 4", "Guard bolt 5", "Guard bolt 6"]);
  });

  it("count on from the number that it has itself", () => {
    const [, third] = beside;
    if (third === undefined) throw new Error("there is a third");
    expect(moreLikeIt(third, beside, 2).map(({ name }) => name)).toEqual([
      "Guard bolt 2",
      "Guard bolt 4",
    ]);
  });

  it("stand right after it, in their own order", () => {
    const made = moreLikeIt(first, beside, 7).map((one, i) =>
      placed(`new ${i}`, one.name, one.rank),
    );
    const order = treeRows([...beside, ...made]).map(({ position }) => position.name);
    expect(order).toEqual([
      "Guard bolt",
      ...made.map(({ name }) => name),
      "Guard bolt 3",
      "Side cover",
    ]);
  });

  it("stand right after it too where all ranks are level, and however the others come", () => {
    const level = [placed("c", "Side cover", 0), placed("b", "Bracket", 0), first];
    const made = moreLikeIt(first, level, 2).map((one, i) =>
      placed(`new ${i}`, one.name, one.rank),
    );
    const order = treeRows([...made, ...level]).map(({ position }) => position.name);
    expect(order).toEqual(["Bracket", "Guard bolt", "Guard bolt 2", "Guard bolt 3", "Side cover"]);
    const behind = [...beside].reverse();
    expect(moreLikeIt(first, behind, 1)).toEqual(moreLikeIt(first, beside, 1));
  });

  it("have names that may be kept, however long its own is", () => {
    const long = placed("l", "x".repeat(120), 0);
    const names = moreLikeIt(long, [long], 9).map(({ name }) => name);
    expect(new Set(names).size).toBe(9);
    expect(Math.max(...names.map(({ length }) => length))).toBe(120);
  });
});
