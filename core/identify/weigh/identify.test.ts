import { catalogue, findThread, sizesOverCrests, type Thread } from "../../catalogue/threads";
import { decisiveReason, identify, rankLeaves, type Identification, type Reading } from "./index";

const diameter = (mm: number): Reading => ({ kind: "external-diameter", mm });
const leaf = (
  mark: { tpi: number } | { pitchMm: number },
  outcome: "drops-in" | "rocks",
): Reading => ({
  kind: "leaf",
  ...mark,
  outcome,
});

function winner(result: Identification): string {
  return result.candidates[0]?.thread.designation ?? "";
}

function shareOf(result: Identification, designation: string): number {
  return (
    result.candidates.find(({ thread }) => thread.designation === designation)?.probability ?? 0
  );
}

function standsFor(result: Identification): number {
  return result.candidates.reduce((sum, { probability }) => sum + probability, result.unknown);
}

describe("identify", () => {
  it.each<[string, Reading[]]>([
    [
      "M6 x 1",
      [diameter(5.9), leaf({ pitchMm: 1 }, "drops-in"), { kind: "across-flats", mm: 9.92 }],
    ],
    ["M10 x 1.25", [diameter(9.9), leaf({ pitchMm: 1.25 }, "drops-in")]],
    ["1/2-13 UNC", [diameter(12.52), leaf({ tpi: 13 }, "drops-in")]],
    ["M8 x 1.25", [diameter(7.9), { kind: "count", threads: 16, spanMm: 20 }]],
    ["M8 x 1", [diameter(7.9), { kind: "crest-to-crest", pitches: 10, mm: 10.03 }]],
    ["#4-40 UNC", [diameter(2.76), { kind: "count", threads: 20, spanMm: 12.7 }]],
    ["1/2-20 UNF", [diameter(12.6), leaf({ tpi: 20 }, "drops-in")]],
    ["1/2-12 BSW", [diameter(12.6), leaf({ tpi: 12 }, "drops-in"), leaf({ tpi: 13 }, "rocks")]],
  ])("settles %s", (designation, readings) => {
    const result = identify(readings);
    expect(winner(result)).toBe(designation);
    expect(result.verdict).toBe("settled");
    expect(result.nextTests).toEqual([]);
  });

  it.each<[string, Reading[]]>([
    ["2 BA", [diameter(4.62), leaf({ pitchMm: 0.8 }, "drops-in"), leaf({ tpi: 32 }, "rocks")]],
    ["G 1/2", [diameter(20.85), leaf({ tpi: 14 }, "drops-in")]],
    ["Tr 20 x 4", [diameter(19.9), leaf({ pitchMm: 4 }, "drops-in")]],
    ["5/16-22 BSF", [diameter(7.88), leaf({ tpi: 22 }, "drops-in")]],
  ])("puts the rarer %s first", (designation, readings) => {
    const result = identify(readings);
    expect(winner(result)).toBe(designation);
    expect(shareOf(result, designation)).toBeGreaterThan(0.5);
  });

  it.each<[string, string, Reading[]]>([
    ["1/4-20 UNC", "1/4-20 BSW", [diameter(6.28), leaf({ tpi: 20 }, "drops-in")]],
    ["M6 x 1", "0 BA", [diameter(5.9), leaf({ pitchMm: 1 }, "drops-in")]],
    ["#10-32 UNF", "3/16-32 BSF", [diameter(4.72), leaf({ tpi: 32 }, "drops-in")]],
    ["G 1/2", "R 1/2", [diameter(20.6), leaf({ tpi: 14 }, "drops-in")]],
  ])("does not settle %s while its twin %s stands", (designation, twin, readings) => {
    const result = identify(readings);
    expect(result.verdict).not.toBe("settled");
    expect(shareOf(result, designation)).toBeGreaterThan(0.02);
    expect(shareOf(result, twin)).toBeGreaterThan(0.005);
  });

  it("makes 1 of all threads and the unknown, whatever was read", () => {
    for (const readings of [
      [],
      [diameter(9.9)],
      [diameter(107)],
      [diameter(9.9), leaf({ tpi: 4 }, "drops-in"), { kind: "count", threads: 300, spanMm: 3 }],
    ] satisfies Reading[][]) {
      const result = identify(readings);
      expect(standsFor(result)).toBeCloseTo(1, 9);
      expect(result.candidates).toHaveLength(catalogue().length);
    }
  });

  it("does not mind the order of the readings, and is the same each time", () => {
    const readings = [
      diameter(12.6),
      leaf({ tpi: 13 }, "rocks"),
      { kind: "count", threads: 20, spanMm: 25.4 } as const,
    ];
    const one = identify(readings);
    const other = identify([...readings].reverse());
    expect(one).toEqual(identify(readings));
    for (const { thread, probability } of one.candidates) {
      expect(shareOf(other, thread.designation)).toBeCloseTo(probability, 12);
    }
  });

  it("puts a sound size inside the tolerance band over one far outside it", () => {
    for (const thread of catalogue()) {
      const crests = sizesOverCrests(thread);
      if (crests === undefined) continue;
      const middle = (crests.min + crests.max) / 2;
      const inside = identify([diameter(middle)], { useCommonness: false });
      const outside = identify([diameter(middle * 1.1 + 0.2)], { useCommonness: false });
      expect(shareOf(inside, thread.designation)).toBeGreaterThan(
        50 * shareOf(outside, thread.designation),
      );
    }
  });

  it("believes a worn part further under its band when told that it is worn", () => {
    const under = { kind: "external-diameter", mm: 9.65 } as const;
    const sound = identify([{ ...under, condition: "sound" }]);
    const worn = identify([{ ...under, condition: "worn" }]);
    expect(shareOf(worn, "M10 x 1.5")).toBeGreaterThan(shareOf(sound, "M10 x 1.5"));
  });

  it("trusts a micrometer more than a rule", () => {
    const read = { kind: "external-diameter", mm: 11.05 } as const;
    const rule = identify([{ ...read, instrument: "rule" }]);
    const micrometer = identify([{ ...read, instrument: "micrometer" }]);
    const spread = (result: Identification) =>
      result.candidates.filter(({ probability }) => probability > 0.01).length;
    expect(spread(rule)).toBeGreaterThan(spread(micrometer));
  });

  it("gives the unknown its share when no thread is near", () => {
    const result = identify([diameter(107)]);
    expect(result.unknown).toBeGreaterThan(0.7);
    expect(result.verdict).toBe("open");
  });

  it("weighs how common a thread is, unless told not to", () => {
    const read = [diameter(9.87)];
    const weighed = identify(read);
    const even = identify(read, { useCommonness: false });
    expect(shareOf(weighed, "M10 x 1.5")).toBeGreaterThan(shareOf(even, "M10 x 1.5"));
    expect(even.candidates[0]?.reasons.map(({ code }) => code)).toEqual(["diameter-inside"]);
  });

  it("says that readings contradict each other, and which one would have to be what", () => {
    const result = identify([diameter(12.52), leaf({ tpi: 14 }, "drops-in")]);
    expect(result.verdict).toBe("contradictory");
    expect(result.suspects[0]).toMatchObject({
      reading: 1,
      thread: { designation: "1/2-13 UNC" },
      reason: { code: "leaf", leaf: { tpi: 14 } },
    });
  });

  it("has no use for an outside diameter on a thread that is only made inside", () => {
    const result = identify([diameter(20.9)]);
    const inside = result.candidates.find(({ thread }) => thread.designation === "Rp 1/2");
    expect(inside?.reasons[0]).toMatchObject({ code: "internal-only", agreement: "at-odds" });
    expect(inside?.probability).toBeLessThan(1e-4);
  });

  it("gives each reading's figures, and for a fallen thread the reading that felled it", () => {
    const result = identify([diameter(12.52), leaf({ tpi: 13 }, "drops-in")]);
    const fallen = result.candidates.find(({ thread }) => thread.designation === "M12 x 1.75");
    expect(fallen && decisiveReason(fallen)).toMatchObject({
      code: "diameter-over",
      agreement: "at-odds",
      mm: 12.52,
      maxMm: 11.966,
      byMm: expect.closeTo(0.554, 6),
    });
    const unf = result.candidates.find(({ thread }) => thread.designation === "1/2-20 UNF");
    expect(unf && decisiveReason(unf)).toMatchObject({ code: "leaf", agreement: "at-odds" });
  });
});

describe("the next test", () => {
  it("asks for the diameter first", () => {
    expect(identify([]).nextTests).toEqual([{ kind: "external-diameter", tool: "caliper" }]);
  });

  it("asks for the leaf that separates what is left, and says what each answer would leave", () => {
    const [first] = identify([diameter(12.52)]).nextTests;
    if (first?.kind !== "leaf") throw new Error("a leaf was expected");
    const names = first.outcomes.map(({ leaves }) => leaves.map(({ designation }) => designation));
    expect(names.flat()).toEqual(expect.arrayContaining(["1/2-13 UNC", "1/2-20 UNF"]));
    const chances = first.outcomes.map(({ probability }) => probability);
    expect(chances.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 9);
    expect(first.bits).toBeGreaterThan(0.7);
  });

  it("keeps its promise: either answer leaves first what it said", () => {
    const readings = [diameter(9.9)];
    const [test] = identify(readings).nextTests;
    if (test?.kind !== "leaf") throw new Error("a leaf was expected");
    for (const { answer, leaves } of test.outcomes) {
      if (answer.kind !== "reading") throw new Error("a reading was expected");
      expect(winner(identify([...readings, answer.reading]))).toBe(leaves[0]?.designation);
    }
  });

  it("does not ask for a leaf that was tried", () => {
    const readings = [diameter(9.9), leaf({ pitchMm: 1.5 }, "rocks")];
    for (const test of identify(readings).nextTests) {
      if (test.kind === "leaf") expect(test.leaf).not.toEqual({ pitchMm: 1.5 });
    }
  });
});

describe("ranking leaves", () => {
  it("puts the pitches of what still stands first", () => {
    const ranked = rankLeaves(identify([diameter(12.52)]).candidates);
    expect(ranked.slice(0, 2).map(({ leaf: mark }) => mark)).toEqual([{ tpi: 13 }, { tpi: 20 }]);
  });

  it("knows that a 20 TPI leaf nearly fits 1.25 mm", () => {
    const ranked = rankLeaves([{ thread: findThread("M8") as Thread, probability: 1 }]);
    expect(ranked[0]?.leaf).toEqual({ pitchMm: 1.25 });
    expect(ranked[1]?.leaf).toEqual({ tpi: 20 });
  });
});
