import { named } from "../../testing";
import { saidToDropIn } from "./leaf-evidence";
import { identify, type InformativeTest, type Reading } from "./index";

const worn: Reading = { kind: "external-diameter", mm: 4.78 };
const leaf = (mark: { readonly pitchMm: number } | { readonly tpi: number }): Reading => ({
  kind: "leaf",
  ...mark,
  outcome: "drops-in",
});

function oddsOf(readings: readonly Reading[]) {
  const { candidates } = identify(readings);
  const share = (name: string) =>
    candidates.find(({ thread }) => thread.designation === name)?.probability ?? 0;
  return share("M5 x 0.8") / share("#10-32 UNF");
}

describe("the leaf that is called, where two drop in", () => {
  // 0.8 mm and 32 an inch are 6 µm apart a pitch: over ten teeth 31 µm of light at either end.
  it("tells M5 from #10-32 where leaves of both systems could be held against each other", () => {
    expect(oddsOf([worn, leaf({ pitchMm: 0.8 })])).toBeGreaterThan(
      1.3 * oddsOf([worn, leaf({ tpi: 32 })]),
    );
  });

  it("tells less where only one gauge is owned", () => {
    const both = oddsOf([worn, leaf({ pitchMm: 0.8 })]);
    const one = oddsOf([worn, { ...leaf({ pitchMm: 0.8 }), gauge: "metric" } as Reading]);
    expect(one).toBeLessThan(both);
    // Whoever owns one gauge says so with the answer to a test.
    const asked = identify([worn], { tools: ["caliper", "metric-leaves"] }).nextTests.find(
      (test): test is InformativeTest => test.kind === "leaf",
    );
    const [answer] = asked?.outcomes.map((outcome) => outcome.answer) ?? [];
    expect(answer).toMatchObject({ kind: "reading", reading: { kind: "leaf", gauge: "metric" } });
  });

  it("weighs nothing where no other leaf lies nearly as well", () => {
    const alone = saidToDropIn({ pitchMm: 1.25 }, named("M8"));
    expect(saidToDropIn({ pitchMm: 1.25 }, named("M8"), "metric")).toBeCloseTo(alone, 1);
  });

  it("cancels where both were said to drop in", () => {
    const both = oddsOf([worn, leaf({ pitchMm: 0.8 }), leaf({ tpi: 32 })]);
    expect(both).toBeLessThan(oddsOf([worn, leaf({ pitchMm: 0.8 })]));
    expect(both).toBeGreaterThan(oddsOf([worn, leaf({ tpi: 32 })]));
  });
});

describe("what two names have in common", () => {
  // ISO 228-1 and ISO 7-1: G and Rp have one profile and one size inside.
  it("settles a parallel pipe thread inside, whichever of its names it bears", () => {
    const readings: Reading[] = [
      { kind: "internal-diameter", mm: 18.7 },
      { kind: "taper", tapered: false },
      leaf({ tpi: 14 }),
    ];
    const { verdict, candidates } = identify(readings, { part: "pipe-female" });
    const names = candidates.slice(0, 2).map(({ thread }) => thread.designation);
    expect(names.sort()).toEqual(["G 1/2", "Rp 1/2"]);
    expect(candidates[0]?.probability).toBeLessThan(0.97);
    expect(verdict).toBe("settled");
  });
});

describe("a length from crest to crest", () => {
  const spanAsked = (mm: number) => {
    const readings: Reading[] = [
      { kind: "external-diameter", mm },
      { kind: "leaf", pitchMm: 1, outcome: "unsure" },
    ];
    const skip = ["leaf", "trial-fit", "count", "flank-angle", "across-flats", "origin"];
    return identify(readings, { skip: [...skip, "head-mark", "crest-form"] }).nextTests.find(
      (test): test is InformativeTest & { kind: "crest-to-crest" } =>
        test.kind === "crest-to-crest",
    )?.pitches;
  };

  it("is asked for over five pitches where those tell, over ten where they tell much less", () => {
    // M8 x 1.25 and x 1 are 1.25 mm apart over five; M7 x 1 and 9/32-26 BSF 0.12 mm.
    expect(spanAsked(7.88)).toBe(5);
    expect(spanAsked(6.9)).toBe(10);
  });
});

describe("a test that would overturn what is as good as settled", () => {
  it("is asked although its answer is unlikely", () => {
    const acme: Reading[] = [
      { kind: "external-diameter", mm: 19.0 },
      { kind: "crest-to-crest", pitches: 5, mm: 21.17 },
    ];
    const { nextTests, candidates } = identify(acme, { part: "stud" });
    expect(candidates[0]?.thread.designation).toBe("3/4-6 Acme");
    expect(nextTests.map(({ kind }) => kind)).toContain("thread-depth");
  });
});
