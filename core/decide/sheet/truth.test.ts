import { isCalloutProblem, parseCallout, type FastenerSpec, type ScrewSpec } from "../../callout";
import { nutSize, stockLengths, threadLength, turningTool } from "../../catalogue/fasteners";
import { headSize, spannerFor, type MadeTo } from "../../catalogue/heads";
import { pipeSeal } from "../../identify/mating";
import { lineProblems, orderLines } from "../order";
import { cautionsFor, countedGrade, replacementProblems, rightNut, specProblems } from "../replace";
import { specify, type HoleToFill } from "../specify";
import { cautionWords, partSheetWords, sheetWords, specProblemWords } from "../../say/sheet";
import { inInches, named } from "../../testing";
import { fastenerSheet, partSheet } from "./index";

// Worked out by hand from the tables of the standards that are named, not with this code. mm, N and inches.

function part(text: string): FastenerSpec {
  const read = parseCallout(text);
  if (isCalloutProblem(read)) throw new Error(`${text}: ${JSON.stringify(read)}`);
  return read;
}

function screw(text: string): ScrewSpec {
  const read = part(text);
  if (read.part !== "screw") throw new Error(text);
  return read;
}

const problemsOf = (text: string) => specProblems(screw(text)).map(({ code }) => code);
const wordsOf = (text: string) => {
  const { sections } = sheetWords(fastenerSheet(screw(text)), "mm");
  return sections.flatMap(({ facts, lines }) => [...facts.flat(), ...lines]).join("\n");
};

describe("widths across flats are those of the tables, or none", () => {
  it.each([
    ["hex", "#4-40", 1 / 4],
    ["hex", "#6-32", 5 / 16],
    ["hex", "#8-32", 11 / 32],
    ["hex", "#10-32", 3 / 8],
    ["hex", "7/16-14", 11 / 16],
    ["hex", "1/2-13", 3 / 4],
    ["heavy", "1/4-20", 1 / 2],
    ["heavy", "7/16-14", 3 / 4],
    ["heavy", "1/2-13", 7 / 8],
    ["heavy", "3/4-10", 5 / 4],
    ["heavy", "1-8", 13 / 8],
    ["flange", "1/2-13", 3 / 4],
  ] as const)("%s nut %s: %d in", (style, name, inches) => {
    expect(inInches(nutSize(style, named(name)).acrossFlatsMm)).toBeCloseTo(inches, 4);
  });

  it.each([
    ["heavy", "M12", 21],
    ["heavy", "M20", 34],
    ["heavy", "M24", 41],
    ["weld", "M8", 14],
    ["flange", "M10", 15],
    ["wing", "M8", undefined],
    ["heavy", "M6", undefined],
    ["coupling", "3/8-16", undefined],
  ] as const)("%s nut %s: %s mm", (style, name, mm) => {
    expect(nutSize(style, named(name)).acrossFlatsMm).toBe(mm);
  });

  it.each<[string, MadeTo | undefined, number]>([
    ["M10", "DIN 933", 17],
    ["M10", undefined, 16],
    ["M12", "DIN 933", 19],
    ["M12", "DIN 931", 19],
    ["M12", undefined, 18],
    ["M14", "DIN 933", 22],
    ["M14", undefined, 21],
    ["M22", "DIN 931", 32],
    ["M22", undefined, 34],
    ["M8", "DIN 933", 13],
    ["M12", "EN 14399-4", 22],
    ["M20", "EN 14399-3", 32],
    ["M24", "DIN 6914", 41],
    ["3/4-10", "ASTM F3125", 31.75],
  ])("the hexagon of %s by %s: %d mm", (name, madeTo, mm) => {
    expect(spannerFor(named(name), madeTo)?.acrossFlatsMm).toBeCloseTo(mm, 6);
  });

  it("follow the standard that was written, on sheet, spanner and order line", () => {
    const sheet = fastenerSheet(screw("DIN 933 M12 x 40 8.8"));
    expect(sheet.tool.mark).toBe("19 mm");
    expect(sheet.headSize.widthMm).toBe(19);
    const [line] = orderLines(
      [{ positionId: "a", place: "", alike: 1, callout: "DIN 933 M12 x 40 8.8" }],
      { sparesPercent: 0, sparesAtLeast: 0, pack: 1 },
    );
    expect(line?.callout).toMatch(/DIN 933$/);
    expect(wordsOf("DIN 933 M12 x 40 8.8")).toMatch(/interchangeable/);
    expect(turningTool("hex", "hexagon", named("M12")).mark).toBe("18 mm");
    expect(fastenerSheet(screw("ISO 4017 M12 x 40 8.8")).tool.mark).toBe("18 mm");
  });

  it("and heights: DIN 985 M10 is 10 high, ISO 7040 11.9", () => {
    expect(nutSize("nylon-insert", named("M10"), "DIN 985").heightMm).toBe(10);
    expect(nutSize("nylon-insert", named("M10")).heightMm).toBe(11.9);
  });
});

describe("pairs that seal", () => {
  it.each([
    ["R 1/2", "Rp 1/2", "thread"],
    ["1/2 npt", "1/2 npt", "thread"],
    ["1/2 npt", "1/2 npsc", "thread"],
    ["G 1/2", "G 1/2", "face"],
    ["R 1/2", "G 1/2", "none"],
    ["1/2 npt", "G 1/2", "none"],
  ])("%s in %s: on the %s", (male, female, kind) => {
    expect(pipeSeal(named(male), named(female)).kind).toBe(kind);
  });

  it("R in Rp is said to be the joint that it is", () => {
    const plug = part("R 1/2 plug");
    if (plug.part !== "plug") throw new Error("no plug");
    const said = partSheetWords(partSheet(plug), "mm").sections.flatMap(({ lines }) => lines);
    const aboutRp = said.filter((line) => line.includes("Rp 1/2")).join(" ");
    expect(aboutRp).toMatch(/seal on the thread/);
    expect(aboutRp).not.toMatch(/badly|not made to seal/);
  });
});

describe("structural bolts", () => {
  it.each([
    ["A325 3/4 x 2-1/2", "nut-a563-c"],
    ["A325 3/4 x 2-1/2 galvanised", "nut-a563-dh"],
    ["A490 3/4 x 2-1/2", "nut-a563-dh"],
    ["EN 14399-3 M20 x 80 8.8", "nut-10"],
    ["EN 14399-4 M20 x 80 10.9", "nut-10"],
    ["DIN 6914 M16 x 60 10.9", "nut-10"],
  ])("%s take %s", (text, id) => {
    expect(rightNut(screw(text))?.id).toBe(id);
  });

  it("are heavy hexagons with their own thread: A325 3/4 is 1-1/4 across and has 1.38 in of it", () => {
    const sheet = fastenerSheet(screw("A325 3/4 x 3"));
    expect(inInches(sheet.headSize.widthMm)).toBeCloseTo(1.25, 4);
    expect(inInches(sheet.headSize.heightMm)).toBeCloseTo(0.4688, 3);
    expect(inInches(sheet.threadLength?.threadMm)).toBeCloseTo(1.375, 3);
    expect(sheet.companions).toMatchObject({ nut: { style: "heavy" }, washer: { hardened: true } });
    expect(threadLength("hex", named("M20"), 100, "hexagon", "EN 14399-4").threadMm).toBe(33);
    expect(headSize("hex", "hexagon", named("M20"), "EN 14399-3").heightMm).toBe(12.5);
  });

  it("give way to nothing of another standard", () => {
    const a325 = screw("A325 3/4 x 3");
    const sheet = fastenerSheet(a325);
    for (const { spec } of sheet.substitutes) expect(spec.gradeId).toBe("a325");
    expect(sheet.strength?.equivalents).toEqual([]);
    const codes = (text: string) => replacementProblems(a325, screw(text)).map(({ code }) => code);
    expect(codes("3/4-10 x 3 hex bolt grade 5")).toContain("not-structural");
    expect(codes("3/4-10 x 3 hex bolt grade 8")).toContain("not-structural");
    expect(codes("A325 3/4 x 3")).toEqual([]);
  });
});

describe("heads that break before their thread", () => {
  // Stress area 36.61 mm2 by 1040 MPa, and 80 % of it; 57.99 by 800.
  it.each([
    ["M8 x 30 socket cap 10.9", 38_074],
    ["M8 x 30 button head 10.9", 30_460],
    ["M8 x 30 socket csk 10.9", 30_460],
    ["M8 x 30 low head cap screw 10.9", 30_460],
    ["M10 x 40 hex 8.8", 46_392],
  ])("%s bears %d N", (text, newtons) => {
    const held = fastenerSheet(screw(text)).strength?.loads.tensileN ?? 0;
    expect(Math.abs(held / newtons - 1)).toBeLessThan(0.002);
  });

  it("are marked with a nought, tightened less, and stand for no sound head", () => {
    expect(wordsOf("M8 x 30 button head 10.9")).toMatch(/marked 010\.9/);
    const [button, cap] = ["M8 x 30 button head 10.9", "M8 x 30 socket cap 10.9"].map(
      (text) => fastenerSheet(screw(text)).torque?.mostNm ?? 0,
    );
    expect((button ?? 0) / (cap ?? 1)).toBeCloseTo(0.8, 6);
    const codes = replacementProblems(screw("M8 x 30 hex 10.9"), screw("M8 x 30 button head 10.9"));
    expect(codes.map(({ code }) => code)).toContain("weaker-head");
  });
});

describe("metals other than steel", () => {
  it.each(["M8 x 30 hex bolt brass", "M8 x 30 hex aluminium", "M8 x 30 titanium hex bolt"])(
    "%s has no figure of steel",
    (text) => {
      const sheet = fastenerSheet(screw(text));
      expect(sheet.strength).toBeUndefined();
      expect(sheet.torque).toBeUndefined();
      expect(sheet.companions?.nut.nutClass).toBeUndefined();
    },
  );

  // ISO 8839: CU2 to M6 440 MPa, over it 370; AL4 to M10 420.
  it.each([
    ["M8 x 30 hex bolt CU2", 370 * 36.61],
    ["M5 x 20 hex bolt CU2", 440 * 14.18],
    ["M8 x 30 hex bolt AL4", 420 * 36.61],
  ])("%s bears %d N", (text, newtons) => {
    const held = fastenerSheet(screw(text)).strength?.loads.tensileN ?? 0;
    expect(Math.abs(held / newtons - 1)).toBeLessThan(0.002);
  });

  it.each(["M8 x 30 hex bolt brass 10.9", "M8 x 30 hex bolt A2-70 brass", "M8 x 30 AL4 brass hex"])(
    "%s is said to exclude itself",
    (text) => {
      expect(problemsOf(text)).toContain("grade-against-metal");
      expect(fastenerSheet(screw(text)).strength).toBeUndefined();
    },
  );

  it("are one to a part", () => {
    expect(parseCallout("M8 x 30 brass stainless hex bolt")).toMatchObject({
      code: "callout-two-metals",
    });
  });
});

describe("hot-dip galvanising", () => {
  it.each([
    ["M12 x 50 socket cap 12.9 galvanised", true],
    ["A490 3/4 x 3 galvanised", true],
    ["1/2-13 x 2 A574 galvanised", true],
    ["M12 x 50 hex 10.9 galvanised", false],
    ["1/2-13 x 2 grade 8 galvanised", false],
    ["M12 x 50 hex 8.8 galvanised", false],
  ])("of %s is refused: %s", (text, refused) => {
    expect(problemsOf(text).includes("never-galvanised")).toBe(refused);
  });

  it("of 10.9 is its maker's alone", () => {
    const said = cautionsFor(screw("M12 x 50 hex 10.9 galvanised"), {
      duty: "ordinary",
      environment: "indoor",
      metal: "steel",
    }).map(cautionWords);
    expect(said.join(" ")).toMatch(/only as its maker plated/);
  });
});

describe("an order", () => {
  const RULE = { sparesPercent: 0, sparesAtLeast: 0, pack: 1 };
  const linesOf = (...callouts: readonly string[]) =>
    orderLines(
      callouts.map((callout, at) => ({ positionId: `p${at}`, place: "", alike: 1, callout })),
      RULE,
    ).map(({ callout }) => callout);

  it.each([
    [
      "M10 x 40 hex 8.8 zinc with nut and washer",
      ["M10 hex nut, class 8, zinc", "M10 flat washer, zinc"],
    ],
    ["M10 x 40 hex 10.9 with nut and washer", ["M10 hex nut, class 10", "M10 flat washer, 300 HV"]],
    ["M8 x 30 hex A4-80 with nut", ["M8 hex nut, A4-80"]],
    ["M12 x 60 hex 8.8 galvanised with nut", ["M12 hex nut, class 8, hot-dip galvanised"]],
    ["M10 x 40 hex 8.8 zinc with brass nut", ["M10 hex nut, class 8, brass"]],
    ["3/8-16 x 2 hex grade 5 zinc with nut", ["3/8-16 UNC hex nut, grade 5, zinc"]],
  ])("of %s keeps what was asked", (text, together) => {
    expect(linesOf(text).slice(1)).toEqual(together);
  });

  it("has two spellings of one part on one line", () => {
    expect(
      linesOf("1/2-13 UNC-2A x 2 hex bolt grade 5", "1/2-13 UNC x 2 hex bolt grade 5"),
    ).toHaveLength(1);
    expect(linesOf("M10-6g x 40 hex 8.8", "M10 x 40 hex 8.8")).toHaveLength(1);
    expect(linesOf("M10-4g6g x 40 hex 8.8", "M10 x 40 hex 8.8")).toHaveLength(2);
  });

  it("judges a nut against the screw of its place, and leaves others alone", () => {
    const problems = lineProblems([
      { callout: "M10 x 40 hex bolt, 10.9", positions: ["a"] },
      { callout: "M10 hex nut, class 8", positions: ["a"] },
      { callout: "3/8-16 UNC hex nut", positions: ["b"] },
    ]).map((line) => line.map(({ code }) => code));
    expect(problems).toEqual([[], ["nut-weaker"], []]);
  });
});

describe("what counters keep", () => {
  it.each([
    ["stud", "M10", [1000, 2000, 3000]],
    ["stud", "3/8-16", [914.4, 1828.8]],
    ["hex", "M10", [150, 180, 200]],
    ["carriage", "M10", [200, 240]],
  ] as const)("%s %s: %j among them", (head, name, lengths) => {
    const held = stockLengths(head, named(name)).map((mm) => Math.round(mm * 10) / 10);
    for (const length of lengths) expect(held).toContain(length);
  });

  it.each([
    ["1/2-13 x 2 hex bolt 8.8", "grade 5"],
    ["3/4-10 x 3 hex bolt 10.9", "grade 8"],
    ["M12 x 50 hex bolt grade 8", "10.9"],
    ["M12 x 50 hex bolt grade 2", "5.8"],
  ])("the nearest that is no weaker than %s is %s, of its own system", (text, nearest) => {
    const [problem] = specProblems(screw(text));
    expect(problem).toMatchObject({ code: "grade-of-other-system", nearest: { name: nearest } });
    expect(problem === undefined ? "" : specProblemWords(problem)).not.toMatch(/A[1-5]-|F593/);
  });
});

describe("sheets of other parts", () => {
  const sheetOf = (text: string) => {
    const spec = part(text);
    if (spec.part === "screw") throw new Error(text);
    const { sections } = partSheetWords(partSheet(spec), "mm");
    return sections.flatMap(({ facts, lines }) => [...facts.flat(), ...lines]).join("\n");
  };

  it("a set screw has neither nut nor washer nor clearance", () => {
    const sheet = fastenerSheet(screw("M8 x 12 grub screw 45H"));
    expect(sheet.companions).toBeUndefined();
    expect(sheet.clearance).toBeUndefined();
  });

  it("a shoulder screw is named by its shoulder and counted as 12.9", () => {
    expect(countedGrade(screw("ISO 7379 10 x 40"))).toMatchObject({
      by: "standard",
      grade: { id: "12.9" },
    });
    expect(wordsOf("ISO 7379 10 x 40")).toMatch(/Shoulder across\n10/);
  });

  // ISO 286-2: m6 at 10 mm +6 to +15, h8 at 8 mm 0 to -22, H7 at 10 mm 0 to +15.
  it.each([
    ["10 m6 x 50 dowel pin", /10\.006 mm to 10\.015 mm/],
    ["10 m6 x 50 dowel pin", /Hole, H7\n10 mm to 10\.015 mm/],
    ["8 h8 x 40 dowel pin", /7\.978 mm to 8 mm/],
    ["4 x 32 split pin", /Named by the hole/],
    ["weld nut M8", /14\.00 mm/],
    ["G 1/4 socket plug", /6 mm/],
    ["G 1/2 hex plug", /19 mm/],
    ["1/2 x 1/4 NPT reducing bush", /1\/2-14 NPT\. Across the crests/],
    ["1/2 x 1/4 NPT reducing bush", /1\/4-18 NPT\. Across the bore/],
  ])("%s: %s", (text, says) => {
    expect(sheetOf(text)).toMatch(says);
    expect(sheetOf(text)).not.toMatch(/say male or female/);
  });

  it("a stronger stainless is not said to be harder and less tough", () => {
    const { substitutes } = fastenerSheet(screw("M8 x 30 hex A2-70"));
    expect(substitutes.length).toBeGreaterThan(0);
    expect(wordsOf("M8 x 30 hex A2-70")).not.toMatch(/less tough/);
    expect(wordsOf("M8 x 30 hex 8.8")).toMatch(/harder and less tough/);
  });
});

describe("an M6 through a steel plate", () => {
  const plate = (depthMm: number): HoleToFill => ({
    kind: "tapped",
    thread: named("M6"),
    gripMm: 10,
    depthMm,
    material: "steel",
    tap: "second",
    room: "spanner",
    washer: false,
  });

  it("of 6 mm is one diameter, and refused by no tenth of a millimetre", () => {
    expect(specify(plate(6))?.advice.kind).toBe("stock");
    expect(specify(plate(6))?.window.calculatedMm).toBeCloseTo(6.11, 2);
  });

  it("of 5 mm is too shallow", () => {
    expect(specify(plate(5))?.advice.kind).toBe("hole-too-shallow");
  });
});
