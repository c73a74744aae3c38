import { tappingPlan } from "../../mend/holes";
import {
  STEP_CODES,
  damageProblems,
  repairOptions,
  tappingSteps,
  workPlan,
  type Damage,
} from "../../mend/repair";
import { named, HOLE } from "../../testing";
import {
  STEP_TITLES,
  effortWords,
  mostHeldWords,
  refusalWords,
  repairReasonWords,
  repairTitleWords,
  stepBranchWords,
  tappingPlanWords,
  workStepWords,
} from "./index";

const COVER: Damage = { ...HOLE, edgeMm: 12, often: true };

const SENTENCE = /^[A-Z0-9“].*[.]$/;

describe("the words of repair", () => {
  it("name as the most that may be held nothing that can not be done at all", () => {
    for (const edgeMm of [3, 5.5, 8, 12])
      for (const gradeId of ["8.8", "12.9"]) {
        const options = repairOptions({ ...COVER, edgeMm, gradeId });
        const words = mostHeldWords(options, "mm") ?? "";
        for (const option of options) {
          const [reason] = option.reasons;
          if (reason?.code !== "refused" || reason.refusal.code === "holds-too-little") continue;
          expect(words).not.toContain(`The most: ${repairTitleWords(option)},`);
        }
      }
  });

  it("say every reason and refusal as a sentence with its figures", () => {
    const damages: Damage[] = [
      COVER,
      { ...COVER, edgeMm: 5.5 },
      { ...COVER, edgeMm: 3, boreMm: 8.9 },
      { ...COVER, duty: "safety-critical" },
      { ...COVER, duty: "electrical", access: "none" },
      { ...COVER, duty: "pressure", medium: "steam" },
      { ...COVER, part: "screw", symptom: "bruised", gradeId: "10.9" },
      { ...COVER, symptom: "snapped", access: "tight", depthMm: 10 },
      { ...COVER, symptom: "too-small", duty: "vibrating" },
      { ...COVER, tools: { stiThreads: [], tapThreads: [], drillSets: [] } },
    ];
    for (const damage of damages) {
      for (const option of repairOptions(damage)) {
        expect(repairTitleWords(option)).not.toBe("");
        for (const reason of option.reasons)
          for (const units of ["mm", "in"] as const)
            expect(repairReasonWords(reason, units)).toMatch(SENTENCE);
      }
    }
  });

  it("name what was refused with what would do", () => {
    const refused = repairOptions({ ...COVER, edgeMm: 5.5 }).find(
      ({ kind }) => kind === "wire-insert",
    );
    expect(refused && repairReasonWords(refused.reasons[0]!, "mm")).toBe(
      "The wall to the edge would be 0.69 mm, and 2.00 mm are the least.",
    );
    expect(damageProblems({ ...COVER, edgeMm: 300 }).map((one) => refusalWords(one, "mm"))).toEqual(
      ["The distance to the edge: read 300.00 mm. Accepted: 0.00 mm to 200.00 mm."],
    );
  });

  it("write every step of every plan", () => {
    for (const option of repairOptions(COVER)) {
      for (const step of workPlan(option, COVER)) {
        expect(workStepWords(step, "mm")).toMatch(/[.]$/);
        for (const branch of step.branches)
          expect(stepBranchWords(step.code, branch, "mm")).toMatch(/[.]$/);
      }
    }
    expect(Object.keys(STEP_TITLES).sort()).toEqual([...STEP_CODES].sort());
  });

  it("write the plan of an insert with figures to work by", () => {
    const [insert] = repairOptions(COVER);
    const steps = workPlan(insert!, COVER);
    const said = (code: string) =>
      workStepWords(
        steps.find((one) => one.code === code)!,
        "mm",
      );
    expect(repairTitleWords(insert!)).toBe("Wire insert, 1.5 D");
    expect(said("drill")).toBe(
      "Drill 8.4 mm, 20.75 mm deep at full width, flag 23.27 mm from the tip. About 2080 turns a minute, in short pecks, chips out each time. On it: paraffin, or light oil: the metal welds to a dry tool.",
    );
    expect(said("set-depth")).toBe("Its top coil 0.31 mm to 0.63 mm below the face.");
  });

  it("write a tapping plan in lines, or why there is none", () => {
    const request = {
      thread: named("M10"),
      material: "mild-steel",
      hole: "blind",
      depthMm: 20,
    } as const;
    const plan = tappingPlan({ ...request, fullThreadMm: 15 });
    const lines = new Map(tappingPlanWords(plan, "mm"));
    expect(lines.get("Drill")).toBe("8.6 mm");
    expect(lines.get("Depth at full width")).toBe("19.50 mm");
    expect(plan.kind === "plan" && tappingSteps(plan, request).map(({ code }) => code)).toEqual(
      expect.arrayContaining(["pilot", "drill", "tap", "trial-screw", "record"]),
    );
    const overOil = tappingPlan({ ...request, fullThreadMm: 10, behind: true });
    expect(tappingPlanWords(overOil, "mm")).toContainEqual([
      "Caution",
      "Grease in the flutes; wind out and wipe every two turns.",
    ]);
    expect(tappingPlanWords(tappingPlan({ ...request, fullThreadMm: 16 }), "mm")).toEqual([
      ["Not so", "It takes a hole 20.50 mm deep, and there are 20.00 mm."],
      ["What fits", "15.50 mm of full thread."],
    ]);
  });

  it("say the effort as a band, and the reserve in words only", () => {
    expect(effortWords({ least: 0.43, most: 0.69 }, 1.4)).toBe(
      "0.4 to 0.7 times the effort of 75 %; the tap is likely to break.",
    );
  });
});
