import { seededRandom } from "../random";
import { lookUpThread } from "../catalogue/threads";
import { inchesFromMm } from "../measure";
import {
  formatCallout,
  isCalloutProblem,
  parseCallout,
  type CalloutProblem,
  type FastenerSpec,
  type ScrewSpec,
} from "./index";
import { readThreadAndLength } from "./read-thread";

const read = (text: string) => {
  const result = parseCallout(text);
  return isCalloutProblem(result) ? result.code : formatCallout(result);
};

const missed = (text: string) => {
  const result = parseCallout(text);
  return isCalloutProblem(result) && result.code === "callout-not-understood" ? result.words : [];
};

describe("a figure that was written", () => {
  it.each([
    ["M8-1", "M8 x 1"],
    ["M12-1.5", "M12 x 1.5"],
    ["M12 1.25", "M12 x 1.25"],
    ["M8x1 nut", "M8 x 1 hex nut"],
    ["M8x1mm", "M8 x 1"],
    ["M18x1.5 (fine)", "M18 x 1.5"],
    ["M12-1.5 nylon insert nut class 10", "M12 x 1.5 nylon insert nut, class 10"],
    ["M12-1.5 SHCS 12.9", "M12 x 1.5 socket cap screw, 12.9"],
    ["M12-1.5-40 SHCS", "M12 x 1.5 x 40 socket cap screw"],
    ["M10 hex nut 10", "M10 hex nut, class 10"],
    ["7/16-14 hex nut 5", "7/16-14 UNC hex nut, grade 5"],
    ['1" UNC', "1-8 UNC"],
    ['2" UNC x 6"', "2-4.5 UNC x 6"],
    ["7/16-14 UNC-2A x 2-1/4 gr 5", "7/16-14 UNC-2A x 2-1/4, grade 5"],
    ["M10x1.25-6g x 40 8.8", "M10 x 1.25-6g x 40, 8.8"],
    ["M5x6", "M5 x 6"],
    ["M8 x 40 x 1.25", "M8 x 40"],
    ["M12 x 50 x 1.5", "M12 x 1.5 x 50"],
  ])("%s is read as %s", (text, expected) => {
    expect(read(text)).toBe(expected);
  });

  it.each([
    ["M10x1.6", "callout-thread"],
    ["M10x40 10", "callout-length"],
    ["M8 x 40 x 12.5", "callout-length"],
    ["M10 nut 8.8", "callout-grade"],
    ["M10 washer 20x2x3", "callout-not-understood"],
    ["M10x20 with nut class 10 and washer class 9", "callout-not-understood"],
  ])("%s is refused as %s rather than dropped", (text, code) => {
    expect(read(text)).toBe(code);
  });
});

describe("words that name the part", () => {
  it.each([
    ["M12 all metal lock nut", "M12 all-metal locking nut"],
    ["flat head cap screw 7/16-14 x 1", "7/16-14 UNC x 1 countersunk screw"],
    ["M8x30 socket head cap screw", "M8 x 30 socket cap screw"],
    ["M6x16 flat head socket cap screw", "M6 x 16 socket countersunk screw"],
  ])("%s is %s", (text, expected) => {
    expect(read(text)).toBe(expected);
  });

  it("are named where they were missed, and no part is offered in the place of the one meant", () => {
    expect(missed("M12 lock nut")).toEqual(["lock"]);
    expect(missed("M8x40 reduced shank hex bolt")).toEqual(["reduced", "shank"]);
    expect(missed("M10x40banana")).toEqual(["40banana"]);
    expect(missed("M10x40 8.8 @")).toEqual(["@"]);
    expect(parseCallout("M12 lock nut")).not.toHaveProperty("without");
  });
});

/** Every figure that a part says, as a number: sizes in mm and inches, pitch, threads per inch, class, count. */
function figuresOf(spec: FastenerSpec): number[] {
  if (spec.part === "pin") return (formatCallout(spec).match(/\d+(?:\.\d+)?/g) ?? []).map(Number);
  const { thread, quantity } = spec;
  const screw: Partial<ScrewSpec> = spec.part === "screw" ? spec : {};
  const lengths =
    screw.lengthMm === undefined ? [] : [screw.lengthMm, inchesFromMm(screw.lengthMm)];
  const digits = [
    thread.designation,
    spec.toleranceClass,
    screw.gradeId,
    spec.part === "nut" ? spec.nutClassId : undefined,
    spec.part === "washer" && spec.outsideMm !== undefined ? inchesFromMm(spec.outsideMm) : "",
    formatCallout(spec),
  ].join(" ");
  return [
    ...lengths,
    thread.majorMm,
    thread.pitchMm,
    inchesFromMm(thread.majorMm),
    thread.tpi ?? 0,
    thread.namedInch ?? 0,
    quantity ?? 0,
    ...(digits.match(/\d+(?:\.\d+)?/g) ?? []).map(Number),
  ];
}

/** What of the text a problem repeats. */
function namedBy(problem: CalloutProblem): string {
  switch (problem.code) {
    case "callout-not-understood":
      return problem.understood === undefined ? problem.read : problem.words.join(" ");
    case "callout-too-long":
      return "";
    default:
      // These repeat the whole of what was read, and take nothing of it.
      return problem.read;
  }
}

const PIECES = [
  ...["M8", "M10x1.25", "M12-1.5", "7/16-14", "#10-32", "M20", "2BA", "G 1/2", "3/8 bsw"],
  ...["x 40", "x40", "-1.5", "-1", "x 2-1/4", "30mm", "x 1.75", "17", "3", "0.5", "99", "2 x"],
  ...["8.8", "gr 5", "class 10", "12.9", "A2-70", "grade 9", "6g", "2A", "nut", "hex nut"],
  ...["hex bolt", "zinc", "LH", "qty 12", "10 off", "washer", "purple", "csk", "with nut", ","],
];

describe("whatever is written", () => {
  it("each figure stands in what was read or in what was not understood, for 20000 call-outs", () => {
    const random = seededRandom(20261126);
    for (let at = 0; at < 20_000; at += 1) {
      const count = 1 + Math.floor(random.even() * 5);
      const text = Array.from(
        { length: count },
        () => PIECES[Math.floor(random.even() * PIECES.length)],
      ).join(" ");
      const result = parseCallout(text);
      const said = isCalloutProblem(result)
        ? [
            ...(namedBy(result).match(/\d+(?:\.\d+)?/g) ?? []).map(Number),
            ...("understood" in result && result.understood ? figuresOf(result.understood) : []),
          ]
        : [...figuresOf(result), ...("nut" in result && result.nut ? figuresOf(result.nut) : [])];
      const lost = (text.match(/\d+(?:\.\d+)?/g) ?? [])
        .map(Number)
        .filter((figure) => !said.some((one) => Math.abs(one - figure) < 1e-9))
        // Of "2-1/4" and "7/16" the whole figure stands, its parts in the fraction that is written.
        .filter((figure) => !new RegExp(`[-/]${figure}\\b|\\b${figure}[-/]`).test(text));
      // A call-out with a nut that does not read names only what is wrong with it.
      if (isCalloutProblem(result) && /with nut/.test(text)) continue;
      expect([text, lost]).toEqual([text, []]);
    }
  });

  it("is looked up a dozen times at the most, however long it is", () => {
    for (const unit of ["1 ", "x", "M10-", "1/2-13 x ", "- "]) {
      for (const times of [1, 10, 100, 400]) {
        let looked = 0;
        readThreadAndLength(unit.repeat(times), "", (text) => {
          looked += 1;
          return lookUpThread(text);
        });
        expect([unit, times, looked <= 26]).toEqual([unit, times, true]);
      }
    }
  });

  it("is refused before it is read when it is longer than any call-out", () => {
    expect(parseCallout("M10 ".repeat(400))).toMatchObject({ code: "callout-too-long" });
  });
});
