import { compareThreads } from "../../identify/look-alikes";
import { dangerWords } from "../charts";
import { decisiveReason, identify, takesReading, type Reading } from "../../identify/weigh";
import { named } from "../../testing";
import { suspectWords } from "../../identify/doubts";
import { readLength } from "../../measure";
import {
  allReasonsWords,
  lengthProblemWords,
  nextTestWords,
  percentWords,
  readingWords,
  reasonWords,
  verdictWords,
} from "./index";

const HALF_INCH: Reading[] = [
  { kind: "external-diameter", mm: 12.52 },
  { kind: "leaf", tpi: 13, outcome: "drops-in" },
];

function reasonFor(readings: Reading[], designation: string, units: "mm" | "in"): string {
  const candidate = identify(readings).candidates.find(
    ({ thread }) => thread.designation === designation,
  );
  const reason = candidate && decisiveReason(candidate);
  return reason === undefined ? "" : reasonWords(reason, units);
}

describe("sentences", () => {
  it("flips every figure with the units", () => {
    expect(reasonFor(HALF_INCH, "M12 x 1.75", "mm")).toBe("12.52 mm is 0.55 over the largest 6g.");
    expect(reasonFor(HALF_INCH, "M12 x 1.75", "in")).toBe(
      "0.4929 in is 0.0218 over the largest 6g.",
    );
  });

  it("joins the readings' reasons for the winner", () => {
    const [best] = identify(HALF_INCH).candidates;
    expect(best && allReasonsWords(best, "mm")).toBe(
      "12.52 mm is inside 12.39–12.66 mm. The 13 TPI leaf drops in, and it is this pitch.",
    );
  });

  it("says why a leaf should have rocked", () => {
    expect(reasonFor(HALF_INCH, "1/2-20 UNF", "mm")).toBe(
      "The 13 TPI leaf should rock on 20 TPI: 2.74 mm out at the ends over 8 threads.",
    );
  });

  it("calls a part a little under its band worn, or another thread", () => {
    expect(reasonFor([{ kind: "external-diameter", mm: 9.65 }], "M10 x 1.5", "mm")).toBe(
      "9.65 mm is 0.08 under the smallest 6g: worn, or not this thread.",
    );
  });

  it("names the verdicts", () => {
    expect(verdictWords(identify(HALF_INCH))).toBe("Settled");
    expect(verdictWords(identify(HALF_INCH.slice(0, 1)))).toBe("Down to four");
    expect(verdictWords(identify([]))).toBe("Wide open");
  });

  it("names the culprit and what it would have to be", () => {
    const result = identify([
      { kind: "external-diameter", mm: 12.52 },
      { kind: "leaf", tpi: 14, outcome: "drops-in" },
    ]);
    expect(verdictWords(result)).toBe("Doesn't add up");
    expect(result.suspects[0] && suspectWords(result.suspects[0], "mm")).toBe(
      "If the 14 TPI leaf was really 13 TPI, everything fits 1/2-13 UNC.",
    );
  });

  it("offers the next test as an instruction with both outcomes", () => {
    const [test] = identify([{ kind: "external-diameter", mm: 9.9 }]).nextTests.filter(
      takesReading,
    );
    expect(test && nextTestWords(test, "mm")).toMatchObject({
      title: "Find the leaf that drops in",
      meaning: "1.5 mm: M10 x 1.5. 1.25 mm: M10 x 1.25. 1 mm: M10 x 1.",
    });
  });

  it.each<[Reading, string, string]>([
    [
      { kind: "flank-angle", degrees: 60 },
      "1/2-12 BSW",
      "Its flank angle is 55°, and 60° was read.",
    ],
    [{ kind: "flank-angle", degrees: 55 }, "1/2-12 BSW", "The flank angle is 55°, as it was read."],
    [{ kind: "taper", tapered: false }, "R 1/2", "It is tapered, and no taper was seen."],
    [
      { kind: "origin", place: "britain", before: 1930 },
      "1/2-12 BSW",
      "Whitworth threads are met on a machine from Britain older than 1930.",
    ],
    [
      { kind: "function", what: "pipe-fitting" },
      "1/2-13 UNC",
      "Unified inch threads are met on a pipe fitting.",
    ],
  ])("says how %j stands to %s", (reading, designation, sentence) => {
    const candidate = identify([reading]).candidates.find(
      ({ thread }) => thread.designation === designation,
    );
    const reason = candidate?.reasons[0];
    expect(reason && reasonWords(reason, "mm")).toBe(sentence);
  });

  it("offers the angle and the taper with what each answer would leave", () => {
    const twins: Reading[] = [
      { kind: "external-diameter", mm: 9.4 },
      { kind: "leaf", tpi: 16, outcome: "drops-in" },
    ];
    const [angle] = identify(twins, { tools: ["leaves-55"], skip: ["origin"] }).nextTests.filter(
      takesReading,
    );
    expect(angle && nextTestWords(angle, "mm")).toMatchObject({
      title: "Check the flank angle",
      meaning: "60°: 3/8-16 UNC. 55°: 3/8-16 BSW.",
      answers: ["60°", "55°"],
    });
  });

  it.each<[Reading, string, string]>([
    [
      { kind: "internal-diameter", mm: 8.5 },
      "M10 x 1.5",
      "8.50 mm is inside its bore, 8.38–8.68 mm.",
    ],
    [
      { kind: "diameter-between", overMm: 9.5, notOverMm: 10 },
      "M10 x 1.5",
      "Between 9.50–10.00 mm by the gauge; this one is 9.73–9.97 mm.",
    ],
    [
      { kind: "taper-measured", smallMm: 20.15, largeMm: 20.9, apartMm: 12 },
      "R 1/2",
      "It is tapered 1 in 16, and 1 in 16 was measured.",
    ],
    [
      { kind: "head-mark", mark: "lines:3" },
      "3/8-16 UNC",
      "Unified inch parts are met with 3 lines.",
    ],
    [
      { kind: "across-flats", mm: 14.2 },
      "3/8-16 UNC",
      "14.20 mm across the flats is its hexagon of 14.29 mm.",
    ],
    [
      { kind: "trial-fit", with: "M10", partIs: "external", outcome: "binds", turns: 4 },
      "3/8-16 UNC",
      "An M10 x 1.5 nut should bind after about 4 turns, and it bound.",
    ],
    [
      { kind: "trial-fit", with: "M10", partIs: "internal", outcome: "runs-freely" },
      "M10 x 1.5",
      "An M10 x 1.5 bolt should run freely, and it ran freely for 4 turns.",
    ],
  ])("says how %j stands to %s", (reading, designation, sentence) => {
    const candidate = identify([reading]).candidates.find(
      ({ thread }) => thread.designation === designation,
    );
    const reason = candidate?.reasons[0];
    expect(reason && reasonWords(reason, "mm")).toBe(sentence);
  });

  it("says what a near-miss does, the more misleading way round", () => {
    const danger = (one: string, other: string) => {
      const thread = named(one);
      return dangerWords(compareThreads(thread, named(other)), thread);
    };
    const m10 =
      "An M10 x 1.5 nut runs on to a 3/8-16 UNC bolt for about 4 turns, then binds; forced, it ruins both.";
    expect(danger("M10", "3/8-16")).toBe(m10);
    expect(danger("3/8-16", "M10")).toBe(m10);
    expect(danger("1/4-20 unc", "1/4-20 bsw")).toContain("as if it belonged");
  });

  it("offers a trial and a measurement with what each would mean", () => {
    const tests = identify([{ kind: "external-diameter", mm: 9.45 }], {
      tools: ["known-parts", "caliper"],
      skip: ["origin", "head-mark"],
    })
      .nextTests.filter(takesReading)
      .map((test) => nextTestWords(test, "mm").title);
    expect(tests).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^(Run an? .* nut on to it|Measure (?:5|10) pitches)/),
      ]),
    );
  });

  it("labels readings", () => {
    expect(readingWords({ kind: "count", threads: 8, spanMm: 25.4 }, "in")).toEqual({
      label: "count",
      figure: "8",
      note: "in 1 in",
    });
  });

  it("says over how many threads a leaf lay, and after how many turns a part bound", () => {
    const note = (reading: Reading) => readingWords(reading, "mm").note;
    expect(note({ kind: "leaf", tpi: 24, outcome: "drops-in", threadsEngaged: 3 })).toBe(
      "drops in over 3",
    );
    expect(
      note({ kind: "trial-fit", with: "M10", partIs: "external", outcome: "binds", turns: 1 }),
    ).toBe("binds after 1 turn");
  });

  it("never rounds doubt away", () => {
    expect([0, 0.0001, 0.5, 0.97, 0.9999, 1].map(percentWords)).toEqual([
      "0 %",
      "under 1 %",
      "50 %",
      "97 %",
      "over 99 %",
      "100 %",
    ]);
  });

  it.each([
    ["0", "Read “0”: a size is more than nothing. Accepted: 0.50–150.00 mm."],
    ["-3", "Read “-3”: a size is more than nothing. Accepted: 0.50–150.00 mm."],
    ["5 m", "Read “5 m”: “m” is not a unit used here. Accepted: mm or in."],
    ["5000", "Read “5000”, which is 5000.00 mm. Accepted: 0.50–150.00 mm."],
    ["bolt", "Read “bolt”: not a figure. Accepted: 12.52, 0.492 in or 1 1/2."],
    [
      "1/0",
      "Read “1/0”: nothing can be cut into 0 parts. Accepted: halves down to 64ths, such as 1/2 or 37/64.",
    ],
    [
      "1 1/2 3/4",
      "Read “1 1/2 3/4”: more than one fraction. Accepted: a whole number and one fraction, such as 1 1/2.",
    ],
  ])("answers %j with what was read and what is accepted", (text, sentence) => {
    const read = readLength(text, "mm", { minMm: 0.5, maxMm: 150 });
    expect(read.ok ? "" : lengthProblemWords(read.problem, "mm")).toBe(sentence);
  });
});
