import { isCalloutProblem, parseCallout, type ScrewSpec } from "../../callout";
import { USUAL_CIRCUMSTANCES } from "../../catalogue/circumstances";
import { sheetWords, type SheetWords } from "../../say/sheet";
import { fastenerSheet } from "./index";

function screw(text: string): ScrewSpec {
  const spec = parseCallout(text);
  if (isCalloutProblem(spec) || spec.part !== "screw") throw new Error(`no screw: ${text}`);
  return spec;
}

const factsOf = ({ sections }: SheetWords) => new Map(sections.flatMap(({ facts }) => facts));
const linesOf = ({ sections }: SheetWords) => sections.flatMap(({ lines }) => lines).join(" ");

describe("a fastener sheet", () => {
  it("has the figures a counter and a fitter want, in either unit", () => {
    const sheet = fastenerSheet(screw("7/16-14 x 2-1/4 gr 5 zinc"));
    const inches = factsOf(sheetWords(sheet, "in"));
    // SAE J429 table 2: 9 050 lb, which is 85 ksi on 0.1063 in2; ASME B18.2.1; the inch drill chart.
    expect(inches.get("Proof load")).toContain("9040 lbf");
    expect(inches.get("Turned with")).toBe("5/8 in spanner");
    // ASME B18.2.2: the hexagon of a 7/16 nut is wider than that of its bolt.
    expect(inches.get("Its nut turned with")).toBe("11/16 in spanner");
    expect(inches.get("Tapping drill")).toBe("letter U (0.3680 in)");
    const millimetres = factsOf(sheetWords(sheet, "mm"));
    expect(millimetres.get("Proof load")).toContain("40.2 kN");
    expect(millimetres.get("Length")).toBe("2-1/4 in (57.15 mm)");
  });

  it("has the torque of the surface that was said, wherever its words are taken from", () => {
    const spec = screw("7/16-14 x 2-1/4 gr 5 zinc");
    const torque = (surface?: "anti-seize" | "dry-zinc") => {
      const circumstances = { ...USUAL_CIRCUMSTANCES, ...(surface ? { surface } : {}) };
      return factsOf(sheetWords(fastenerSheet(spec, { circumstances }), "mm")).get(
        "Torque, estimate",
      );
    };
    expect(torque()).toBe(torque("dry-zinc"));
    expect(torque("anti-seize")).not.toBe(torque());
  });

  it("counts on the weakest class when none was said, and says so", () => {
    const sheet = fastenerSheet(screw("M10 x 40 hex bolt"));
    expect(sheet.strength?.grade.id).toBe("4.6");
    expect(linesOf(sheetWords(sheet, "mm"))).toContain("No grade was said: class 4.6");
  });

  it("states no load of a set screw whose class is one of hardness", () => {
    const sheet = fastenerSheet(screw("M6 x 8 grub screw 45H"));
    expect(sheet.strength).toBeUndefined();
    const words = sheetWords(sheet, "mm");
    // ISO 898-5:2012, table 3.
    expect(factsOf(words).get("Hardness")).toBe("450 to 560 HV");
    expect(linesOf(words)).toContain("It is pressed, not pulled");
    expect(linesOf(words)).not.toContain("No grade was said");
    expect(words.cautions.join(" ")).not.toMatch(/No grade/);
    // ISO 4042: over 390 HV plating may break it.
    const hard = (callout: string) => sheetWords(fastenerSheet(screw(callout)), "mm").cautions;
    expect(hard("M6 x 8 grub screw 45H zinc").join(" ")).toMatch(/^45H, zinc plated: .*Hydrogen/);
    expect(hard("M6 x 8 grub screw 22H zinc").join(" ")).not.toMatch(/Hydrogen/);
  });

  it("gives torque as a range with its basis, and defers to the maker", () => {
    const words = sheetWords(fastenerSheet(screw("M10 x 40 8.8 zinc")), "mm");
    expect(factsOf(words).get("Torque, estimate")).toBe("50 to 55 N m");
    expect(linesOf(words)).toContain("Where the maker gives a figure, that one rules.");
    const british = sheetWords(fastenerSheet(screw("3/8 bsw x 1-1/2 grade R")), "mm");
    expect(linesOf(british)).toContain("No torque is estimated");
  });

  it("carries the caution of every sheet, and that of its duty before it", () => {
    const spec = screw("M12 x 50 8.8 zinc");
    const circumstances = { ...USUAL_CIRCUMSTANCES, duty: "safety-critical" } as const;
    const { cautions } = sheetWords(fastenerSheet(spec, { circumstances }), "mm");
    expect(cautions[0]).toContain("People’s safety hangs on this joint");
    expect(cautions.at(-1)).toContain("the maker’s specification and local codes rule");
  });

  it("says what is wrong with what was asked for", () => {
    const { problems } = sheetWords(fastenerSheet(screw("M10 x 43 grade 8")), "mm");
    expect(problems).toHaveLength(2);
  });
});
