import { isCalloutProblem, parseScrew, type ScrewSpec, formatCallout } from "../../callout";
import {
  identify,
  summaryOf,
  turnedEnd,
  type EndReading,
  type Reading,
} from "../../identify/weigh";
import { screwOutline } from "../../draw/joint";
import { lineProblems, orderLines } from "../order";
import { replacementProblems, specProblems } from "../replace";
import { sheetWords } from "../../say/sheet";
import { fastenerSheet, screwThatCameOut } from "./index";

function stud(text: string): ScrewSpec {
  const read = parseScrew(text);
  if (isCalloutProblem(read)) throw new Error(text);
  return read;
}

const sizesOf = (text: string) => sheetWords(fastenerSheet(stud(text)), "mm").sections[0];

// Lengths and loads worked out by hand from the standards named.
describe("the sheet of a stud", () => {
  it.each([
    ["DIN 938 M10 x 50 8.8", 10, 26, 60],
    ["DIN 939 M10 x 50", 12, 26, 62],
    ["DIN 835 M8 x 40", 16, 22, 56],
    ["DIN 940 M12 x 150", 30, 36, 180],
  ])("by its standard leaves out the end that goes in: %s", (text, inHole, underNut, overall) => {
    const { stud: ends } = fastenerSheet(stud(text));
    expect(ends?.ends.map(({ goes, threadMm }) => [goes, threadMm])).toEqual([
      ["under-nut", underNut],
      ["in-hole", inHole],
    ]);
    expect(ends?.overallMm).toBe(overall);
  });

  it("counts strength at the weaker end, nut and torque at the nut's, the drill at the other", () => {
    const sheet = fastenerSheet(stud("M10 nut end / M8 tap end x 50 stud, 8.8"));
    // ISO 898-1: M8 in 8.8 bears 21 200 N, M10 33 700 N; nut ISO 4032 M10, 16 across; drill M8 6.8.
    expect(sheet.strength?.loads.proofN).toBeCloseTo(21_230, -2);
    expect(sheet.companions?.nut.size.acrossFlatsMm).toBe(16);
    expect(sheet.drill.drill.mm).toBe(6.8);
    const m10 = fastenerSheet(stud("M10 x 50 stud, 8.8")).torque?.mostNm ?? 0;
    expect(sheet.torque?.mostNm).toBeCloseTo(m10 * (36.6 / 58), 0);
  });

  it("has today's nut and spanner, though hexagons by older standards are wider", () => {
    expect(fastenerSheet(stud("DIN 938 M10 x 50")).companions?.nut.size.acrossFlatsMm).toBe(16);
  });

  it("says each end with its thread, and what is not known of it", () => {
    expect(sizesOf("M10 x 1.25 x 20 thread / M10 x 1.5 x 60 stud")?.facts).toEqual([
      ["Length", "60 mm"],
      ["One end", "M10 x 1.25, threaded 20 mm, its hole drilled 8.8 mm"],
      ["Other end", "M10 x 1.5, thread length not said, its hole drilled 8.5 mm"],
    ]);
    expect(sizesOf("M10 x 1.25 / M10 x 1.5 x 60 stud")?.lines.join(" ")).toContain(
      "Which end takes the nut was not said",
    );
  });

  it("finds the ends longer than the stud", () => {
    expect(specProblems(stud("M10 x 40 thread / M10 x 1 x 30 thread x 60 stud"))).toMatchObject([
      { code: "ends-too-long", endsMm: 70, lengthMm: 60 },
    ]);
  });

  it("is drawn with each end as far as it is threaded", () => {
    const { dimensions, right } = screwOutline(
      stud("M10 x 1.25 x 20 thread nut end / M8 x 1.25 x 15 thread tap end x 60 stud"),
    );
    const shown = dimensions.map(({ kind, mm, from }) => [kind, mm, from.x]);
    expect(right).toBe(60);
    expect(shown).toEqual([
      ["major", 10, 60],
      ["major", 8, 0],
      ["length", 60, 0],
      ["thread", 15, 0],
      ["thread", 20, 40],
    ]);
  });
});

describe("the order of a stud", () => {
  const wanted = (callout: string, at: number) => ({
    positionId: `p${at}`,
    place: `place ${at}`,
    alike: 2,
    callout,
  });
  const rule = { sparesPercent: 0, sparesAtLeast: 0, pack: 1 };

  it("is one line, whichever end was said first", () => {
    const lines = orderLines(
      ["M10 x 1.25 / M10 x 1.5 x 60 stud", "M10 x 1.5 / M10 x 1.25 x 60 stud"].map(wanted),
      rule,
    );
    expect(lines.map(({ callout, needed }) => [callout, needed])).toEqual([
      ["M10 x 1.25 / M10 x 1.5 x 60 stud", 4],
    ]);
    const other = ["M10 x 1.25 tap end / M10 x 1.5 nut end x 60 stud"].map(wanted);
    expect(
      orderLines([wanted("M10 x 1.25 / M10 x 1.5 x 60 stud", 1), ...other], rule),
    ).toHaveLength(2);
  });

  it("has the nut of the nut's end, of the stud's class, and judges a nut of another thread", () => {
    const text = "M10 x 1.5 tap end / M10 x 1.25 nut end x 60 stud, 10.9 with nut";
    const [, nut] = orderLines([wanted(text, 1)], rule);
    expect(nut?.callout).toBe("M10 x 1.25 hex nut, class 10");
    const problems = (nutText: string) =>
      lineProblems([
        { callout: text, positions: ["p1"] },
        { callout: nutText, positions: ["p1"] },
      ])[1]?.map(({ code }) => code);
    expect(problems("M10 x 1.25 hex nut, class 10")).toEqual([]);
    expect(problems("M10 hex nut, class 10")).toEqual(["nut-of-other-thread"]);
  });

  it("lets go in only a stud of the same two threads, turned or not, and as long", () => {
    const codes = (original: string, other: string) =>
      replacementProblems(stud(original), stud(other)).map(({ code }) => code);
    const original = "M10 x 1.25 / M10 x 1.5 x 60 stud";
    expect(codes(original, "M10 x 1.5 / M10 x 1.25 x 60 stud")).toEqual([]);
    expect(codes(original, "M10 x 60 stud")).toEqual(["not-the-thread"]);
    expect(codes(original, "M10 x 1.25 / M8 x 1.25 x 60 stud")).toEqual(["not-the-thread"]);
    // 60 from end to end is DIN 938 of 50.
    expect(codes("M10 x 60 stud", "M10 x 50 stud, DIN 938")).toEqual([]);
    expect(codes("M10 x 60 stud", "M10 x 50 stud")).toEqual(["shorter-than-original"]);
  });
});

describe("a stud that is read end by end", () => {
  const end = (mm: number, pitchMm: number): EndReading[] => [
    { kind: "external-diameter", mm },
    { kind: "leaf", pitchMm, outcome: "drops-in" },
  ];
  const cameOut = (readings: readonly Reading[]) => {
    const result = summaryOf(identify(readings, { part: "stud" }));
    const spec = screwThatCameOut({ result, readings, options: { part: "stud" } });
    return spec && formatCallout(spec);
  };
  const first: EndReading[] = [...end(9.9, 1.25), { kind: "thread-length", mm: 20 }];

  it("keeps what was read of one end while the other is read, and turns back", () => {
    const length: Reading = { kind: "length", mm: 60 };
    const turned = turnedEnd([length, ...first]);
    expect(turned).toEqual([length, { kind: "other-end", readings: first }]);
    const both = [...turned, ...end(9.88, 1.5)];
    expect(turnedEnd(both)).toEqual([
      length,
      ...first,
      { kind: "other-end", readings: end(9.88, 1.5) },
    ]);
    expect(
      turnedEnd(turnedEnd(both))
        .map(({ kind }) => kind)
        .sort(),
    ).toEqual(both.map(({ kind }) => kind).sort());
  });

  it("is called out with both ends once both are settled, with one till then", () => {
    expect(cameOut(first)).toBe("M10 x 1.25 stud");
    const turned = turnedEnd(first);
    expect(cameOut([...turned, ...end(9.88, 1.5), { kind: "length", mm: 60 }])).toBe(
      "M10 x 1.5 / M10 x 1.25 x 20 thread x 60 stud",
    );
    expect(cameOut([...first, { kind: "other-end", readings: [] }])).toBe("M10 x 1.25 stud");
  });

  it("weighs nothing of the other end", () => {
    const alone = identify(end(9.9, 1.25), { part: "stud" });
    const both = identify([...end(9.9, 1.25), { kind: "other-end", readings: end(12.5, 1.75) }], {
      part: "stud",
    });
    expect(both.verdict).toBe(alone.verdict);
    expect(both.candidates[0]?.probability).toBeCloseTo(alone.candidates[0]?.probability ?? 0, 9);
  });
});
