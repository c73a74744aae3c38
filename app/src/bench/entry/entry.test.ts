import { ACCEPTED, identify, leafWords, rankLeaves } from "@root-gauge/core";
import { groupLeaves, matchingLeaves } from "./leaf-groups";
import { readField, type PadField } from "./pad-fields";
import { pressKey, type PadKey } from "./pad-keys";

const press = (...keys: PadKey[]) => keys.reduce(pressKey, "");

describe("the keys of the pad", () => {
  it("write decimals and fractions", () => {
    expect(press("1", "2", ".", "5", "2")).toBe("12.52");
    expect(press("1", " ", "3", "/16")).toBe("1 3/16");
    expect(press("7", "/8")).toBe("7/8");
  });

  it("let a denominator be changed, and rub it out whole", () => {
    expect(press("7", "/8", "/16")).toBe("7/16");
    expect(press("7", "/16", "back")).toBe("7");
    expect(press("1", "2", "back", "back", "back")).toBe("");
  });

  it("want a numerator before a denominator, and one gap only", () => {
    expect(press("/8")).toBe("");
    expect(press("1", " ", "/8")).toBe("1 ");
    expect(press(" ", "1", " ", " ")).toBe("1 ");
  });
});

describe("reading a field", () => {
  const length: PadField = {
    key: "diameter",
    label: "Ø",
    kind: "length",
    accepted: ACCEPTED.diameter,
  };
  const pitches: PadField = {
    key: "count.threads",
    label: "Pitches",
    kind: "number",
    whole: true,
    min: 1,
    max: 400,
  };

  it("gives millimetres, whichever unit was written", () => {
    expect(readField(length, "0.5", "in")).toEqual({ ok: true, value: 12.7, said: "0.5 in" });
    expect(readField(length, "1/2", "mm")).toEqual({ ok: true, value: 12.7, said: "1/2 in" });
  });

  it.each(["", "0", "2.5", "ten", "401"])(
    "answers %j for pitches with what is accepted",
    (text) => {
      expect(readField(pitches, text, "mm")).toEqual({
        ok: false,
        problem: expect.stringContaining("Accepted: a whole number of threads from 1 to 400."),
      });
    },
  );
});

describe("finding a leaf", () => {
  const ranked = rankLeaves(identify([{ kind: "external-diameter", mm: 9.9 }]).candidates);
  const found = (typed: string) => matchingLeaves(ranked, typed).map(({ leaf }) => leafWords(leaf));

  it("puts the exact mark first", () => {
    expect(found("1")[0]).toBe("1 mm");
    expect(found("1.25")).toEqual(["1.25 mm"]);
    expect(found("1,25 mm")).toEqual(["1.25 mm"]);
    expect(found(".5")).toEqual(["0.5 mm"]);
  });

  it("keeps to the unit that was written", () => {
    expect(found("4 tpi")[0]).toBe("4 TPI");
    expect(found("4 mm")[0]).toBe("4 mm");
  });

  it("finds nothing in what is no mark", () => {
    expect(found("13.5")).toEqual([]);
    expect(found("coarse")).toEqual([]);
  });

  it("shows every leaf once, the likeliest on top", () => {
    const groups = groupLeaves(ranked);
    const all = groups.flatMap(({ leaves }) => leaves.map(leafWords));
    expect(new Set(all).size).toBe(ranked.length);
    expect(all).toHaveLength(ranked.length);
    expect(groups[0]?.leaves.slice(0, 1).map(leafWords)).toEqual(["1.5 mm"]);
  });
});
