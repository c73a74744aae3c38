import { gradeById } from "../../catalogue/grades";
import {
  blindHole,
  drillForPercent,
  drillOversize,
  formingDrillMm,
  percentThread,
  spindleRpm,
  stripLoadN,
  tapEffort,
  tapReserve,
  tappingPlan,
  drillsOf,
  type TappingRequest,
} from "../holes";
import { leastEngagement } from "../../decide/joints";
import { pipeSeal } from "../../identify/mating";
import { named } from "../../testing";
import {
  makeUpTurns,
  oversizeThreads,
  repairOptions,
  solidBush,
  wireInsert,
  type Damage,
} from "./index";

// Worked by a script apart from this code and by a second implementation, which agreed. 6g/6H, 2A/2B; mm and N.

const M8 = named("M8");
const M10 = named("M10");
const drill = (mark: string) => {
  const found = drillsOf(["fractional", "number", "letter"]).find((one) => one.mark === mark);
  if (found === undefined) throw new Error(mark);
  return found.mm;
};

describe("percent and drills", () => {
  it("1-4: percent of thread and the drill for a percent", () => {
    expect(percentThread(named("M6"), 5)).toBeCloseTo(77, 1);
    expect(percentThread(named("1/4-28"), drill("3"))).toBeCloseTo(79.8, 1);
    expect(percentThread(named("3/8 bsw"), 7.9)).toBeCloseTo(79.9, 1);
    expect(drillForPercent(M8, 65)).toBeCloseTo(6.945, 3);
  });

  it("5: how much wider a drill cuts", () => {
    const { meanMm, mostMm } = drillOversize(8.5);
    expect([meanMm, mostMm].map((mm) => mm.toFixed(3))).toEqual(["0.093", "0.170"]);
  });

  const planned = (request: Partial<TappingRequest> & Pick<TappingRequest, "thread">) => {
    const plan = tappingPlan({
      material: "mild-steel",
      hole: "through",
      depthMm: request.thread.majorMm * 1.2,
      ...request,
    });
    if (plan.kind !== "plan") throw new Error(plan.problem.code);
    return plan;
  };

  it("6-9: the drill that is chosen, and what it reaches", () => {
    const only = drillsOf(["metric-tenths"]).filter(({ mm }) => mm === 8.5);
    const tools = { drillSets: [], extra: only };
    expect(planned({ thread: M10, tools }).drill.percentReached).toBeCloseTo(72.2, 1);
    expect(planned({ thread: M8 }).drill.drill.mark).toBe("6.8");
    const tenths = { drillSets: ["metric-tenths"] } as const;
    expect(planned({ thread: M8, material: "stainless", tools: tenths }).drill.drill.mark).toBe(
      "6.9",
    );
    const fractional = { drillSets: ["fractional"] } as const;
    expect(planned({ thread: M8, tools: fractional }).drill.drill.mark).toBe("17/64");
  });

  it("10-12: effort and reserve of a tap", () => {
    expect(tapEffort(60).least).toBeCloseTo(0.43, 2);
    expect(tapEffort(60).most).toBeCloseTo(0.69, 2);
    expect(tapEffort(100).least).toBeCloseTo(1.64, 2);
    expect(tapEffort(100).most).toBeCloseTo(3, 2);
    expect(tapReserve(named("M6"), "mild-steel", 5)).toBeCloseTo(4, 1);
    expect(tapReserve(named("#6-32"), "mild-steel", drill("36"))).toBeCloseTo(1.7, 1);
  });

  it("13-15: forming drills and spindle speeds", () => {
    expect(formingDrillMm(named("M6"))).toBeCloseTo(5.558, 2);
    expect(formingDrillMm(M8)).toBeCloseTo(7.448, 2);
    const rpm = spindleRpm("drill", "mild-steel", 8.5);
    expect(Object.values(rpm).map(Math.round)).toEqual([899, 1049, 1311]);
    expect(spindleRpm("drill", "stainless", 5).adviceRpm).toBeCloseTo(700, 0);
  });

  it("16-17: the depth of a blind hole by its last tap", () => {
    expect(blindHole(M8, 16, "second", 6.8)).toMatchObject({ drillDepthMm: 23.5 });
    expect(blindHole(M8, 16, "second", 6.8).pointMm).toBeCloseTo(2.04, 2);
    expect(blindHole(M8, 16, "taper", 6.8).drillDepthMm).toBe(29.75);
    expect(blindHole(M8, 16, "bottoming", 6.8).drillDepthMm).toBe(19.75);
  });

  it("18-19: the taps that fit, and what does not", () => {
    const blind = { thread: M10, material: "mild-steel", hole: "blind", depthMm: 20 } as const;
    const plan = planned({ ...blind, fullThreadMm: 15 });
    expect(plan.drillDepthMm).toBe(19.5);
    expect(plan.taps.at(-1)?.tap).toBe("bottoming");
    expect(tappingPlan({ ...blind, fullThreadMm: 16 })).toMatchObject({
      kind: "cannot",
      problem: { code: "too-shallow" },
      nearestFullMm: 15.5,
    });
  });
});

describe("inserts and bushes", () => {
  it("20-22: a wire insert for M8, one and a half diameters long", () => {
    const made = wireInsert(M8, 1.5)!;
    expect(made.sti.major).toBeCloseTo(9.624, 3);
    expect(made.sti.pitch).toBeCloseTo(8.812, 3);
    expect(made.sti.minor).toBeCloseTo(8.271, 3);
    expect(made.drill.mark).toBe("8.4");
    expect(made.installedMm).toBeCloseTo(11.375, 3);
    expect(made.coils).toBeCloseTo(9.1, 2);
    // A quarter and half a pitch: 0.31 to 0.63 to two decimals.
    expect(made.setDownMm).toEqual({ least: 0.3125, most: 0.625 });
    expect(made.fullThreadMm).toBe(13.25);
    expect(made.drillDepthMm).toBe(20.75);
    expect(wireInsert(M8, 1.5, "bottoming")?.drillDepthMm).toBe(17);
  });

  it("23-24: for 1/4-20 UNC and for M4", () => {
    const quarter = wireInsert(named("1/4-20 unc"), 1.5)!;
    expect(quarter.sti.major).toBeCloseTo(8, 3);
    expect(["17/64", "H"]).toContain(quarter.drill.mark);
    const m4 = wireInsert(named("M4"), 2)!;
    expect(m4.installedMm).toBeCloseTo(7.65, 3);
    expect(m4.drillDepthMm).toBeCloseTo(12.9, 3);
  });

  it("25: a solid bush for M8", () => {
    const made = solidBush(M8)!;
    expect(made.outer.designation).toBe("M12 x 1.25");
    expect(made.wallMm).toBeCloseTo(1.23, 2);
  });
});

describe("going up a size", () => {
  const names = (boreMm: number) =>
    oversizeThreads({ boreMm, most: 40 }).map(({ thread }) => thread.designation);

  it("26-28: the threads that clear a hole, and those that do not", () => {
    const at8 = oversizeThreads({ boreMm: 8, most: 40 });
    expect(at8.find(({ thread }) => thread.designation === "3/8-16 UNC")?.percent).toBeCloseTo(
      73.9,
      1,
    );
    expect(names(8)).toEqual(expect.arrayContaining(["M10 x 1.5", "3/8-24 UNF", "7/16-20 UNF"]));
    expect(names(8)).not.toEqual(expect.arrayContaining(["5/16-18 UNC"]));
    expect(names(8)).not.toEqual(expect.arrayContaining(["M8 x 1.25"]));
    expect(names(18.1)).not.toContain("M20 x 2.5");
    const fine = oversizeThreads({ boreMm: 18.1, most: 40 }).find(
      ({ thread }) => thread.designation === "M20 x 1.5",
    );
    expect(fine?.drill.mm).toBe(18.5);
    expect(fine?.percent).toBeCloseTo(77, 0);
  });

  it("29-30: M8 torn to 8.1, to M10 in cast aluminium 9 mm from the edge", () => {
    const up = oversizeThreads({
      boreMm: 8.1,
      original: M8,
      edgeMm: 9,
      material: "aluminium-cast",
    }).find(({ thread }) => thread === M10)!;
    expect(up.wall?.leftMm).toBeCloseTo(4, 6);
    expect(up.wall?.verdict).toBe("thin");
    expect(up.boltRatio).toBeCloseTo(1.584, 3);
    expect(up.holeRatio).toBeCloseTo(1.276, 2);
    expect(up.torqueRatio).toBe(1.25);
  });
});

describe("what holds", () => {
  it("31-33: strip loads of M8 in cast aluminium", () => {
    expect(stripLoadN(M8, "aluminium-cast", 12)).toBeCloseTo(19386, -1);
    expect(stripLoadN(M8, "aluminium-cast", 10.75, { wireInsert: true })).toBeCloseTo(21001, -1);
    expect(stripLoadN(M8, "aluminium-cast", 12, { bossMm: 12 })).toBeCloseTo(16285, -1);
  });

  it("34-35: engagement of an 8.8 M8", () => {
    const grade = gradeById("8.8")!;
    expect(leastEngagement(M8, grade, "steel")?.calculatedMm).toBeCloseTo(8.06, 2);
    expect(leastEngagement(M8, grade, "cast-iron")?.calculatedMm).toBeCloseTo(9.67, 2);
    expect(leastEngagement(M8, grade, "aluminium-cast")?.calculatedMm).toBeCloseTo(18.1, 1);
  });
});

describe("pipe joints", () => {
  it("36-37: turns, and what seals", () => {
    const r = makeUpTurns(named("R 1/2"))!;
    expect(r.hand).toBeCloseTo(4.52, 2);
    expect(r.wrench).toBeCloseTo(2.76, 2);
    const npt = makeUpTurns(named("1/2 NPT"))!;
    expect(npt.hand).toBeCloseTo(4.48, 2);
    expect(npt.wrench).toBe(3);
    expect(pipeSeal(named("1/2 NPT"), named("G 1/2")).kind).toBe("none");
    expect(pipeSeal(named("R 1/2"), named("Rp 1/2")).kind).toBe("thread");
  });
});

describe("the stripped M8 in the cast cover", () => {
  const cover: Damage = {
    symptom: "strips",
    part: "hole",
    thread: M8,
    material: "aluminium-cast",
    hole: "blind",
    depthMm: 24,
    edgeMm: 12,
    engagementMm: 12,
    gradeId: "8.8",
    duty: "ordinary",
    often: true,
  };

  it("38: takes a wire insert of one and a half diameters", () => {
    const [first] = repairOptions(cover);
    expect(first).toMatchObject({
      kind: "wire-insert",
      verdict: "advised",
      lengthInDiameters: 1.5,
    });
    expect(first?.strengthRatio).toBeCloseTo(1.08, 2);
  });

  it("39: refuses what needs more wall than there is", () => {
    const refused = repairOptions({ ...cover, edgeMm: 5.5 }).filter(
      ({ verdict }) => verdict === "refused",
    );
    for (const kind of ["wire-insert", "solid-bush", "oversize"]) {
      const option = refused.find((one) => one.kind === kind);
      expect(option?.reasons[0]).toMatchObject({
        code: "refused",
        refusal: { code: "wall-too-thin" },
      });
    }
  });

  it("40: is replaced where safety hangs on it and nobody has read the caution", () => {
    const [first, ...others] = repairOptions({ ...cover, duty: "safety-critical" });
    expect(first?.kind).toBe("replace-part");
    for (const { verdict } of others) expect(verdict).toBe("refused");
  });
});
