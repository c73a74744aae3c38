import { seededRandom } from "../../random";
import { againKey, identify, type Reading } from "./index";

const size = (mm: number): Reading => ({ kind: "external-diameter", mm });
const leaf = (pitchMm: number): Reading => ({ kind: "leaf", pitchMm, outcome: "drops-in" });

describe("a reading that the others speak against", () => {
  const odd = [size(9.9), leaf(1.5), { kind: "count", threads: 14.5, spanMm: 25.4 }] as const;

  it("is asked for again, once, and is named with what it would have been", () => {
    const result = identify(odd);
    expect(result.suspects[0]?.thread.designation).toBe("M10 x 1.5");
    const [first] = result.nextTests;
    expect(first?.kind).toBe("again");
    const suspect = odd[result.suspects[0]?.reading ?? 0] ?? odd[0];
    const next = identify(odd, { skip: [againKey(suspect)] }).nextTests[0];
    expect(next?.kind === "again" && next.reading === suspect).toBe(false);
  });

  it("is named for each of two threads that lead, each doubting another reading", () => {
    const { suspects } = identify([
      { kind: "external-diameter", mm: 11.6, condition: "rusted" },
      { kind: "leaf", tpi: 13, outcome: "drops-in" },
    ]);
    const named = suspects.map(({ reading, thread }) => [reading, thread.designation]);
    expect(named).toContainEqual([0, "1/2-13 UNC"]);
    expect(named).toContainEqual([1, "M12 x 1.75"]);
  });

  it("is named against the thread that leads, though it merely strains another", () => {
    const { verdict, suspects } = identify(
      [size(11.98), { kind: "count", threads: 16, spanMm: 25.4 }],
      { part: "bolt" },
    );
    expect(verdict).toBe("contradictory");
    expect(suspects.map(({ reading, thread }) => [reading, thread.designation])).toContainEqual([
      1,
      "M12 x 1.75",
    ]);
  });

  it("is named where a thread leads for all that, and is nobody's fault where all agree", () => {
    const slipped = identify([size(17.49), { kind: "count", threads: 8, spanMm: 12.7 }]);
    expect(slipped.suspects.length).toBeGreaterThan(0);
    expect(identify([size(15.9), leaf(2)]).suspects).toEqual([]);
  });
});

describe("a diameter under every thread", () => {
  it("is the plain shank of a common screw before it is a spindle of that size", () => {
    const { candidates } = identify([size(9.03)], { part: "bolt" });
    const place = (name: string) =>
      candidates.findIndex(({ thread }) => thread.designation === name);
    expect(place("M10 x 1.5")).toBeLessThan(3);
    expect(place("M10 x 1.5")).toBeLessThan(place("Tr 9 x 1.5"));
  });
});

describe("a thread that is not held", () => {
  it("is likelier than a rare one whose size and pitch agree by chance, and less than a common one", () => {
    const rare = identify([size(11.1), { kind: "count", threads: 16, spanMm: 25.4 }]);
    const common = identify([size(9.85), leaf(1.5)]);
    expect(rare.unknown).toBeGreaterThan(5 * common.unknown);
  });

  it("is no stranger to its own readings: what they say of its pitch hangs together", () => {
    const random = seededRandom(20261127);
    for (let at = 0; at < 20; at += 1) {
      // 11.3 mm by 1.37: between all that is held, read three ways.
      const readings: readonly Reading[] = [
        size(11.3 + 0.01 * random.normal()),
        { kind: "crest-to-crest", pitches: 10, mm: 13.7 + 0.03 * random.normal() },
        { kind: "count", threads: 18.5, spanMm: 25.4 },
      ];
      expect(identify(readings).unknown).toBeGreaterThan(0.5);
    }
  });
});

describe("a V leaf in a thread with flat roots", () => {
  it("speaks less for a spindle of its pitch than for a screw of it", () => {
    const share = (readings: readonly Reading[], name: string) =>
      identify(readings, { part: "stud" }).candidates.find(
        ({ thread }) => thread.designation === name,
      )?.probability ?? 0;
    const measured = [size(15.95)];
    const withLeaf = [...measured, { kind: "leaf", pitchMm: 4, outcome: "rocks" } as const];
    // A leaf of its pitch that rocks does not rule the spindle out.
    expect(share(withLeaf, "Tr 16 x 4")).toBeGreaterThan(0.3 * share(measured, "Tr 16 x 4"));
  });
});
