import {
  identify,
  takesReading,
  TOOLS,
  type ReadingTest,
  type Reading,
  type Tool,
} from "../../identify/weigh";
import { catalogue } from "../../catalogue/threads";
import { TEACHING } from "../bench";
import { nextTestWords } from "./index";
import { aThread } from "./test-words";

const diameter = (mm: number): Reading => ({ kind: "external-diameter", mm });
const dropsIn = (tpi: number): Reading => ({ kind: "leaf", tpi, outcome: "drops-in" });

/** Tests asked for over many parts, with every set of tools that matters. */
function testsAsked(): ReadingTest[] {
  const sets: readonly (readonly Tool[])[] = [TOOLS, ["rule"], ["caliper"], ["known-parts"], []];
  const parts: readonly Reading[][] = [
    [],
    ...[4.7, 6.2, 7.85, 9.4, 12.52, 20.8, 31.6].map((mm) => [diameter(mm)]),
    [diameter(9.4), dropsIn(16)],
    [diameter(20.8), dropsIn(14)],
    [diameter(20.8), dropsIn(14), { kind: "taper", tapered: true }],
  ];
  return parts.flatMap((readings) =>
    sets.flatMap((tools) => identify(readings, { tools }).nextTests.filter(takesReading)),
  );
}

describe("a test in words", () => {
  const tests = testsAsked();

  it("has been asked for in every kind", () => {
    const kinds = new Set(tests.map(({ kind }) => kind));
    for (const kind of [
      "external-diameter",
      "leaf",
      "flank-angle",
      "taper",
      "trial-fit",
      "crest-to-crest",
      "count",
      "across-flats",
      "head-mark",
      "origin",
    ]) {
      expect(kinds).toContain(kind);
    }
  });

  it("names each of its answers once, and what it would leave", () => {
    for (const test of tests) {
      const { title, meaning, answers } = nextTestWords(test, "mm");
      expect(title).not.toBe("");
      if (!("outcomes" in test)) continue;
      expect(new Set(answers).size).toBe(test.outcomes.length);
      for (const answer of answers) expect(meaning.toLowerCase()).toContain(answer.toLowerCase());
      for (const { leaves } of test.outcomes) {
        if (leaves[0] !== undefined) expect(meaning).toContain(leaves[0].designation);
      }
    }
  });

  it("flips its figures with the units", () => {
    const measured = tests.find(({ kind }) => kind === "crest-to-crest");
    if (measured === undefined) throw new Error("a length over the crests was expected");
    expect(nextTestWords(measured, "mm").answers[0]).toMatch(/^About [\d.]+ mm$/);
    expect(nextTestWords(measured, "in").answers[0]).toMatch(/^About [\d.]+ in$/);
  });

  it("is taught in one sentence or two", () => {
    for (const teaching of Object.values(TEACHING)) {
      expect(teaching).toMatch(/\.$/);
      expect(teaching.length).toBeLessThan(150);
    }
  });
});

describe("a thread with its article", () => {
  it("is spoken as the trade speaks it", () => {
    const spoken = (designation: string) => {
      const thread = catalogue().find((one) => one.designation === designation);
      return thread && aThread(thread);
    };
    expect(spoken("M10 x 1.5")).toBe("an M10 x 1.5");
    expect(spoken("R 1/2")).toBe("an R 1/2");
    expect(spoken("3/8-16 UNC")).toBe("a 3/8-16 UNC");
    expect(spoken("8 BA")).toBe("an 8 BA");
    expect(spoken("G 1/2")).toBe("a G 1/2");
  });
});
