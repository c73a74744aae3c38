import { hexFlats } from "../../catalogue/looks";
import { named } from "../../testing";
import { catalogue, limits } from "../../catalogue/threads";
import { evidenceFor } from "./evidence-table";
import { identify, markKind, type Identification, type Reading } from "./index";
import { trialOutcomes } from "./trial-evidence";

const diameter = (mm: number): Reading => ({ kind: "external-diameter", mm });
const bore = (mm: number): Reading => ({ kind: "internal-diameter", mm });
const dropsIn = (tpi: number): Reading => ({ kind: "leaf", tpi, outcome: "drops-in" });

const winner = (result: Identification) => result.candidates[0]?.thread.designation;

function shareOf(result: Identification, designation: string): number {
  return (
    result.candidates.find(({ thread }) => thread.designation === designation)?.probability ?? 0
  );
}

const weigh = (reading: Reading, name: string) =>
  evidenceFor(reading).likelihood(reading, named(name));

describe("the bore of a nut", () => {
  it.each([
    ["M10 x 1.5", [bore(8.45), { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" }]],
    ["1/2-13 UNC", [bore(10.75), dropsIn(13)]],
    ["3/8-24 UNF", [bore(8.5), dropsIn(24)]],
    ["1/2-12 BSW", [bore(10.4), dropsIn(12), { kind: "leaf", tpi: 13, outcome: "rocks" }]],
  ] as [string, Reading[]][])("names %s", (designation, readings) => {
    const result = identify(readings, { part: "nut" });
    expect(winner(result)).toBe(designation);
    expect(result.verdict).toBe("settled");
  });

  it("suits a thread best inside the limits of its minor diameter, and wears larger", () => {
    const { minor } = limits(named("M10"), "internal");
    expect([minor.min, minor.max]).toEqual([8.376, 8.676]);
    expect(weigh(bore(8.5), "M10")).toBeGreaterThan(weigh(bore(8.35), "M10"));
    expect(weigh(bore(8.85), "M10")).toBeGreaterThan(2 * weigh(bore(8.2), "M10"));
  });

  it("asks for the bore before anything when the part is a nut, and never for the crests", () => {
    expect(identify([], { part: "nut" }).nextTests).toEqual([
      { kind: "internal-diameter", tool: "caliper" },
    ]);
    const { nextTests } = identify([bore(8.45)], { part: "nut" });
    expect(nextTests.map(({ kind }) => kind)).not.toContain("crest-to-crest");
  });

  it("lets no thread stand that is only made outside or inside", () => {
    const inside = identify([bore(18.7), dropsIn(14)], { part: "pipe-female" });
    expect(shareOf(inside, "Rp 1/2")).toBeGreaterThan(0.05);
    expect(shareOf(identify([diameter(20.9)], { part: "pipe-male" }), "Rp 1/2")).toBeLessThan(1e-6);
  });
});

describe("a hole gauge", () => {
  const between = (overMm: number, notOverMm: number): Reading => ({
    kind: "diameter-between",
    overMm,
    notOverMm,
  });

  it("holds the threads whose crests may lie in the interval, and no others", () => {
    const result = identify([between(9.5, 10)]);
    expect(winner(result)).toBe("M10 x 1.5");
    expect(shareOf(result, "M8 x 1.25")).toBeLessThan(1e-4);
    const m10 = result.candidates[0]?.reasons[0];
    expect(m10).toMatchObject({ code: "diameter-between", agreement: "agrees" });
  });

  it("narrows by overlapping intervals as one interval would", () => {
    const two = identify([between(9, 10), between(9.5, 11)]);
    const one = identify([between(9.5, 10)]);
    for (const { thread, probability } of one.candidates.slice(0, 10)) {
      expect(shareOf(two, thread.designation)).toBeCloseTo(probability, 9);
    }
  });

  it("is asked for when it is all there is", () => {
    const { nextTests } = identify([], { tools: ["hole-gauge", "metric-leaves"] });
    expect(nextTests).toEqual([{ kind: "diameter-between", tool: "hole-gauge" }]);
  });
});

describe("a diameter read again", () => {
  it("counts the widest: a skewed hold beside it changes next to nothing", () => {
    const skewed = identify([diameter(9.6), diameter(9.85)]);
    const alone = identify([diameter(9.85)]);
    expect(shareOf(skewed, "M10 x 1.5")).toBeCloseTo(shareOf(alone, "M10 x 1.5"), 2);
    expect(skewed.verdict).not.toBe("contradictory");
    expect(skewed.candidates[0]?.reasons[0]).toMatchObject({ code: "held-askew", widestMm: 9.85 });
  });

  it("does not grow surer by the same figure said five times", () => {
    const five = Array.from({ length: 5 }, () => diameter(9.68));
    const once = shareOf(identify([diameter(9.68)]), "M10 x 1.5");
    expect(Math.abs(shareOf(identify(five), "M10 x 1.5") - once)).toBeLessThan(0.03);
  });

  it("calls the odd one out when a figure is too wide to be a hold", () => {
    const result = identify([diameter(9.85), diameter(10.6)]);
    expect(result.verdict).toBe("contradictory");
    expect(result.suspects[0]).toMatchObject({ reading: 1 });
  });

  it("lets a micrometer count before a rule", () => {
    const result = identify([
      { kind: "external-diameter", mm: 10.2, instrument: "rule" },
      { kind: "external-diameter", mm: 9.45, instrument: "micrometer" },
    ]);
    expect(winner(result)).toMatch(/^3\/8-/);
    expect(shareOf(result, "M10 x 1.5")).toBeLessThan(0.05);
  });

  it("counts the same leaf laid thrice little more than once", () => {
    const rocks: Reading = { kind: "leaf", tpi: 16, outcome: "rocks" };
    const once = shareOf(identify([diameter(9.4), rocks]), "3/8-16 UNC");
    const thrice = shareOf(
      identify([diameter(9.4), rocks, { ...rocks }, { ...rocks }]),
      "3/8-16 UNC",
    );
    expect(thrice).toBeGreaterThan(once ** 2);
  });
});

describe("a known part tried on it", () => {
  it("has outcomes that make 1, for every thread", () => {
    for (const thread of catalogue()) {
      const chances = Object.values(trialOutcomes(thread, named("M10"), "external"));
      expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
    }
  });

  it("tells a 3/8-16 bolt by the M10 nut that binds after four turns", () => {
    const result = identify([
      diameter(9.42),
      { kind: "trial-fit", with: "M10", partIs: "external", outcome: "binds", turns: 4 },
    ]);
    expect(winner(result)).toBe("3/8-16 UNC");
    const reason = result.candidates[0]?.reasons[1];
    expect(reason).toMatchObject({ code: "trial-fit", expected: "binds", agreement: "agrees" });
  });

  it("says much when a large part runs into a hole by itself", () => {
    const hole = (thread: string): Reading => ({
      kind: "trial-fit",
      with: thread,
      partIs: "internal",
      outcome: "runs-freely",
    });
    const result = identify([hole("M10")], { part: "tapped-hole" });
    expect(winner(result)).toBe("M10 x 1.5");
    expect(shareOf(result, "M10 x 1.5")).toBeGreaterThan(0.6);
  });

  it("says nothing when the part's name is no thread", () => {
    const odd: Reading = {
      kind: "trial-fit",
      with: "the long one",
      partIs: "external",
      outcome: "binds",
    };
    expect(shareOf(identify([diameter(9.85), odd]), "M10 x 1.5")).toBeCloseTo(
      shareOf(identify([diameter(9.85)]), "M10 x 1.5"),
      1,
    );
  });
});

describe("marks on the head", () => {
  it.each([
    ["8.8", "metric-class"],
    ["A2-70", "stainless"],
    ["lines:3", "lines"],
    ["letter:R", "letter"],
    [" None ", "none"],
    ["two crossed keys", "maker"],
  ])("%s is read as %s", (mark, kind) => {
    expect(markKind(mark)).toBe(kind);
  });

  it("bring metric forward by numbers and inch by lines, and prove neither", () => {
    const read = [diameter(7.8)];
    const mark = (text: string): Reading => ({ kind: "head-mark", mark: text });
    expect(winner(identify([...read, mark("8.8")]))).toBe("M8 x 1.25");
    const lined = identify([...read, mark("lines:3")]);
    expect(winner(lined)).toBe("5/16-18 UNC");
    for (const { reasons } of lined.candidates) {
      const soft = reasons.filter(({ code }) => code === "head-mark");
      expect(soft.map(({ agreement }) => agreement)).not.toContain("at-odds");
    }
  });

  it("are none on the smallest metric screws, which bear none", () => {
    const none: Reading = { kind: "head-mark", mark: "none" };
    expect(weigh(none, "M3")).toBeGreaterThan(3 * weigh(none, "M8"));
  });
});

describe("across the flats", () => {
  /** ISO 4014 and DIN 931, ASME B18.2.1, BS 190 and BS 1083. */
  it.each([
    ["M10", [16, 17, 14]],
    ["M12", [18, 19, 17]],
    ["3/8-16 unc", [14.2875]],
    ["3/8 bsw", [18.034, 15.24]],
    ["3/8 bsf", [15.24]],
    ["G 1/2", []],
  ])("%s is met with %j mm", (name, sizes) => {
    const found = hexFlats(named(name)).map(({ acrossFlatsMm }) => acrossFlatsMm);
    expect(found).toHaveLength(sizes.length);
    found.forEach((size, i) => expect(size).toBeCloseTo(sizes[i] ?? 0, 6));
  });

  it("part a British bolt from its American twin", () => {
    const twins = [diameter(9.4), dropsIn(16)];
    const flats = (mm: number) => identify([...twins, { kind: "across-flats", mm }]);
    expect(winner(flats(17.9))).toBe("3/8-16 BSW");
    expect(winner(flats(14.2))).toBe("3/8-16 UNC");
  });
});

describe("a taper measured", () => {
  it("of 1 in 16 is a taper pipe thread, of nothing a parallel one", () => {
    const taper = (smallMm: number): Reading => ({
      kind: "taper-measured",
      smallMm,
      largeMm: 20.9,
      apartMm: 12,
    });
    const tapered = identify([taper(20.15), dropsIn(14)]);
    expect(["R 1/2", "1/2-14 NPT"]).toContain(winner(tapered));
    expect(winner(identify([taper(20.88), dropsIn(14)]))).toBe("G 1/2");
  });
});

describe("a left-hand part", () => {
  it("is the same thread, cut left-hand", () => {
    const read = [diameter(9.9), { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" } as const];
    const right = identify(read);
    const left = identify([...read, { kind: "hand", hand: "left" }]);
    expect(left.candidates[0]?.thread).toMatchObject({ id: "iso-m10x1.5", hand: "left" });
    expect(left.verdict).toBe("settled");
    expect(shareOf(left, "M10 x 1.5")).toBeCloseTo(shareOf(right, "M10 x 1.5"), 1);
  });
});

describe("a leaf by geometry", () => {
  it("of 24 on 22 threads an inch is believable over three threads and not over ten", () => {
    const chance = (threadsEngaged: number) =>
      weigh({ kind: "leaf", tpi: 24, outcome: "drops-in", threadsEngaged }, "5/16 bsf");
    expect(chance(3)).toBeGreaterThan(0.2);
    expect(chance(10)).toBeLessThan(0.01);
  });
});

describe("choosing the next test", () => {
  it("keeps to the tools that are owned", () => {
    const kinds = (tools: Parameters<typeof identify>[1]) =>
      identify([diameter(12.52)], tools).nextTests.map(({ kind }) => kind);
    expect(kinds({ tools: ["rule"] })).toContain("count");
    expect(kinds({ tools: ["caliper"] })).toContain("crest-to-crest");
    for (const test of identify([diameter(12.52)], { tools: ["metric-leaves"] }).nextTests) {
      expect(test.kind === "leaf" && "tpi" in test.leaf).toBe(false);
    }
  });

  it("skips what the fitter cannot answer and goes on to the next best", () => {
    const readings = [diameter(9.4), dropsIn(16)];
    const [first] = identify(readings).nextTests;
    const [second] = identify(readings, { skip: [first?.kind ?? ""] }).nextTests;
    expect(second?.kind).not.toBe(first?.kind);
  });

  it("offers two to four answers, each with what it would leave", () => {
    for (const mm of [4.7, 6.2, 9.4, 12.6, 13.1, 20.8, 25.2]) {
      for (const test of identify([diameter(mm)]).nextTests) {
        if (!("outcomes" in test)) continue;
        expect(test.outcomes.length).toBeGreaterThanOrEqual(2);
        expect(test.outcomes.length).toBeLessThanOrEqual(4);
        for (const { leaves } of test.outcomes) expect(leaves.length).toBeGreaterThan(0);
      }
    }
  });

  it("does not settle on a diameter alone while the pitch is only presumed", () => {
    const result = identify([diameter(4.84)]);
    expect(result.candidates[0]?.probability).toBeGreaterThan(0.95);
    expect(result.verdict).toBe("narrowed");
    expect(result.nextTests.length).toBeGreaterThan(0);
  });

  it("asks for the leaf that confirms when only one thread is left and nothing vouches for its pitch", () => {
    const rocks: Reading = { kind: "leaf", pitchMm: 0.75, outcome: "rocks" };
    const result = identify([diameter(5.86), rocks], {
      skip: ["head-mark", "origin", "across-flats"],
    });
    expect(winner(result)).toBe("M6 x 1");
    expect(result.verdict).toBe("narrowed");
    const [test] = result.nextTests;
    expect(test).toMatchObject({ kind: "leaf", leaf: { pitchMm: 1 } });
    const after = identify([
      diameter(5.86),
      rocks,
      { kind: "leaf", pitchMm: 1, outcome: "drops-in" },
    ]);
    expect(after.verdict).toBe("settled");
  });
});

describe("what the readings are together", () => {
  it("is far less likely than each alone when they contradict each other", () => {
    const agree = identify([diameter(12.52), dropsIn(13)]);
    const clash = identify([diameter(7.85), { kind: "leaf", pitchMm: 1.75, outcome: "drops-in" }]);
    expect(agree.conflict).toBeLessThan(0);
    expect(clash.conflict).toBeGreaterThan(2);
    expect(clash.verdict).toBe("contradictory");
  });

  it("does not count a length, which says nothing of the thread", () => {
    const result = identify([diameter(12.52), dropsIn(13), { kind: "length", mm: 40 }]);
    expect(result.verdict).toBe("settled");
    expect(shareOf(result, "1/2-13 UNC")).toBeCloseTo(
      shareOf(identify([diameter(12.52), dropsIn(13)]), "1/2-13 UNC"),
      12,
    );
  });
});
