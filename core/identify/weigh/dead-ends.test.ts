import { findThread } from "../../catalogue/threads";
import {
  identify,
  testKey,
  type IdentifyOptions,
  type InformativeTest,
  type PartCondition,
  type Reading,
} from "./index";
import { threadDepthMm } from "./thread-depth-evidence";
import { trialOutcomes } from "./trial-evidence";

const size = (mm: number): Reading => ({ kind: "external-diameter", mm });
const leaf = (tpi: number): Reading => ({ kind: "leaf", tpi, outcome: "drops-in" });
const count = (threads: number, spanMm = 25.4): Reading => ({ kind: "count", threads, spanMm });

function thread(designation: string) {
  const found = findThread(designation);
  if (found === undefined) throw new Error(`${designation} is not held`);
  return found;
}

const winner = (readings: readonly Reading[]) => identify(readings).candidates[0];

function asked(
  readings: readonly Reading[],
  kind: InformativeTest["kind"],
  options: IdentifyOptions = {},
) {
  const { nextTests } = identify(readings, options);
  return nextTests.find((test): test is InformativeTest => test.kind === kind);
}

describe("the depth of thread", () => {
  // ASME B1.5: p/2 + 0.01 in; ASME B1.8: 0.3 p + 0.01 in; ISO 2904: h3 = p/2 + ac.
  it.each([
    ["1/2-10 Acme", 1.52],
    ["1/2-10 stub Acme", 1.02],
    ["Tr 10 x 2", 1.25],
    ["Tr 20 x 4", 2.25],
  ])("of %s is %d mm in the middle of its limits, about", (name, mm) => {
    expect(Math.abs(threadDepthMm(thread(name)) - mm)).toBeLessThan(0.12);
  });

  it("tells Acme from stub Acme, which have all else in common", () => {
    const alike = [size(12.6), count(10), { kind: "flank-angle", degrees: 29 }] as const;
    const evenly = { useCommonness: false, skip: ["origin", "trial-fit"] };
    const names = identify(alike).candidates.map(({ thread: { designation } }) => designation);
    expect(names.slice(0, 2).sort()).toEqual(["1/2-10 Acme", "1/2-10 stub Acme"]);
    expect(asked(alike, "thread-depth", evenly)?.outcomes).toHaveLength(2);
    const depth = (mm: number): Reading => ({ kind: "thread-depth", mm });
    expect(winner([...alike, depth(1.5)])?.thread.designation).toBe("1/2-10 Acme");
    expect(winner([...alike, depth(1.0)])?.thread.designation).toBe("1/2-10 stub Acme");
  });

  it("says little of a V, whose root no blade reaches", () => {
    const before = winner([size(9.85), leaf(17)])?.thread.id;
    expect(winner([size(9.85), leaf(17), { kind: "thread-depth", mm: 0.7 }])?.thread.id).toBe(
      before,
    );
  });
});

describe("the crests under a glass", () => {
  const either = [size(6.25), leaf(20), { kind: "flank-angle", degrees: 55 }] as const;
  const share = (readings: readonly Reading[], name: string) =>
    identify(readings).candidates.find((one) => one.thread.designation === name)?.probability ?? 0;

  it("tell Whitworth from unified of one pitch, as far as dies and wear let them", () => {
    const rounded = share([...either, { kind: "crest-form", form: "rounded" }], "1/4-20 BSW");
    const flat = share([...either, { kind: "crest-form", form: "flat" }], "1/4-20 BSW");
    expect(rounded).toBeGreaterThan(share(either, "1/4-20 BSW"));
    expect(rounded).toBeGreaterThan(0.95);
    expect(flat).toBeLessThan(0.6);
    expect(flat).toBeGreaterThan(0.05);
  });

  it("are asked for of a screw and never of a nut, and only with a glass", () => {
    const skip = ["origin", "head-mark", "across-flats", "trial-fit"];
    expect(asked(either, "crest-form", { skip })).toBeDefined();
    const nut = [{ kind: "internal-diameter", mm: 5.0 }, leaf(20)] as const;
    expect(asked(nut, "crest-form", { skip })).toBeUndefined();
    const without = identify(either, { skip, tools: ["caliper", "inch-leaves"] }).nextTests;
    expect(without.some(({ kind }) => kind === "crest-form")).toBe(false);
  });

  it("of a cycle thread are rounded though its flanks have 60 degrees", () => {
    const both = [size(6.25), leaf(26), { kind: "flank-angle", degrees: 60 }] as const;
    const rounded = share([...both, { kind: "crest-form", form: "rounded" }], "1/4-26 cycle");
    expect(rounded).toBeGreaterThan(share(both, "1/4-26 cycle"));
  });
});

describe("a taper that was seen, or not", () => {
  it("is measured where the thread is in doubt all the same", () => {
    const looked = [size(12.9), { kind: "taper", tapered: false }] as const;
    expect(asked([size(12.9)], "taper-measured", { part: "pipe-male" })).toBeUndefined();
    const test = asked(looked, "taper-measured", {
      part: "pipe-male",
      skip: ["trial-fit", "origin"],
    });
    expect(test?.outcomes.map(({ answer }) => answer.kind)).toEqual(["taper", "taper"]);
    const ends: Reading = { kind: "taper-measured", smallMm: 12.4, largeMm: 12.9, apartMm: 8 };
    expect(winner([...looked, ends])?.thread.series).toBe("R");
  });
});

describe("the leaf", () => {
  it("that drops in is asked for among all that are likely, in one test", () => {
    const [test] = identify([size(9.9)]).nextTests;
    if (test?.kind !== "leaf") throw new Error("a leaf was expected");
    expect([test.leaf, ...test.others]).toEqual([
      { pitchMm: 1.5 },
      { pitchMm: 1.25 },
      { pitchMm: 1 },
    ]);
    for (const { answer } of test.outcomes) {
      expect(answer).toMatchObject({ kind: "reading", reading: { outcome: "drops-in" } });
    }
  });

  it("is asked for no more once the gauge cannot be used", () => {
    const [first] = identify([size(9.9)]).nextTests;
    const skip = [first === undefined ? "" : testKey(first)];
    expect(identify([size(9.9)], { skip }).nextTests.some(({ kind }) => kind === "leaf")).toBe(
      false,
    );
  });

  it("is laid on alone where only one is to be reckoned with, and after one dropped in", () => {
    const rest = identify([size(9.9), { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" }]);
    for (const test of rest.nextTests) {
      if (test.kind === "leaf") expect(test.others).toEqual([]);
    }
  });
});

describe("a size that fits badly", () => {
  const over = [size(8.08), { kind: "leaf", pitchMm: 1.25, outcome: "drops-in" }] as const;

  it("has the part looked at before it is doubted", () => {
    const [test] = identify(over).nextTests;
    if (test?.kind !== "condition") throw new Error("the condition was expected");
    expect(test.at).toBe(0);
    expect(test.conditions).toContain("galvanised");
    expect(test.conditions).not.toContain("worn");
  });

  it("settles once a coat accounts for it, and is doubted where none does", () => {
    const coated = { ...over[0], condition: "galvanised" } as Reading;
    const sound = { ...over[0], condition: "sound" } as Reading;
    expect(identify([coated, over[1]]).verdict).not.toBe("contradictory");
    expect(identify([sound, over[1]]).nextTests[0]?.kind).toBe("again");
  });

  it("is asked about once", () => {
    const { nextTests } = identify(over, { skip: ["condition"] });
    expect(nextTests.some(({ kind }) => kind === "condition")).toBe(false);
  });
});

describe("what two readings settle", () => {
  it("leaves less doubt than what three do, since a slip in one of two does not show", () => {
    const two = [size(5.84), { kind: "leaf", pitchMm: 1, outcome: "drops-in" }] as const;
    const { verdict, candidates } = identify(two, { part: "tapped-hole" });
    expect(verdict === "settled").toBe((candidates[0]?.probability ?? 0) >= 0.985);
  });

  it("asks for a witness more where nothing is left to be told apart", () => {
    const worn: Reading = { kind: "external-diameter", mm: 13.6 };
    const result = identify([worn, { kind: "leaf", pitchMm: 2, outcome: "drops-in" }]);
    expect(result.verdict).not.toBe("settled");
    expect(result.nextTests.length).toBeGreaterThan(0);
  });
});

describe("a known part tried on a part of a stated condition", () => {
  it("goes on to a dipped one less often, and to a worn one of a larger thread more often", () => {
    const goes = (part: string, known: string, condition?: PartCondition) =>
      trialOutcomes(thread(part), thread(known), "external", { ran: 8, condition })["runs-freely"];
    expect(goes("M10 x 1.5", "M10 x 1.5", "galvanised")).toBeLessThan(
      0.7 * goes("M10 x 1.5", "M10 x 1.5"),
    );
    expect(goes("M5 x 0.8", "#10-32 UNF", "worn")).toBeGreaterThan(goes("M5 x 0.8", "#10-32 UNF"));
  });

  it("is told by what was said of the size", () => {
    const trial: Reading = { kind: "trial-fit", with: "M10", partIs: "external", outcome: "binds" };
    const share = (condition: PartCondition) =>
      identify([{ kind: "external-diameter", mm: 10.05, condition }, trial]).candidates.find(
        ({ thread: { designation } }) => designation === "M10 x 1.5",
      )?.probability ?? 0;
    expect(share("galvanised")).toBeGreaterThan(share("plated"));
  });
});
