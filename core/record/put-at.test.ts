import { besideOf, putAt, treeRows, type Placed } from "./index";

const at = (id: string, parentId: string | null, rank: number): Placed => ({
  id,
  parentId,
  name: id,
  rank,
});

const TREE: readonly Placed[] = [
  at("bar", null, 0),
  at("left", "bar", 0),
  at("right", "bar", 1),
  at("cover", null, 1),
  at("motor", null, 2),
];

const shownOf = (positions: readonly Placed[]) =>
  treeRows(positions).map(({ position }) => position.id);

/** The tree after a position was put where another one stands. */
function after(positions: readonly Placed[], id: string, over: string): readonly string[] {
  const puts = putAt(id, over, positions, shownOf(positions)) ?? [];
  const put = new Map(puts.map((one) => [one.id, one]));
  return shownOf(positions.map((one) => ({ ...one, ...put.get(one.id) })));
}

describe("a position that is put where another stands", () => {
  it.each([
    ["motor", "bar", ["motor", "bar", "left", "right", "cover"]],
    ["motor", "cover", ["bar", "left", "right", "motor", "cover"]],
    ["cover", "motor", ["bar", "left", "right", "motor", "cover"]],
    ["bar", "motor", ["cover", "motor", "bar", "left", "right"]],
    ["left", "right", ["bar", "right", "left", "cover", "motor"]],
    // Into another's inside, and out of it.
    ["motor", "left", ["bar", "motor", "left", "right", "cover"]],
    ["left", "cover", ["bar", "right", "cover", "left", "motor"]],
  ])("%s at %s", (id, over, order) => {
    expect(after(TREE, id, over)).toEqual(order);
  });

  it("writes nothing anew but itself, where the ranks leave room", () => {
    expect(putAt("motor", "cover", TREE, shownOf(TREE))).toHaveLength(1);
  });

  it("stands where it was put also where all have one rank", () => {
    const alike = ["a", "b", "c", "d"].map((id) => at(id, null, 0));
    expect(after(alike, "d", "b")).toEqual(["a", "d", "b", "c"]);
    expect(after(alike, "a", "c")).toEqual(["b", "c", "a", "d"]);
  });

  it("never stands within itself, nor at itself, nor at what is not there", () => {
    for (const [id, over] of [
      ["bar", "left"],
      ["bar", "bar"],
      ["bar", "none"],
      ["none", "bar"],
    ] as const) {
      expect(putAt(id, over, TREE, shownOf(TREE))).toBeUndefined();
    }
    expect(besideOf("bar", TREE)).toHaveLength(2);
  });
});
