import { formatCallout } from "../../callout";
import type { Reading } from "../../identify/weigh";
import { named } from "../../testing";
import { magnetContradicts, specFromReadings } from "./index";

const called = (name: string, readings: readonly Reading[]) =>
  formatCallout(specFromReadings(named(name), readings));

describe("the screw on the bench, as it would be asked for again", () => {
  it("takes head, stocked length, class by its lines and finish from the readings", () => {
    expect(
      called("1/2-13", [
        { kind: "external-diameter", mm: 12.52 },
        { kind: "head-mark", mark: "lines:3" },
        { kind: "length", mm: 44.6 },
        { kind: "head-style", head: "hex" },
        { kind: "finish", finish: "zinc" },
      ]),
    ).toBe("1/2-13 UNC x 1-3/4 hex cap screw, grade 5, zinc");
  });

  it("leaves out a grade that no mark proves, and keeps a length that nobody stocks", () => {
    const readings: Reading[] = [
      { kind: "head-mark", mark: "none" },
      { kind: "length", mm: 42.4 },
    ];
    expect(called("M10", readings)).toBe("M10 x 42.4");
  });

  it("is stainless when its mark says so", () => {
    expect(called("M5", [{ kind: "head-mark", mark: "A2-70" }])).toBe("M5, A2-70");
  });
});

describe("a magnet", () => {
  it("contradicts A-type stainless and brass when it sticks, and nothing else", () => {
    const held = (...readings: Reading[]) =>
      magnetContradicts([{ kind: "magnet", sticks: true }, ...readings]);
    expect(held({ kind: "head-mark", mark: "A2-70" })).toBe(true);
    expect(held({ kind: "finish", finish: "brass" })).toBe(true);
    expect(held({ kind: "head-mark", mark: "C3-80" })).toBe(false);
    expect(held({ kind: "head-mark", mark: "8.8" })).toBe(false);
    expect(magnetContradicts([{ kind: "head-mark", mark: "A2-70" }])).toBe(false);
  });
});
