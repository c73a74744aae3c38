import { readingWords, reasonWords } from "../../say/common";
import { named } from "../../testing";
import { catalogue } from "../../catalogue/threads";
import { identify, TRADES, type Reading, type Trade } from "./index";
import { tradeChance } from "./trades";

const off = (trade: Trade): Reading => ({ kind: "origin", trade });
const size = (mm: number): Reading => ({ kind: "external-diameter", mm });

function share(readings: readonly Reading[], name: string): number {
  const { id } = named(name);
  return identify(readings).candidates.find(({ thread }) => thread.id === id)?.probability ?? 0;
}

describe("what a part is off", () => {
  it("is one of the trades, for every thread and for one that is not held", () => {
    const sum = (chance: (trade: Trade) => number) =>
      TRADES.reduce((total, trade) => total + chance(trade), 0);
    for (const thread of [...catalogue(), undefined]) {
      expect(sum((trade) => tradeChance(thread, trade))).toBeCloseTo(1, 12);
    }
  });

  it("puts fine before coarse on a vehicle, and coarse before fine on a machine", () => {
    const between = (trade: Trade) =>
      share([size(9.42), off(trade)], "3/8-24") / share([size(9.42), off(trade)], "3/8-16");
    expect(between("machine")).toBeLessThan(0.7);
    expect(between("vehicle")).toBeGreaterThan(1.2);
  });

  it.each([
    ["vehicle", "M10 x 1.25", 9.85],
    ["vehicle", "M12 x 1.25", 11.85],
    ["instrument", "2 BA", 4.65],
    ["pipework", "G 1/8", 9.65],
    ["pipework", "7/16-20", 11.05],
  ] as const)("makes of a %s a %s likelier than off a machine", (trade, name, mm) => {
    expect(share([size(mm), off(trade)], name)).toBeGreaterThan(
      1.3 * share([size(mm), off("machine")], name),
    );
  });

  it("is said on the plate and in the reason, with the place or without", () => {
    expect(readingWords(off("vehicle"), "mm")).toEqual({
      label: "off",
      figure: "a vehicle",
      note: "",
    });
    const japanese: Reading = { kind: "origin", place: "japan", trade: "vehicle" };
    expect(readingWords(japanese, "mm")).toMatchObject({ figure: "Japan", note: "off a vehicle" });
    const [first] = identify([size(9.85), japanese]).candidates;
    const reason = first?.reasons.find(({ code }) => code === "origin");
    expect(reason && reasonWords(reason, "mm")).toBe(
      "ISO metric threads are met on a vehicle from Japan.",
    );
  });
});
