import { isCalloutProblem, parseCallout, type ScrewSpec } from "../../callout";
import {
  USUAL_CIRCUMSTANCES,
  needsAcknowledgement,
  type Circumstances,
} from "../../catalogue/circumstances";
import { bandAt, gradeById } from "../../catalogue/grades";
import {
  cautionWords,
  changeWords,
  neverUseWords,
  spannerFitWords,
  specProblemWords,
} from "../../say/sheet";
import { mmFromInches } from "../../measure";
import {
  cautionsFor,
  companionsOf,
  neverUse,
  replacementProblems,
  spannerFit,
  specProblems,
  substitutesFor,
} from "./index";

function screw(text: string): ScrewSpec {
  const spec = parseCallout(text);
  if (isCalloutProblem(spec) || spec.part !== "screw") throw new Error(`no screw: ${text}`);
  return spec;
}

const at = (change: Partial<Circumstances>): Circumstances => ({
  ...USUAL_CIRCUMSTANCES,
  ...change,
});

describe("what cannot be bought as it is asked for", () => {
  it.each([
    ["M20 x 60 9.8", "grade-not-in-size", "ISO 898-1 has no class 9.8 in M20 x 2.5."],
    ["M10 x 40 grade 8", "grade-of-other-system", "The nearest that is no weaker is class 10.9."],
    ["M10 x 43 8.8", "length-not-stocked", "Stocked are 40 mm and 45 mm."],
    ["1/2-13 x 1.6 gr 5", "length-not-stocked", "Stocked are 1-1/2 in and 1-3/4 in."],
    ["M10 x 40 10.9 with nut class 8", "nut-weaker", "Take class 10 or stronger."],
    ["M10 x 40 8.8 with thin nut class 04", "nut-weaker", "Take class 8 or stronger."],
    ["1/2-13 x 2 gr 5 with M12 nut", "nut-of-other-thread", "Take a 1/2-13 UNC nut."],
    ["M12 x 50 8.8 hdg with nut class 8", "galvanised-with-plain-nut", "tapped over size"],
    ["M12 x 50 8.8 zinc with nut class 8 hdg", "plain-with-galvanised-nut", "strips"],
    [
      "M10 x 40 8.8 with nut and M8 washer",
      "washer-of-other-size",
      "does not go over an M10 x 1.5",
    ],
    ["M10 x 40 8.8 with M12 washer", "washer-of-other-size", "Take one for M10 x 1.5."],
  ])("%s: %s", (text, code, sentence) => {
    const problems = specProblems(screw(text));
    expect(problems.map((problem) => problem.code)).toContain(code);
    expect(problems.map(specProblemWords).join(" ")).toContain(sentence);
  });

  it("is nothing for ordinary parts", () => {
    for (const text of [
      "M10 x 40 8.8 zinc",
      "7/16-14 x 2-1/4 gr 5 zinc",
      "M8 x 30 socket cap 12.9",
      "M12 x 50 8.8 hdg with nut class 8 hdg",
      "3/8 bsw x 1-1/2 grade R",
    ]) {
      expect([text, specProblems(screw(text))]).toEqual([text, []]);
    }
  });
});

describe("what falls short of the screw it goes in for", () => {
  const short = (was: string, is: string) =>
    replacementProblems(screw(was), screw(is)).map(specProblemWords);

  it.each([
    ["M10 x 40 8.8", "M10 x 40 4.6", "put in class 8.8 or stronger"],
    ["1/2-13 x 2 gr 5", "1/2-13 x 2 gr 2", "Grade 2 is not shown to hold what grade 5 does"],
    ["M10 x 40 8.8", "M10 x 40 A2-70", "A2-70 is not shown to hold what class 8.8 does"],
    ["M10 x 40 8.8", "M10 x 30 8.8", "30 mm is shorter than the 40 mm that came out"],
    ["1/2-12 bsw x 2", "1/2-13 x 2", "put back the same thread"],
  ])("%s: not %s", (was, is, sentence) => {
    expect(short(was, is).join(" ")).toContain(sentence);
  });

  it("is nothing for the same or a stronger one, plated or longer", () => {
    expect(short("M10 x 40 8.8", "M10 x 40 8.8 zinc")).toEqual([]);
    expect(short("M10 x 39.6", "M10 x 40 10.9")).toEqual([]);
    expect(short("1/2-13 x 2 gr 5", "1/2-13 x 2-1/4 gr 8")).toEqual([]);
  });
});

describe("a spanner tried on it", () => {
  it.each([
    ["M10 x 40", 16, "fits"],
    ["M10 x 40", 17, "loose"],
    ["M10 x 40", 15, "will-not-go"],
    ["M8 x 30 socket cap", 6, "fits"],
    ["M8 x 30 socket cap", 5, "loose"],
    ["1/2-13 x 2", 19, "fits"],
  ])("%s with %d mm: %s", (text, mm, fit) => {
    expect(spannerFit(screw(text), mm).fit).toBe(fit);
  });

  it("is answered with the one that fits", () => {
    const fit = spannerFit(screw("1/2-13 x 2"), mmFromInches(13 / 16));
    expect(spannerFitWords(fit, "in")).toContain("take a 3/4 in spanner");
  });
});

describe("substitutes", () => {
  const specs = [
    "M10 x 40 8.8 zinc",
    "M10 x 40 4.6",
    "M12 x 50 12.9 socket cap",
    "M16 x 60 10.9",
    "1/2-13 x 2 gr 2 zinc",
    "1/2-13 x 2 gr 8",
    "M8 x 30 A2-70",
  ];
  const places = [
    at({}),
    at({ environment: "outdoor" }),
    at({ environment: "marine", metal: "aluminium" }),
  ];

  it("are never weaker, shorter or of another thread", () => {
    for (const text of specs) {
      const spec = screw(text);
      const tensile = (id: string | undefined) => {
        const grade = gradeById(id ?? "");
        return grade === undefined ? 0 : (bandAt(grade, spec.thread.majorMm)?.tensileMpa ?? 0);
      };
      for (const place of places) {
        for (const { spec: other, changes } of substitutesFor(spec, place)) {
          expect(other.thread.id).toBe(spec.thread.id);
          expect(other.lengthMm ?? 0).toBeGreaterThanOrEqual(spec.lengthMm ?? 0);
          expect(tensile(other.gradeId)).toBeGreaterThanOrEqual(0.99 * tensile(spec.gradeId));
          expect(changes.length).toBeGreaterThan(0);
          for (const change of changes) expect(changeWords(change, spec.thread)).toMatch(/\.$/);
        }
      }
    }
  });

  it("never put plating on steel that it may break", () => {
    for (const { spec } of substitutesFor(screw("M12 x 50 12.9"), at({ environment: "outdoor" }))) {
      expect(["plain", "zinc-flake", undefined]).toContain(spec.finish);
    }
  });

  it("offer stainless only where it holds as much", () => {
    const offers = (text: string) =>
      substitutesFor(screw(text), at({})).some(({ spec }) => spec.finish === "stainless");
    expect(offers("M10 x 40 4.6")).toBe(true);
    expect(offers("M10 x 40 8.8")).toBe(false);
  });

  it("put the least change first: the coat before the class before the length", () => {
    const codes = substitutesFor(screw("M10 x 40 8.8"), at({ environment: "outdoor" })).map(
      ({ changes }) => changes[0]?.code,
    );
    expect(codes.indexOf("other-finish")).toBeLessThan(codes.indexOf("stronger-grade"));
    expect(codes.at(-1)).toBe("longer");
  });
});

describe("what must never go in", () => {
  const sentences = (text: string, place = at({})) =>
    neverUse(screw(text), place)
      .map((never) => neverUseWords(never, screw(text).thread))
      .join(" ");

  it("names the look-alike thread, the weaker class and the stainless that is weaker", () => {
    const all = sentences("1/2-13 x 2 gr 5");
    expect(all).toContain("Not 1/2-12 BSW.");
    expect(all).toContain("Not grade 2 or weaker for grade 5");
    expect(all).toContain("Not A2-70 stainless for grade 5");
  });

  it("names a plain nut on a dipped bolt, and bare steel by the sea", () => {
    expect(sentences("M12 x 50 8.8 hdg")).toContain("Not a plain nut on the galvanised thread");
    expect(sentences("M12 x 50 8.8", at({ environment: "marine" }))).toContain(
      "Not plain or black",
    );
  });
});

describe("cautions", () => {
  const said = (text: string, place = at({})) =>
    cautionsFor(screw(text), place).map(cautionWords).join(" ");

  it("put the joint's duty first", () => {
    expect(said("M10 x 40", at({ duty: "safety-critical" }))).toMatch(/^People’s safety/);
    expect(said("M10 x 40 8.8", at({ duty: "pressure" }))).toMatch(/^This joint holds pressure/);
  });

  it("speak of galling, plating, cadmium and a missing grade where they apply", () => {
    expect(said("M8 x 30 A2-70")).toContain("galls");
    expect(said("M12 x 50 12.9 zinc")).toContain("Hydrogen");
    expect(said("M8 x 30 8.8 cadmium")).toContain("poisonous");
    expect(said("M8 x 30")).toContain("No grade was said");
    expect(said("3/8 bsf x 1 grade T")).toContain("not verified");
    expect(said("M8 x 30 8.8 zinc")).toBe("");
  });

  it("ask for an acknowledgement where safety or pressure hangs on it", () => {
    expect(needsAcknowledgement(at({ duty: "safety-critical" }))).toBe(true);
    expect(needsAcknowledgement(at({ duty: "pressure" }))).toBe(true);
    expect(needsAcknowledgement(at({ duty: "vibrating" }))).toBe(false);
  });
});

describe("nut, washer and locking", () => {
  it("match the bolt's class, its finish and its duty", () => {
    const strong = companionsOf(screw("M10 x 40 10.9"), at({ duty: "vibrating" }));
    expect(strong.nut.nutClass?.id).toBe("nut-10");
    expect(strong.washer.hardened).toBe(true);
    expect(strong.locking[0]).toBe("wedge-lock-washer");
    const dipped = companionsOf(screw("M16 x 60 8.8 hdg"), at({}));
    expect(dipped.nut.galvanised).toBe(true);
    expect(dipped.washer.hardened).toBe(false);
  });
});
