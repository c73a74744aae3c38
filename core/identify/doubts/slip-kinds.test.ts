import { identify, type Reading } from "../weigh";
import { named } from "../../testing";
import { slipKindOf, slipKindWords } from "./index";

const size = (mm: number): Reading => ({ kind: "external-diameter", mm });

/** What was read, of which thread it was read, and what kind of slip that is. */
const SLIPS: readonly (readonly [string, Reading, string])[] = [
  ["M12", size(11.18), "digits"],
  ["M10", size(9.03), "shank"],
  ["M10", size(16.9), "flats"],
  ["1/2-13", size(0.497), "unit"],
  ["M8", size(8.2), "zero"],
  ["M10", { kind: "across-flats", mm: 9.87 }, "crests"],
  ["M16", { kind: "leaf", tpi: 13, outcome: "drops-in" }, "next-leaf"],
  ["M10", { kind: "leaf", pitchMm: 1.75, outcome: "drops-in" }, "next-leaf"],
  ["M10", { kind: "count", threads: 18, spanMm: 25.4 }, "fence-post"],
  ["M10", { kind: "crest-to-crest", pitches: 10, mm: 16.5 }, "one-pitch-more"],
];

describe("what went wrong with a reading", () => {
  it.each(SLIPS)("on %s: %j is %s", (name, reading, code) => {
    const kind = slipKindOf(reading, { thread: named(name) });
    expect(kind?.code).toBe(code);
    expect(kind && slipKindWords(kind, "mm")).toMatch(/[.?]$/);
  });

  it("is not made up where nothing usual accounts for it", () => {
    expect(slipKindOf(size(31.7), { thread: named("M10") })).toBeUndefined();
    expect(
      slipKindOf({ kind: "count", threads: 30, spanMm: 25.4 }, { thread: named("M10") }),
    ).toBeUndefined();
  });

  it("is told of the suspect of a real contradiction", () => {
    const readings: readonly Reading[] = [
      size(9.9),
      { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" },
      { kind: "crest-to-crest", pitches: 10, mm: 16.5 },
    ];
    const [suspect] = identify(readings).suspects;
    const reading = readings[suspect?.reading ?? -1];
    expect(suspect && reading && slipKindOf(reading, suspect)?.code).toBe("one-pitch-more");
  });
});
