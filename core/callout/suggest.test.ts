import { stockLengths } from "../catalogue/fasteners";
import { stockedGrades } from "../catalogue/grades";
import { named } from "../testing";
import {
  SCREW_PIECES,
  formatCallout,
  isCalloutProblem,
  parseCallout,
  pieceChoices,
  pieceWritten,
  suggestCallouts,
  type ScrewSpec,
} from "./index";

const adds = (text: string) => suggestCallouts(text).map((one) => one.adds);

function screw(text: string): ScrewSpec {
  const read = parseCallout(text);
  if (isCalloutProblem(read) || read.part !== "screw") throw new Error(text);
  return read;
}

describe("how a call-out may go on", () => {
  it("begins with threads, the commonest first", () => {
    expect(adds("M1").slice(0, 2)).toEqual(["M10", "M12"]);
    expect(adds("5/1")).toContain("5/16-18 UNC");
    expect(adds("#1")[0]).toBe("#10-32 UNF");
    expect(adds("1/2").slice(0, 2)).toEqual(["1/2-13 UNC", "1/2-20 UNF"]);
  });

  it("goes on with the lengths that are stocked, whichever way the cross was begun", () => {
    for (const text of ["M16", "M16 ", "M16 x", "M16 x "]) {
      const texts = suggestCallouts(text).map((one) => one.text);
      expect(texts).toContain("M16 x 40");
    }
    expect(adds("M10 x 4")).toEqual(expect.arrayContaining(["x 40", "x 45"]));
  });

  it("then with the grades that exist in that size, and no other", () => {
    expect(adds("M24 x 80").every((grade) => grade !== "9.8")).toBe(true);
    expect(adds("3/8-16 x 1")).toContain("grade 5");
    expect(adds("3/8 bsw x 1")).toContain("grade R");
  });

  it("completes a word that was begun", () => {
    expect(adds("M10 x 40 butt")).toEqual(["button head screw"]);
    expect(adds("M10 x 40 wibble zinc")).toEqual([]);
    expect(suggestCallouts("M10 x 40 8.8 hot")[0]?.text).toBe("M10 x 40 8.8 hot-dip galvanised");
  });

  it("offers nothing that cannot be read, or that is read as another part", () => {
    for (const text of ["M8", "M8 x 2", "M8 x 25", "M8x25 8.8", "1/4", "1/4-20 x 1 gr 5", "2 BA"]) {
      for (const { text: whole } of suggestCallouts(text)) {
        const read = parseCallout(whole);
        expect([whole, isCalloutProblem(read)]).toEqual([whole, false]);
      }
    }
  });
});

describe("what was understood, piece by piece", () => {
  const said = "10 off M10 x 40 hex bolt, 8.8, zinc with M10 hex nut, class 8";

  it("stands as it is written", () => {
    const spec = screw(said);
    expect(SCREW_PIECES.map((piece) => pieceWritten(spec, piece))).toEqual([
      "10 off",
      "M10",
      "x 40",
      "hex bolt",
      undefined,
      "8.8",
      "zinc",
      "with M10 hex nut, class 8",
    ]);
  });

  it("can be put right, each choice a call-out that is read back as it", () => {
    const spec = screw(said);
    for (const piece of SCREW_PIECES) {
      for (const choice of pieceChoices(spec, piece)) {
        expect(pieceWritten(choice.spec, piece)).toBe(choice.written);
        expect(formatCallout(screw(formatCallout(choice.spec)))).toBe(formatCallout(choice.spec));
      }
    }
  });

  it("has the lengths and the grades of its size", () => {
    const spec = screw("M16 x 60 hex bolt");
    expect(pieceChoices(spec, "length").length).toBe(stockLengths("hex", named("M16")).length + 1);
    expect(pieceChoices(spec, "grade").map(({ written }) => written)).toEqual(
      stockedGrades(named("M16")).map(({ name }) => name),
    );
  });
});
