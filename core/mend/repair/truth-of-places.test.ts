import { howStocked } from "../../catalogue/fasteners";
import { named, HOLE, best, figuresAt, refusalOf, stepsOf } from "../../testing";
import { repairOptions, repairWork, type Damage, type RepairKind } from "./index";

// Worked out by hand from the standards and the rules of mending, not with this code. mm and N.

describe("sizes and places", () => {
  it.each([
    ["M7", "hardly"],
    ["M9", "hardly"],
    ["M11", "hardly"],
    ["M15 x 1.5", "hardly"],
    ["M18", "seldom"],
    ["M22", "seldom"],
    ["M27", "seldom"],
    ["9/16-12", "seldom"],
    ["#12-24", "seldom"],
    ["M10", "usual"],
    ["M14", "usual"],
    ["1/4-20", "usual"],
    ["5/8-11", "usual"],
  ])("%s is stocked: %s", (name, stocked) => {
    expect(howStocked(named(name))).toBe(stocked);
  });

  it.each([
    ["M6", "M8 x 1.25"],
    ["M8", "M10 x 1.5"],
    ["M10", "M12 x 1.75"],
    ["M16", "M20 x 2.5"],
    ["M20", "M24 x 3"],
    ["M24", "M30 x 3.5"],
    ["1/2-13", "5/8-11 UNC"],
  ])("%s goes up to %s first", (name, larger) => {
    const thread = named(name);
    const roomy = {
      thread,
      material: "mild-steel",
      hole: "through",
      depthMm: 2 * thread.majorMm,
      edgeMm: 3 * thread.majorMm,
    } as const;
    const ups = repairOptions({ ...HOLE, ...roomy }).filter(({ kind }) => kind === "oversize");
    expect(ups[0]?.thread.designation).toBe(larger);
  });

  it("bolts a thin part through before it goes up a size on two threads", () => {
    const thin = { material: "mild-steel", hole: "through", depthMm: 5, engagementMm: 5 } as const;
    const kinds = repairOptions({ ...HOLE, ...thin }).map(({ kind }) => kind);
    expect(kinds.indexOf("through-bolt")).toBeLessThan(kinds.indexOf("oversize"));
  });

  it("faces a bush after its cure, and ends a drain plug with a test", () => {
    const codes = stepsOf({ edgeMm: 20 }, "solid-bush").map(({ code }) => code);
    expect(codes.indexOf("face")).toBeGreaterThan(codes.indexOf("cure"));
    const sump = { purpose: "plug", behind: true, edgeMm: 20 } as const;
    expect(stepsOf(sump, "wire-insert").map(({ code }) => code)).toContain("leak-test");
  });

  it("names the clearance drill of a bolt through, and the washer under its head", () => {
    const through = { hole: "through", material: "mild-steel" } as const;
    // ISO 273, medium: 9 mm for M8, 11 for M10.
    expect(figuresAt(through, "through-bolt", "drill")?.drillMm).toBe(9);
    const up = figuresAt({ ...through, edgeMm: 25 }, "oversize", "open-mate");
    expect(up).toMatchObject({ diameterMm: 11, washer: "M10 x 1.5" });
  });

  it("names the class and the surface of its torque", () => {
    expect(figuresAt({}, "wire-insert", "tighten")?.counted).toMatchObject({
      grade: "8.8",
      said: true,
      surface: "dry-plain",
    });
  });
});

describe("damages of other kinds", () => {
  const sheet = {
    symptom: "thin-sheet",
    material: "mild-steel",
    hole: "through",
    thread: named("M6"),
    depthMm: 2,
  } as const;
  const stuck = { symptom: "seized", material: "mild-steel" } as const;
  const plastic = {
    symptom: "plastic",
    material: "plastic",
    thread: named("M4"),
    depthMm: 12,
    engagementMm: 6,
  } as const;
  const off = {
    symptom: "off-centre",
    hole: "through",
    material: "mild-steel",
    depthMm: 12,
  } as const;
  const plug = {
    symptom: "combustion",
    hole: "through",
    depthMm: 19,
    thread: named("M14 x 1.25"),
    space: "combustion",
    edgeMm: 30,
  } as const;
  const nut = {
    symptom: "nut-stripped",
    hole: "through",
    material: "mild-steel",
    depthMm: 1.5,
    thread: named("M6"),
  } as const;

  it.each<[string, Partial<Damage>, RepairKind]>([
    ["a bolt that will not turn", stuck, "free"],
    [
      "a rounded head",
      { symptom: "rounded", material: "mild-steel", driveShape: "socket" },
      "drive-in",
    ],
    ["a broken tap", { symptom: "broken-tap", brokenTool: "tap" }, "tap-fingers"],
    ["a broken extractor", { symptom: "broken-tap", brokenTool: "extractor" }, "erode"],
    ["a thread gone in sheet that is open behind", sheet, "nut-behind"],
    ["a thread gone in sheet that is closed behind", { ...sheet, behind: true }, "rivet-nut"],
    ["a stripped nut", { ...nut, nutKind: "plain" }, "new-nut"],
    ["a stripped cage nut", { ...nut, nutKind: "cage" }, "cage-nut"],
    ["an insert that came out", { symptom: "insert-out", edgeMm: 20 }, "insert-again"],
    ["a thread gone in plastic", plastic, "heat-set"],
    ["a hole that is a little off", { ...off, offMm: 0.4 }, "ease-mate"],
  ])("%s begins with what costs least", (_, change, kind) => {
    expect(best(change)).toMatchObject({ kind, verdict: "advised" });
  });

  it.each<[string, Partial<Damage>, RepairKind, string]>([
    ["no flame near seals or fuel", { ...stuck, noFlame: true }, "free-hot", "no-flame"],
    ["no flame over oil", { ...stuck, behind: true }, "free-hot", "no-flame"],
    ["no flame on magnesium", { ...stuck, material: "magnesium" }, "free-hot", "no-flame"],
    ["no weld near fuel", { ...stuck, noFlame: true }, "nut-on", "no-flame"],
    ["no drill on a tap", { symptom: "broken-tap" }, "extract", "harder-than-drill"],
    ["no rivet nut in plate", { ...sheet, depthMm: 8 }, "rivet-nut", "sheet-thickness"],
    ["no nut behind what is closed", { ...sheet, behind: true }, "nut-behind", "far-side-closed"],
    [
      "no weld nut on aluminium",
      { ...sheet, material: "aluminium-wrought" },
      "weld-nut",
      "not-for-metal",
    ],
    [
      "no pressed nut in stainless",
      { ...sheet, material: "stainless" },
      "clinch-nut",
      "not-for-metal",
    ],
    ["no loose nut for a cage", { ...nut, nutKind: "cage" }, "new-nut", "wrong-nut"],
    ["no melted insert in metal", { ...plastic, material: "brass" }, "heat-set", "not-for-metal"],
    // Free series of ISO 273 for M8 is 10: a millimetre either way.
    ["no easing of what is too far off", { ...off, offMm: 1.2 }, "ease-mate", "stays-off"],
    ["no larger thread into a cylinder", plug, "oversize", "never-here"],
    ["nothing by feel in a pressure vessel", { ...plug, space: "pressure" }, "chase", "defer"],
    [
      "no new insert in a bore torn over 8.65",
      { symptom: "insert-out", boreMm: 8.7 },
      "insert-again",
      "bore-too-big",
    ],
  ])("%s", (_, change, kind, code) => {
    expect(refusalOf(change, kind)).toBe(code);
  });

  it("names the hole and the part: a rivet nut M6 in 9 mm, a melted insert M4 in 5.6", () => {
    expect(figuresAt(sheet, "rivet-nut", "drill")?.drillMm).toBe(9);
    expect(figuresAt(plastic, "heat-set", "drill")?.drillMm).toBe(5.6);
  });

  it("guards a cylinder before the first chip, and tests it at the end", () => {
    const codes = repairWork({ ...HOLE, ...plug }).steps.map(({ code }) => code);
    expect(codes).toEqual(expect.arrayContaining(["guard-bore", "clear-bore", "leak-test"]));
  });
});
