import { catalogue, findThread, type Thread } from "../../catalogue/threads";
import { commonnessOf, commonnessWeight } from "./commonness";
import { evidenceFor } from "./evidence-table";
import { identify, measuredSizes, type Reading, type ReadingOf } from "./index";
import { leafOutcomes } from "./leaf-evidence";

function named(text: string): Thread {
  const thread = findThread(text);
  if (thread === undefined) throw new Error(`no thread ${text}`);
  return thread;
}

function likelihood(reading: Reading, text: string): number {
  return evidenceFor(reading).likelihood(reading, named(text));
}

describe("any reading", () => {
  const READINGS: Reading[] = [
    { kind: "external-diameter", mm: 0.5 },
    { kind: "external-diameter", mm: 150, instrument: "micrometer", condition: "sound" },
    { kind: "leaf", tpi: 80, outcome: "drops-in" },
    { kind: "leaf", pitchMm: 6, outcome: "unsure", threadsEngaged: 100 },
    { kind: "count", threads: 400, spanMm: 0.5 },
    { kind: "crest-to-crest", pitches: 1, mm: 500 },
    { kind: "flank-angle", degrees: 47.5, sure: false },
    { kind: "flank-angle", degrees: 0 },
    { kind: "taper", tapered: true },
    { kind: "origin", place: "japan", before: 1850 },
    { kind: "origin", before: 1999 },
    { kind: "function", what: "electrical" },
    { kind: "diameter-between", overMm: 0.5, notOverMm: 0.6 },
    { kind: "internal-diameter", mm: 180, instrument: "pin", condition: "worn" },
    { kind: "taper-measured", smallMm: 1, largeMm: 90, apartMm: 1 },
    { kind: "hand", hand: "left" },
    { kind: "head-mark", mark: "lines:6" },
    { kind: "trial-fit", with: "M10", partIs: "internal", outcome: "binds", turns: 90 },
    { kind: "across-flats", mm: 150 },
    { kind: "length", mm: 1000 },
  ];

  it.each(READINGS)(
    "%j never rules a thread out for good, and stays a finite number",
    (reading) => {
      const evidence = evidenceFor(reading);
      for (const thread of catalogue()) {
        const weight = evidence.likelihood(reading, thread);
        expect(weight).toBeGreaterThan(0);
        expect(Number.isFinite(weight)).toBe(true);
        expect(evidence.reason(reading, thread).code).toBeTruthy();
      }
      for (const pitchMm of [0.25, 1, 8]) {
        expect(evidence.unknownLikelihood(reading, pitchMm)).toBeGreaterThan(0);
      }
    },
  );
});

describe("a diameter over the crests", () => {
  const read = (mm: number, more: Partial<ReadingOf<"external-diameter">> = {}) =>
    likelihood({ kind: "external-diameter", mm, ...more }, "M10");

  it("is a density: over all readings it makes 1", () => {
    let total = 0;
    for (let mm = 5; mm <= 15; mm += 0.002) total += 0.002 * read(mm);
    expect(total).toBeCloseTo(1, 2);
  });

  it("suits best about the middle of the band, 9.732 to 9.968, and wears lower rather than higher", () => {
    expect(read(9.85)).toBeGreaterThan(read(9.74));
    expect(read(9.85)).toBeGreaterThan(read(9.96));
    expect(read(9.6)).toBeGreaterThan(4 * read(10.1));
  });

  it("allows more over the band when the part is plated", () => {
    expect(read(10, { condition: "plated" })).toBeGreaterThan(
      1.5 * read(10, { condition: "sound" }),
    );
  });

  it.each([
    [9.85, "diameter-inside", "agrees"],
    [9.71, "diameter-under", "agrees"],
    [9.65, "diameter-under", "strained"],
    [9.3, "diameter-under", "at-odds"],
    [9.99, "diameter-over", "agrees"],
    [10.2, "diameter-over", "at-odds"],
  ])("%d mm on M10: %s, %s", (mm, code, agreement) => {
    const reading = { kind: "external-diameter", mm } as const;
    const reason = evidenceFor(reading).reason(reading, named("M10"));
    expect(reason).toMatchObject({ code, agreement });
  });
});

describe("a leaf", () => {
  it("has outcomes that make 1, on every thread", () => {
    for (const thread of catalogue()) {
      const outcomes = Object.values(leafOutcomes({ tpi: 20 }, thread));
      expect(outcomes.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
    }
  });

  it("nearly fits a pitch 0.02 mm off, and less the more threads it lies in", () => {
    const over = (threads: number) => leafOutcomes({ tpi: 20 }, named("M8"), threads)["drops-in"];
    expect(over(3)).toBeGreaterThan(0.8);
    expect(over(10)).toBeLessThan(over(3));
    expect(over(40)).toBeLessThan(0.05);
  });

  it("is seen to rock one leaf off in the coarse inch pitches", () => {
    expect(leafOutcomes({ tpi: 12 }, named("1/2-13")).rocks).toBeGreaterThan(0.9);
    expect(leafOutcomes({ tpi: 13 }, named("1/2-13"))["drops-in"]).toBeGreaterThan(0.9);
  });

  it("needs a mark", () => {
    const unmarked = { kind: "leaf", outcome: "rocks" } as const;
    expect(() => evidenceFor(unmarked).likelihood(unmarked, named("M8"))).toThrow(
      "a leaf reading needs pitchMm or tpi",
    );
  });
});

describe("a count and a length from crest to crest", () => {
  it("suit the thread they were taken from best", () => {
    const count: Reading = { kind: "count", threads: 16, spanMm: 25.4 };
    expect(likelihood(count, "3/8-16")).toBeGreaterThan(50 * likelihood(count, "3/8-24"));
    const crests: Reading = { kind: "crest-to-crest", pitches: 10, mm: 12.5 };
    expect(likelihood(crests, "M8")).toBeGreaterThan(50 * likelihood(crests, "1/4-20"));
  });

  it("separate less the shorter the length", () => {
    const ratio = (pitches: number) => {
      const reading: Reading = { kind: "crest-to-crest", pitches, mm: pitches * 1.25 };
      return likelihood(reading, "M8") / likelihood(reading, "1/4-20");
    };
    expect(ratio(1)).toBeLessThan(ratio(5));
    expect(ratio(5)).toBeLessThan(ratio(10));
  });
});

describe("how common a thread is", () => {
  it("follows the standards' choices: coarse before fine, first choice before third", () => {
    expect(commonnessWeight(named("M10"))).toBeGreaterThan(commonnessWeight(named("M10x1.25")));
    expect(commonnessWeight(named("M10x1.25"))).toBeGreaterThan(
      commonnessWeight(named("M10x0.75")),
    );
    expect(commonnessWeight(named("M10"))).toBeGreaterThan(commonnessWeight(named("M11")));
    expect(commonnessWeight(named("M10"))).toBeGreaterThan(commonnessWeight(named("M64")));
    expect(["M10", "M14", "M11x0.75"].map((text) => commonnessOf(named(text)))).toEqual([
      "common",
      "uncommon",
      "rare",
    ]);
  });
});

describe("what the readings say of the part before any thread is thought of", () => {
  it("takes the widest diameter, and the last leaf that dropped in before a count", () => {
    expect(measuredSizes([])).toEqual({});
    expect(
      measuredSizes([
        { kind: "external-diameter", mm: 9.8 },
        { kind: "external-diameter", mm: 9.9 },
        { kind: "external-diameter", mm: 9.85 },
        { kind: "count", threads: 8, spanMm: 10 },
        { kind: "leaf", tpi: 20, outcome: "drops-in" },
        { kind: "leaf", tpi: 18, outcome: "rocks" },
      ]),
    ).toEqual({ majorMm: 9.9, pitchMm: 1.27, leaf: { tpi: 20 } });
  });

  it("takes crest to crest before a count, and each before nothing", () => {
    const count: Reading = { kind: "count", threads: 8, spanMm: 10 };
    expect(measuredSizes([count])).toEqual({ pitchMm: 1.25 });
    expect(measuredSizes([{ kind: "crest-to-crest", pitches: 4, mm: 6 }, count])).toEqual({
      pitchMm: 1.5,
    });
  });
});

describe("a width over the corners of a hexagon", () => {
  it("is named as such, and tells for the thread rather than against it", () => {
    const corners = { kind: "across-flats", mm: 18.15 } as const;
    const m10 = catalogue().find(({ id }) => id === "iso-m10x1.5");
    const m11 = catalogue().find(({ id }) => id === "iso-m7x1");
    if (m10 === undefined || m11 === undefined) throw new Error("no such thread");
    const { reason, likelihood } = evidenceFor(corners);
    expect(reason(corners, m10)).toMatchObject({ near: false, cornersOfMm: 16 });
    expect(likelihood(corners, m10)).toBeGreaterThan(2 * likelihood(corners, m11));
  });
});

describe("a width that no hexagon of the thread can have", () => {
  const m10 = [
    { kind: "external-diameter", mm: 9.88 },
    { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" },
  ] as const;

  it.each([10.2, 31])("is the suspect, as %d mm on an M10", (mm) => {
    const { verdict, candidates, suspects } = identify([...m10, { kind: "across-flats", mm }]);
    expect(candidates[0]?.thread.designation).toBe("M10 x 1.5");
    expect(candidates[0]?.reasons.find(({ code }) => code === "across-flats")?.agreement).toBe(
      "at-odds",
    );
    expect(verdict).toBe("contradictory");
    expect(suspects[0]?.reading).toBe(2);
  });

  it("is no width that a special head may have", () => {
    expect(identify([...m10, { kind: "across-flats", mm: 13 }]).verdict).not.toBe("contradictory");
  });
});
