import { isCalloutProblem, parseCallout } from "../../callout";
import { partSheetWords } from "../../say/sheet";
import { partSheet, type PartSheet } from "./index";

function sheetOf(callout: string): PartSheet {
  const spec = parseCallout(callout);
  if (isCalloutProblem(spec) || spec.part === "screw") throw new Error(`no such part: ${callout}`);
  return partSheet(spec);
}

const nutOf = (callout: string) => {
  const sheet = sheetOf(callout);
  if (sheet.part !== "nut") throw new Error(`no nut: ${callout}`);
  return sheet;
};

const words = (callout: string) =>
  partSheetWords(sheetOf(callout), "mm")
    .sections.flatMap(({ lines, facts }) => [...lines, ...facts.map((fact) => fact.join(" "))])
    .join("\n");

describe("the sheet of a washer of another width or hardness", () => {
  it("gives its standard's sizes where it is as wide, else the width alone, as asked for", () => {
    expect(words("M8 x 24 large washer")).toMatch(/Sizes after ISO 7093-1/);
    const penny = words("M8 x 30 penny washer");
    expect(penny).toMatch(/Across, as asked for 30\.00 mm/);
    expect(penny).toMatch(/No table is held/);
    expect(penny).not.toMatch(/Thick/);
  });

  it("says what was asked for of a ring, a coupling nut and a nipple, and what goes with a part", () => {
    const ring = words("M14 x 20 x 1.5 copper washer");
    expect(ring).toMatch(/Across, as asked for 20\.00 mm/);
    expect(ring).toMatch(/Thick, as asked for 1\.50 mm/);
    expect(words("M8 flat washer 3 mm thick")).toMatch(/Thick, as asked for 3\.00 mm/);
    expect(words("M12 x 50 coupling nut")).toMatch(/Length, as asked for 50\.00 mm/);
    expect(words("M12 x 36 coupling nut")).not.toMatch(/as asked for/);
    expect(words("R 1/2 x 60 nipple")).toMatch(/Length, as asked for 60\.00 mm/);
    expect(partSheetWords(sheetOf("M10 nut and 2 spring washers"), "mm").spoken).toBe(
      "Hexagon nut; M10 x 1.5; finish not said; with 2 off M10 spring washer.",
    );
  });

  it("asks for a hardened one under strong bolts, but not where it is one", () => {
    expect(words("M12 flat washer, 200 HV")).toMatch(/Hardness 200 HV/);
    expect(words("M12 flat washer, 200 HV")).toMatch(/take a hardened one/);
    expect(words("M12 flat washer, 300 HV")).not.toMatch(/take a hardened one/);
  });
});

describe("the sheet of a nut", () => {
  // ISO 4032:2012 tables 1 and 2; ASME B18.2.2-2015 table 1-1.
  it.each([
    ["M8 hex nut, 8", 13, 6.8],
    ["M12 hex nut, 10", 18, 10.8],
    ["M10 thin nut", 16, 5],
    ["3/8-16 UNC hex nut", 14.29, 8.33],
  ])("%s is %d across flats and %d high at the most", (callout, flats, height) => {
    const { size } = nutOf(callout);
    expect(size.acrossFlatsMm).toBeCloseTo(flats, 1);
    expect(size.heightMm).toBeCloseTo(height, 1);
  });

  // ISO 898-2:2012 table 2: a nut of class 8 goes with bolts up to 8.8, one of class 10 up to 10.9, one of 12 up to 12.9.
  it.each([
    ["M8 hex nut, 8", "8.8", "10.9"],
    ["M8 hex nut, 10", "10.9", "12.9"],
    ["M8 hex nut, 12", "12.9", undefined],
  ])("%s holds bolts of %s and strips under %s", (callout, held, stripping) => {
    const { holds, strips } = nutOf(callout);
    expect(holds.map(({ name }) => name)).toContain(held);
    if (stripping === undefined) expect(strips).toEqual([]);
    else expect(strips.map(({ name }) => name)).toContain(stripping);
  });

  it("without a class says which each bolt wants, never a weaker one", () => {
    const { wanted } = nutOf("M10 hex nut");
    const nutFor = (name: string) => wanted.find(([bolt]) => bolt.name === name)?.[1].name;
    expect(nutFor("8.8")).toBe("class 8");
    expect(nutFor("10.9")).toBe("class 10");
    expect(nutFor("12.9")).toBe("class 12");
  });

  it("says of a thin one that it does not hold, and of a Whitworth one that it bears no class", () => {
    expect(words("M10 thin nut")).toMatch(/does not hold/);
    expect(words("M10 thin nut")).not.toMatch(/For class 8\.8/);
    expect(words("1/2 BSW nut")).toMatch(/bear no class/);
    expect(words("1/2 BSW nut")).toMatch(/1\/2-13 UNC/);
  });
});

describe("the sheet of a washer", () => {
  it("has ISO 7089's sizes, and the face it presses with", () => {
    const sheet = sheetOf("M8 washer, zinc");
    if (sheet.part !== "washer") throw new Error("no washer");
    expect(sheet.size).toMatchObject({ boreMm: 8.4, outsideMm: 16, thickMm: 1.6 });
    expect(sheet.underWasherMm2).toBeCloseTo((Math.PI / 4) * (16 ** 2 - 8.4 ** 2), 6);
    expect(sheet.underHeadMm2 ?? 0).toBeLessThan(sheet.underWasherMm2 ?? 0);
    expect(sheet.hardenedFor.map(({ name }) => name)).toEqual(
      expect.arrayContaining(["10.9", "12.9"]),
    );
    expect(sheet.hardenedFor.map(({ name }) => name)).not.toContain("8.8");
  });

  it("says so where no table is held", () => {
    expect(words("M10 toothed washer")).toMatch(/No table is held/);
  });
});

describe("the sheet of a plug", () => {
  it("closes on its threads where it is taper, on its face where it is parallel, and names what it is mistaken for", () => {
    expect(words("R 1/2 plug")).toMatch(/closes on its threads/);
    expect(words("G 1/4 plug")).toMatch(/never on its threads/);
    expect(words("1/2 NPT plug")).toMatch(/R 1\/2/);
  });
});

describe("the sheet of a fitting", () => {
  it.each([
    ["R 1/2 male elbow", "R 1/2 male elbow", /closes on its threads/],
    ["G 1/4 nipple", "G 1/4 nipple", /outside thread/],
    ["G 1/4 elbow", "G 1/4 elbow", /say male or female/],
    ["1/2-14 NPT female tee", "1/2-14 NPT female tee", /Across the bore/],
    ["3/4 NPT hex nipple, zinc", "3/4-14 NPT hex nipple, zinc", /closes on its threads/],
    ["G 3/8 pipe cap", "G 3/8 pipe cap", /never on its threads/],
  ])("%s is %s, and says how it closes", (text, callout, says) => {
    expect(partSheetWords(sheetOf(text), "mm").callout).toBe(callout);
    expect(words(text)).toMatch(says);
  });

  it.each([
    [
      "1/2 x 3/8 BSPT reducing bush",
      "R 1/2 x R 3/8 bush",
      /R 1\/2\. Across the crests.*R 3\/8\. Across the bore/s,
    ],
    [
      "1/2 NPT male to 3/8 bspp female adaptor, brass",
      "1/2-14 NPT male x G 3/8 female adaptor, brass",
      /NPT is a taper thread.*G 3\/8 is parallel/s,
    ],
    [
      "m12 x 1.5 male x G 1/4 female adaptor",
      "M12 x 1.5 male x G 1/4 female adaptor",
      /M12 x 1\.5\. Across the crests.*G 1\/4\. Across the bore/s,
    ],
    ["2 off G 1/2 x 1/4 coupling", "2 off G 1/2 x G 1/4 coupling", /G 1\/4\. Across the bore/],
  ])("%s has two ends: %s", (text, callout, says) => {
    expect(partSheetWords(sheetOf(text), "mm").callout).toBe(callout);
    expect(words(text)).toMatch(says);
    expect(words(callout)).toBe(words(text));
  });

  it("has a hole for each outside thread, and what each of both is mistaken for", () => {
    const sheet = partSheetWords(sheetOf("G 1/2 male x G 1/4 female bush"), "mm");
    const [tools, never] = ["tools", "never"].map((id) =>
      sheet.sections.find((one) => one.id === id),
    );
    expect(tools?.facts.map(([what]) => what)).toEqual(["G 1/2. Drill"]);
    expect(never?.lines.join(" ")).toMatch(/1\/2-14 NPT.*1\/4-18 NPT/s);
    expect(sheet.spoken).toBe(
      "Bush; G 1/2 male at one end, G 1/4 female at the other; finish not said.",
    );
  });

  it("names the thread that jams in it", () => {
    expect(words("G 1/2 female coupling")).toMatch(/NPT/);
  });

  it.each(["M10 coupling nut", "M12 tee bolt x 60", "R 1/2 plug"])("is not made of %s", (text) => {
    const spec = parseCallout(text);
    expect("part" in spec && spec.part).not.toBe("fitting");
  });

  it("asks back what it does not place", () => {
    for (const text of ["1/2 BSPT x 3 nipple", "R 1/2 45 degree elbow", "G 1/4 close nipple"]) {
      expect(isCalloutProblem(parseCallout(text))).toBe(true);
    }
  });
});

it.each(["M8 hex nut, 8, zinc", "M8 washer, zinc", "R 1/2 plug", "M12 castle nut"])(
  "the sheet of %s carries the caution of every sheet, and that of its joint",
  (callout) => {
    const spec = parseCallout(callout);
    if (isCalloutProblem(spec) || spec.part === "screw") throw new Error(callout);
    const circumstances = { duty: "pressure", metal: "steel", environment: "indoor" } as const;
    const { cautions } = partSheetWords(partSheet(spec, { circumstances }), "in");
    expect(cautions[0]).toMatch(/holds pressure/);
    expect(cautions.at(-1)).toMatch(/licensed practice/);
  },
);
