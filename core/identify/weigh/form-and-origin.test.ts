import { named } from "../../testing";
import { catalogue } from "../../catalogue/threads";
import { angleOutcomes } from "./flank-angle-evidence";
import { identify, type Identification, type Reading } from "./index";

const diameter = (mm: number): Reading => ({ kind: "external-diameter", mm });
const dropsIn = (tpi: number): Reading => ({ kind: "leaf", tpi, outcome: "drops-in" });
const angle = (degrees: 60 | 55, sure = true): Reading => ({ kind: "flank-angle", degrees, sure });

function shareOf(result: Identification, designation: string): number {
  return (
    result.candidates.find(({ thread }) => thread.designation === designation)?.probability ?? 0
  );
}

const winner = (result: Identification) => result.candidates[0]?.thread.designation;

describe("the flank angle", () => {
  it("has answers that make 1, on every thread, the true one likeliest on a coarse pitch", () => {
    for (const thread of catalogue()) {
      const chances = [...angleOutcomes(thread)];
      expect(chances.reduce((sum, [, chance]) => sum + chance, 0)).toBeCloseTo(1, 9);
      if (thread.pitchMm < 1.5) continue;
      const [best] = chances.reduce((a, b) => (b[1] > a[1] ? b : a));
      expect(best).toBe(thread.flankAngleDeg);
    }
  });

  it("parts 55 from 60 well at 1.5 mm pitch and over, and hardly under 1 mm", () => {
    const wrong = (name: string) => angleOutcomes(named(name)).get(60) ?? 0;
    expect(wrong("1/2 bsw")).toBeLessThan(0.05);
    expect(wrong("1/4-26 bsf")).toBeGreaterThan(2.5 * wrong("1/2 bsw"));
  });

  it("tells the British part from its American twin of the same pitch", () => {
    const twins = [diameter(9.4), dropsIn(16)];
    expect(winner(identify([...twins, angle(60)]))).toBe("3/8-16 UNC");
    const british = identify([...twins, angle(55)]);
    expect(winner(british)).toBe("3/8-16 BSW");
    expect(shareOf(british, "3/8-16 UNC")).toBeLessThan(0.2);
  });

  it("weighs less by a mere look", () => {
    const twins = [diameter(9.4), dropsIn(16)];
    const looked = shareOf(identify([...twins, angle(55, false)]), "3/8-16 BSW");
    expect(looked).toBeLessThan(shareOf(identify([...twins, angle(55)]), "3/8-16 BSW"));
    expect(looked).toBeGreaterThan(shareOf(identify(twins), "3/8-16 BSW"));
  });

  it("is asked for when only it separates what is left, with what each answer would mean", () => {
    const { nextTests } = identify([diameter(9.4), dropsIn(16)], { tools: ["angle-gauge"] });
    const test = nextTests.find(({ kind }) => kind === "flank-angle");
    if (test?.kind !== "flank-angle") throw new Error("the flank angle was expected");
    expect(test.outcomes.map(({ answer }) => answer)).toEqual([
      { kind: "reading", reading: { kind: "flank-angle", degrees: 60 } },
      { kind: "reading", reading: { kind: "flank-angle", degrees: 55 } },
    ]);
    const leaves = test.outcomes.map(({ leaves: left }) => left[0]?.designation);
    expect(leaves).toEqual(["3/8-16 UNC", "3/8-16 BSW"]);
  });

  it("is not asked for again", () => {
    const { nextTests } = identify([diameter(9.4), dropsIn(16), angle(55, false)]);
    expect(nextTests.map(({ kind }) => kind)).not.toContain("flank-angle");
  });
});

describe("the taper", () => {
  const pipe = [diameter(20.8), dropsIn(14)];

  it("is the test that tells a parallel pipe thread from a taper one", () => {
    const [test] = identify(pipe).nextTests;
    if (test?.kind !== "taper") throw new Error("the taper was expected");
    const [tapered, parallel] = test.outcomes;
    expect(parallel?.leaves[0]?.designation).toBe("G 1/2");
    expect(tapered?.leaves.map(({ series }) => series)).toContain("R");
  });

  it("leaves R and NPT when seen, G when not", () => {
    const seen = identify([...pipe, { kind: "taper", tapered: true }]);
    expect(["R 1/2", "1/2-14 NPT"]).toContain(winner(seen));
    expect(shareOf(seen, "G 1/2")).toBeLessThan(0.15);
    const parallel = identify([...pipe, { kind: "taper", tapered: false }]);
    expect(winner(parallel)).toBe("G 1/2");
  });
});

describe("origin, age and function", () => {
  it("bring the British part forward on an old British machine", () => {
    const read = [diameter(9.4), dropsIn(16)];
    const old = identify([...read, { kind: "origin", place: "britain", before: 1930 }]);
    expect(winner(old)).toBe("3/8-16 BSW");
    const american = identify([...read, { kind: "origin", place: "north-america" }]);
    expect(winner(american)).toBe("3/8-16 UNC");
    expect(american.verdict).toBe("settled");
  });

  it("bring pipe threads forward on a fitting, power screws on a press", () => {
    const pipe = (what: "bolt" | "pipe-fitting") =>
      shareOf(identify([diameter(9.65), { kind: "function", what }]), "G 1/8");
    expect(pipe("pipe-fitting")).toBeGreaterThan(3 * pipe("bolt"));
    const screw = identify([diameter(19.9), { kind: "function", what: "power-screw" }]);
    expect(winner(screw)).toBe("Tr 20 x 4");
  });

  it("never speak flatly against a thread", () => {
    const readings: Reading[] = [
      { kind: "origin", place: "japan", before: 1900 },
      { kind: "function", what: "electrical" },
    ];
    for (const { reasons } of identify([diameter(9.4), ...readings]).candidates) {
      const soft = reasons.filter(({ code }) => code === "origin" || code === "function");
      expect(soft.map(({ agreement }) => agreement)).not.toContain("at-odds");
    }
  });
});

describe("a Japanese machine", () => {
  it("is where the finer M10 and M12 are met before elsewhere", () => {
    const share = (name: string, place: "japan" | "europe") =>
      identify([
        { kind: "external-diameter", mm: name.startsWith("M10") ? 9.9 : 11.9 },
        { kind: "origin", place },
      ]).candidates.find(({ thread }) => thread.designation === name)?.probability ?? 0;
    for (const name of ["M10 x 1.25", "M12 x 1.25"]) {
      expect(share(name, "japan")).toBeGreaterThan(1.5 * share(name, "europe"));
    }
  });
});

describe("a thread that only its use or its hand tells from its twin", () => {
  const size = { kind: "external-diameter", mm: 14.2, instrument: "caliper" } as const;
  const leaf = { kind: "leaf", tpi: 20, outcome: "drops-in", threadsEngaged: 8 } as const;

  it("is asked what it is off, and the answer settles it", () => {
    const open = identify([size, leaf]);
    expect(open.verdict).toBe("open");
    expect(open.nextTests[0]?.kind).toBe("function");
    const pedal = identify([size, leaf, { kind: "function", what: "cycle-part" }]);
    expect([pedal.verdict, pedal.candidates[0]?.thread.id]).toEqual(["settled", "cycle-9/16-20"]);
  });

  it("is a pedal's where it turns to the left", () => {
    const left = identify([size, leaf, { kind: "hand", hand: "left" }]);
    expect([left.verdict, left.candidates[0]?.thread.id]).toEqual(["settled", "cycle-9/16-20"]);
  });

  it("loses its lead where it is off no cycle", () => {
    const share = (readings: Parameters<typeof identify>[0]) =>
      identify(readings).candidates.find(({ thread }) => thread.id === "cycle-9/16-20")
        ?.probability ?? 0;
    expect(share([size, leaf, { kind: "function", what: "bolt" }])).toBeLessThan(
      share([size, leaf]) / 2,
    );
  });

  it("asks no other bolt what it is off", () => {
    const metric = identify([
      { ...size, mm: 9.85 },
      { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" },
    ]);
    expect(metric.nextTests.map(({ kind }) => kind)).not.toContain("function");
  });
});
