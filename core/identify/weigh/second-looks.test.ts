import { evidenceFor } from "./evidence-table";
import { identify, testKey, TRIAL_OUTCOMES, type NextTest, type Reading } from "./index";

const size = (mm: number): Reading => ({ kind: "external-diameter", mm });
const angle = (degrees: 55 | 60): Reading => ({ kind: "flank-angle", degrees });

/** A screw that reads between M5 and #10-32, whose pitches are alike, and everything that is asked of it. */
const BETWEEN: readonly Reading[] = [
  size(4.77),
  { kind: "leaf", pitchMm: 0.8, outcome: "drops-in" },
  { kind: "head-mark", mark: "none" },
  { kind: "origin", place: "japan" },
  { kind: "crest-to-crest", pitches: 5, mm: 4 },
  { kind: "count", threads: 13, spanMm: 10 },
  { kind: "trial-fit", with: "M5 x 0.8", partIs: "external", outcome: "runs-freely", turns: 5 },
  { kind: "trial-fit", with: "#10-32", partIs: "external", outcome: "binds", turns: 5 },
];

/** Every test that is offered until nothing is, where none can be answered. */
function untilNothing(readings: readonly Reading[], part: "bolt" | "stud" = "bolt"): NextTest[] {
  const skip: string[] = [];
  const asked: NextTest[] = [];
  for (;;) {
    const [test] = identify(readings, { part, skip }).nextTests;
    if (test === undefined) return asked;
    asked.push(test);
    skip.push(testKey(test));
  }
}

const shareOf = (readings: readonly Reading[], id: string) =>
  identify(readings, { part: "bolt" }).candidates.find(({ thread }) => thread.id === id)
    ?.probability ?? 0;

const isBeside = (test: NextTest | undefined) => test !== undefined && "beside" in test;

describe("a second look", () => {
  it("of the size is what remains where everything else was asked", () => {
    const asked = untilNothing(BETWEEN);
    expect(asked.at(-1)).toEqual({ kind: "external-diameter", tool: "caliper", beside: true });
    expect(asked.filter(({ kind }) => kind === "external-diameter")).toHaveLength(1);
  });

  it("goes over ten pitches, where five lay between 1 mm and 26 TPI", () => {
    const spans = untilNothing([size(6.05), { kind: "crest-to-crest", pitches: 5, mm: 4.94 }])
      .filter((test) => test.kind === "crest-to-crest")
      .map(({ pitches }) => pitches);
    expect(spans).toEqual([10]);
  });

  it("comes after every first look", () => {
    for (const mm of [4.77, 6.2, 7.85, 9.4, 12.52]) {
      const beside = untilNothing([size(mm)], "stud").map(isBeside);
      expect(beside).toEqual([...beside].sort((a, b) => Number(a) - Number(b)));
    }
  });

  it("of the size is asked for once, and the wider of the two counts", () => {
    const again = [...BETWEEN, size(4.86)];
    expect(untilNothing(again).filter(isBeside)).toEqual([]);
    expect(shareOf(again, "iso-m5x0.8")).toBeGreaterThan(shareOf(BETWEEN, "iso-m5x0.8"));
  });

  it("of the flank angle stands beside the first, and tells less than the first did", () => {
    const twins = [size(9.4), { kind: "leaf", tpi: 16, outcome: "drops-in" } as const];
    const tools = ["angle-gauge"] as const;
    const skip = ["origin", "head-mark", "crest-form"];
    const [first] = identify(twins, { part: "stud", tools, skip }).nextTests;
    expect([first?.kind, isBeside(first)]).toEqual(["flank-angle", false]);
    const once = [...twins, angle(55)];
    const [second] = identify(once, { part: "stud", tools, skip }).nextTests;
    expect([second?.kind, isBeside(second)]).toEqual(["flank-angle", true]);
    const twice = [...once, angle(55)];
    expect(identify(twice, { part: "stud", tools, skip }).nextTests).toEqual([]);
    const doubt = [twins, once, twice].map((readings) =>
      Math.log(shareOf(readings, "bsw-3/8-16") / shareOf(readings, "unc-3/8-16")),
    );
    const [told = 0, toldMore = 0] = [1, 2].map((at) => (doubt[at] ?? 0) - (doubt[at - 1] ?? 0));
    expect(toldMore).toBeGreaterThan(0.1);
    expect(toldMore).toBeLessThan(told);
  });

  it("is not asked for where what is not held leads", () => {
    const strange = [size(7.7), { kind: "count", threads: 30, spanMm: 25.4 } as const];
    expect(identify(strange).unknown).toBeGreaterThan(0.5);
    expect(untilNothing(strange).some(isBeside)).toBe(false);
  });

  it("needs jaws: who has none is not asked for the size once more", () => {
    const offered = identify(BETWEEN, {
      tools: ["rule"],
      skip: untilNothing(BETWEEN)
        .filter((test) => !isBeside(test))
        .map(testKey),
    });
    expect(offered.nextTests.some(isBeside)).toBe(false);
  });
});

describe("a known nut on a screw that nobody holds, whose size was read", () => {
  const chances = (crestsMm: number) =>
    Object.fromEntries(
      TRIAL_OUTCOMES.map((outcome) => {
        const reading: Reading = {
          kind: "trial-fit",
          with: "M12 x 1.75",
          partIs: "external",
          outcome,
          crestsMm,
        };
        return [outcome, evidenceFor(reading).unknownLikelihood(reading, 1.75)];
      }),
    );

  it.each([
    [12.5, "will-not-start"],
    [11.85, "runs-freely"],
    [11.2, "loose"],
  ] as const)("of %s mm on an M12 nut: %s", (crestsMm, outcome) => {
    const found = chances(crestsMm);
    expect(found[outcome]).toBeGreaterThan(0.5);
    expect(Object.values(found).reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 6);
  });
});

describe("both ends measured, where the size was read before", () => {
  const read: readonly Reading[] = [size(20.9), { kind: "taper", tapered: false }];
  const ends = (largeMm: number): Reading => ({
    kind: "taper-measured",
    smallMm: largeMm - 0.04,
    largeMm,
    apartMm: 30,
  });

  it("say that it is parallel, and nothing a second time of its size", () => {
    const { unknown } = identify(read);
    const after = identify([...read, ends(20.9)]).unknown;
    expect(after).toBeGreaterThan(0.5 * unknown);
    expect(after).toBeLessThan(2 * unknown);
  });

  it("contradict it where they were measured somewhere else", () => {
    const [there, elsewhere] = [20.9, 26.4].map((mm) => identify([...read, ends(mm)]).conflict);
    expect(elsewhere).toBeGreaterThan((there ?? 0) + 3);
  });
});
