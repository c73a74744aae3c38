import { identify, type Reading } from "../weigh";
import { sharedZero, sharedZeroWords } from "./index";

/** A sound M8 x 1.25 bolt: 7.86 over the crests, ten pitches, its hexagon of 13; all with jaws out by so much. */
const bolt = (out: number): readonly Reading[] => [
  { kind: "external-diameter", mm: 7.86 + out },
  { kind: "crest-to-crest", pitches: 10, mm: 12.5 + out },
  { kind: "across-flats", mm: 12.9 + out },
];

describe("jaws that were not zeroed", () => {
  it.each([0.2, 0.3, -0.3])("shift every size of the sitting alike, by %d mm", (out) => {
    const found = sharedZero(bolt(out), { part: "bolt" });
    expect(found?.thread.designation).toBe("M8 x 1.25");
    expect(Math.abs((found?.byMm ?? 0) - out)).toBeLessThanOrEqual(0.1);
  });

  it("are named of sizes that do not go together as they stand", () => {
    expect(identify(bolt(0.3), { part: "bolt" }).verdict).not.toBe("settled");
    const found = sharedZero(bolt(0.3), { part: "bolt" });
    expect(found && sharedZeroWords(found, "mm")).toMatch(
      /^Every size here fits M8 x 1\.25 if the jaws read about 0\.\d\d mm too much: close them and look\.$/,
    );
  });

  it("are no matter of one size, nor of what a micrometer or a gauge took", () => {
    expect(sharedZero([{ kind: "external-diameter", mm: 8.2 }])).toBeUndefined();
    expect(
      sharedZero([
        { kind: "external-diameter", mm: 8.2, instrument: "micrometer" },
        { kind: "across-flats", mm: 13.2 },
      ]),
    ).toBeUndefined();
    expect(
      sharedZero([
        { kind: "external-diameter", mm: 8.2 },
        { kind: "leaf", pitchMm: 1.25, outcome: "drops-in" },
      ]),
    ).toBeUndefined();
  });
});
