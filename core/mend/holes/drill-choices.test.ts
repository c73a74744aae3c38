import { findThread } from "../../catalogue/threads";
import { drillChoices, type DrillQuestion } from "./index";

const M10 = findThread("M10")!;

const question = (change: Partial<DrillQuestion> = {}): DrillQuestion => ({
  thread: M10,
  material: "alloy-steel",
  engagementMm: 10,
  gradeId: "8.8",
  tools: { drillSets: ["metric-tenths"] },
  ...change,
});

const at = (mark: string, change: Partial<DrillQuestion> = {}) =>
  drillChoices(question(change)).choices.find(({ drill }) => drill.mark === mark);

describe("the choice among the drills on hand", () => {
  // What a smaller drill buys, M10 6g, shear area of the screw, mm2 to the mm: 17.1, 13.6, 11.7; class 8.8 at 0.6 of 800 MPa.
  it.each([
    ["8.5", 17.1],
    ["8.9", 13.6],
    ["9.1", 11.7],
  ])("holds what the screw's own thread holds in metal as strong as it: %s", (mark, areaMm2) => {
    const newtons = at(mark)?.holdN ?? 0;
    expect(newtons / (0.6 * 800 * areaMm2 * 10)).toBeCloseTo(1, 2);
  });

  it("holds the same with every drill where the hole strips first", () => {
    const held = ["8.4", "8.6", "8.9"].map((mark) => at(mark, { material: "plastic" })?.holdN);
    expect(new Set(held).size).toBe(1);
  });

  it("knows what breaks the screw: its tensile strength over the stress area of ISO 898-1", () => {
    expect(drillChoices(question()).screwLimitN).toBeCloseTo(800 * 57.99, -2);
    expect(drillChoices(question({ gradeId: "12.9" })).screwLimitN).toBeCloseTo(1220 * 57.99, -2);
  });

  it("refuses what leaves too full a thread, or under half of one, and nothing between", () => {
    expect(at("8")?.refused).toBe("too-full");
    expect(at("9.2")?.refused).toBe("too-shallow");
    for (const mark of ["8.5", "8.6", "8.7", "8.8", "8.9"])
      expect(at(mark)?.refused).toBeUndefined();
  });

  it("goes through the drills on hand alone, smallest first, the less full the easier", () => {
    const tools = {
      drillSets: ["metric-tenths"],
      missing: [{ set: "metric-tenths", mark: "8.5" }],
    } as const;
    const { choices } = drillChoices(question({ tools }));
    expect(choices.map(({ drill }) => drill.mark)).not.toContain("8.5");
    const sizes = choices.map(({ drill }) => drill.mm);
    expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
    const efforts = choices.map(({ effort }) => effort.least);
    expect(efforts).toEqual([...efforts].sort((a, b) => b - a));
  });
});
