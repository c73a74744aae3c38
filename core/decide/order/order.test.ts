import { alternateProblems, amountsOf, orderLines, type OrderRule, type Wanted } from "./index";

const NONE: OrderRule = { sparesPercent: 0, sparesAtLeast: 0, pack: 1 };

let made = 0;
const at = (callout: string, alike = 1): Wanted => {
  made += 1;
  return { positionId: `p${made}`, place: `place ${made}`, alike, callout };
};

const amounts = (wanted: readonly Wanted[], rule: OrderRule = NONE) =>
  orderLines(wanted, rule).map(({ callout, needed, ordered }) => [callout, needed, ordered]);

describe("an order list", () => {
  it("has the same part on one line, however it was written, with where each goes", () => {
    const one = at("M8 x 40 hex bolt 8.8", 4);
    const other = at("8.8 hex bolt m8x40");
    const lines = orderLines([one, at("M8 x 45 hex bolt 8.8"), other], NONE);
    expect(lines).toMatchObject([
      { callout: "M8 x 40 hex bolt, 8.8", needed: 5, ordered: 5, wanted: [one, other] },
      { callout: "M8 x 45 hex bolt, 8.8", needed: 1 },
    ]);
  });

  it("keeps apart what is not the same: grade, finish, head and thread", () => {
    const callouts = [
      "M8 x 40 hex bolt 8.8",
      "M8 x 40 hex bolt 10.9",
      "M8 x 40 hex bolt 8.8 zinc",
      "M8 x 40 cap screw 8.8",
      "M8 x 1 x 40 hex bolt 8.8",
    ];
    expect(amounts(callouts.map((callout) => at(callout)))).toHaveLength(callouts.length);
  });

  it("has nuts that go with screws as lines of their own, as many as the screws", () => {
    const wanted = [at("M12 x 50 hex bolt 8.8 and nut", 6), at("M12 hex nut, class 8", 2)];
    expect(orderLines(wanted, NONE).map(({ kind, needed }) => [kind, needed])).toEqual([
      ["screw", 6],
      ["nut", 8],
    ]);
    expect(amounts(wanted)[0]?.[0]).not.toMatch(/nut/);
  });

  it.each([
    ["M8 x 40 hex bolt 8.8 with nut and 2 washers", [6, 6, 12]],
    ["10 off M8 x 40 hex bolt 8.8 with nut and washer", [60, 60, 60]],
    ["10 off M8 x 40 hex bolt 8.8 with 10 nuts and 20 washers", [60, 60, 120]],
    ["4 off M8 x 40 hex bolt 8.8 with nut and 2 washers", [24, 24, 48]],
  ])("has what goes with the screws of “%s” on lines of its own", (callout, needed) => {
    const lines = orderLines([at(callout, 6)], NONE);
    expect(lines.map(({ kind }) => kind)).toEqual(["screw", "nut", "washer"]);
    expect(lines.map((line) => line.needed)).toEqual(needed);
  });

  it.each([
    ["M10 nut and 2 washers", ["nut", "washer"], [6, 12]],
    ["M14 x 1.5 sump plug with copper washer", ["washer", "plug"], [6, 6]],
  ])("has the washers of “%s” on a line of their own", (callout, kinds, needed) => {
    const lines = orderLines([at(callout, 6)], NONE);
    expect(lines.map(({ kind }) => kind)).toEqual(kinds);
    expect(lines.map((line) => line.needed)).toEqual(needed);
  });

  it("counts what one place asks for, times how many alike", () => {
    expect(amounts([at("4 off M6 x 20 hex bolt 8.8", 3)])).toEqual([
      [expect.stringContaining("M6 x 20"), 12, 12],
    ]);
  });

  it.each([
    [30, { sparesPercent: 10, sparesAtLeast: 0, pack: 1 }, 33],
    [31, { sparesPercent: 10, sparesAtLeast: 0, pack: 1 }, 35],
    [2, { sparesPercent: 10, sparesAtLeast: 2, pack: 1 }, 4],
    [30, { sparesPercent: 10, sparesAtLeast: 0, pack: 25 }, 50],
    [25, { sparesPercent: 0, sparesAtLeast: 0, pack: 25 }, 25],
    [7, { sparesPercent: 0, sparesAtLeast: 0, pack: 0 }, 7],
  ])("orders for %d by %j: %d", (alike, rule, ordered) => {
    expect(amounts([at("M5 x 12 cap screw 12.9", alike)], rule)[0]?.[2]).toBe(ordered);
  });

  it.each([
    [30, { sparesPercent: 10, sparesAtLeast: 0, pack: 1 }, 8, null, 25],
    [30, { sparesPercent: 10, sparesAtLeast: 0, pack: 10 }, 8, null, 30],
    [4, NONE, 12, null, 0],
    [4, NONE, 0, 6, 6],
    [4, { sparesPercent: 0, sparesAtLeast: 0, pack: 50 }, 0, 60, 100],
    [4, NONE, 0, 0, 0],
  ])("of %d needed by %j with %d on the shelf and %p by hand it orders %d", (...given) => {
    const [needed, rule, onShelf, byHand, ordered] = given;
    expect(amountsOf(needed, rule, onShelf, byHand).ordered).toBe(ordered);
  });

  it("loses nothing of what it cannot read, and puts it last", () => {
    const lines = orderLines([at("a wibble as before"), at("M5 x 12 cap screw")], NONE);
    expect(lines.map(({ kind, callout }) => [kind, callout])).toEqual([
      ["screw", expect.stringContaining("M5 x 12")],
      ["not-read", "a wibble as before"],
    ]);
  });

  it("buys enough for every place, whatever the rule", () => {
    const wanted = Array.from({ length: 40 }, (_, i) =>
      at(`M${[5, 6, 8][i % 3] ?? 5} x ${20 + (i % 4) * 5} hex bolt 8.8`, 1 + (i % 7)),
    );
    const all = wanted.reduce((sum, { alike }) => sum + alike, 0);
    for (const pack of [1, 10, 100]) {
      const lines = orderLines(wanted, { sparesPercent: 5, sparesAtLeast: 1, pack });
      expect(lines.reduce((sum, { needed }) => sum + needed, 0)).toBe(all);
      for (const { needed, spares, ordered, packs } of lines) {
        expect(ordered).toBeGreaterThanOrEqual(needed + spares);
        expect(ordered - needed - spares).toBeLessThan(pack);
        expect(ordered).toBe(packs * pack);
      }
    }
  });
});

describe("what would do instead", () => {
  it.each([
    ["M8 x 40 hex bolt 8.8", "M8 x 45 hex bolt 8.8"],
    ["M8 x 40 hex bolt 8.8", "M8 x 40 hex bolt 10.9"],
    ["M8 hex nut 8", "M8 hex nut 10"],
    ["M8 washer", "M8 washer, zinc"],
  ])("of %s is %s", (callout, instead) => {
    expect(alternateProblems(callout, instead)).toEqual([]);
  });

  it.each([
    ["M8 x 40 hex bolt 8.8", "M8 x 40 hex bolt 4.6", "weaker-than-original"],
    ["M8 x 40 hex bolt 8.8", "M8 x 40 hex bolt", "weaker-than-original"],
    ["M8 x 40 hex bolt 8.8", "M8 x 30 hex bolt 8.8", "shorter-than-original"],
    ["M6 x 8 grub screw 45H", "M6 x 8 grub screw 22H", "softer-than-original"],
    ["M6 x 8 grub screw 45H", "M6 x 8 grub screw", "softer-than-original"],
    ["M8 x 40 hex bolt 8.8", "5/16-18 UNC x 2 hex cap screw, grade 8", "not-the-thread"],
    ["M8 x 40 hex bolt 8.8", "M8 hex nut 8", "another-part"],
    ["M8 hex nut 8", "M8 hex nut 5", "weaker-nut"],
    ["M8 hex nut 8", "M8 hex nut", "weaker-nut"],
    ["M8 hex nut 8", "M8 thin nut", "weaker-nut"],
    ["M8 hex nut 8", "M10 hex nut 8", "another-part"],
    ["M8 x 40 hex bolt 8.8", "a wibble", "alternate-not-read"],
  ])("of %s is not %s: %s", (callout, instead, code) => {
    expect(alternateProblems(callout, instead).map((problem) => problem.code)).toContain(code);
  });
});
