import { named } from "../../testing";
import {
  damageProblems,
  repairOptions,
  solidBush,
  wallCheck,
  workPlan,
  type Damage,
} from "./index";

const M8 = named("M8");

const HOLE: Damage = {
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
  often: false,
};

const optionOf = (damage: Damage, kind: string) => {
  const option = repairOptions(damage).find((one) => one.kind === kind);
  if (option === undefined) throw new Error(`no ${kind}`);
  return option;
};

const refusalOf = (damage: Damage, kind: string) => {
  const [reason] = optionOf(damage, kind).reasons;
  return reason?.code === "refused" ? reason.refusal.code : undefined;
};

describe("a solid bush", () => {
  it.each([
    ["M6", "M10 x 1"],
    ["M8", "M12 x 1.25"],
    ["M10", "M14 x 1.5"],
  ])("for %s stands in %s", (name, outer) => {
    expect(solidBush(named(name))?.outer.designation).toBe(outer);
  });

  it("leaves a wall of at least 0.6 mm and of 0.08 D, for every screw thread it is made for", () => {
    for (const name of ["M3", "M5", "M12", "M20", "1/4-20 unc", "3/8 bsw", "2 ba"]) {
      const made = solidBush(named(name))!;
      expect(made.wallMm).toBeGreaterThanOrEqual(Math.max(0.6, 0.08 * named(name).majorMm) - 1e-9);
    }
  });
});

describe("walls", () => {
  // By hand: 15.9 kN on 12 mm of thread spread a wall of 4, 2 and 1.2 mm with so many MPa.
  it.each([
    [4, 31],
    [2, 61],
    [1.2, 102],
  ])("of %d mm are spread with %d MPa", (wall, mpa) => {
    const load = { newtons: 15_900, engagementMm: 12 };
    const checked = wallCheck("aluminium-cast", 8, 8, 4 + wall, load);
    expect(checked.leftMm).toBeCloseTo(wall, 9);
    expect(Math.abs((checked.hoopMpa ?? 0) - mpa)).toBeLessThan(1);
  });

  it("are sound, thin and refused by the metal's own shares", () => {
    const verdicts = (material: "mild-steel" | "grey-iron") =>
      [1, 2, 3, 5].map((left) => wallCheck(material, 10, 10, 5 + left).verdict);
    expect(verdicts("mild-steel")).toEqual(["too-thin", "thin", "sound", "sound"]);
    expect(verdicts("grey-iron")).toEqual(["too-thin", "too-thin", "thin", "sound"]);
  });
});

describe("what is offered and what is refused", () => {
  it("advises nothing that holds less than is wanted, and offers it last, as weaker", () => {
    const options = repairOptions({ ...HOLE, wantedN: 60_000, hole: "through" });
    const offered = options.filter(({ verdict }) => verdict !== "refused");
    const weaker = offered.map((one) => one.weaker === true);
    expect(weaker).toEqual([...weaker].sort());
    expect(weaker).toContain(true);
    expect(offered[0]).toMatchObject({ verdict: "advised" });
    for (const { holdN, weaker: less } of offered)
      expect((holdN ?? 60_000) < 60_000).toBe(less === true);
  });

  it.each(["safety-critical", "vibrating", "electrical"] as const)(
    "refuses what holds less than is wanted where the joint is %s",
    (duty) => {
      const strict = { ...HOLE, wantedN: 60_000, duty, acknowledged: true } as const;
      for (const { holdN, verdict } of repairOptions(strict)) {
        if (holdN !== undefined) expect(verdict).toBe("refused");
      }
    },
  );

  it("takes the longest insert that fits, and says when none does", () => {
    expect(optionOf({ ...HOLE, depthMm: 16 }, "wire-insert").lengthInDiameters).toBe(1.5);
    expect(optionOf({ ...HOLE, depthMm: 14, wantedN: 100 }, "wire-insert").lengthInDiameters).toBe(
      1,
    );
    expect(refusalOf({ ...HOLE, depthMm: 11 }, "wire-insert")).toBe("too-shallow");
  });

  it("refuses an insert in a bore that is torn too far", () => {
    expect(refusalOf({ ...HOLE, boreMm: 8.7 }, "wire-insert")).toBe("bore-too-big");
    expect(refusalOf({ ...HOLE, boreMm: 8.6 }, "wire-insert")).toBeUndefined();
  });

  it("chases a thread that is mostly whole, and not one that is gone", () => {
    const crossed = { ...HOLE, symptom: "cross-threaded", wantedN: 10_000 } as const;
    expect(repairOptions(crossed)[0]?.kind).toBe("chase");
    expect(refusalOf(HOLE, "chase")).toBe("too-far-gone");
    expect(refusalOf({ ...crossed, soundShare: 0.7 }, "chase")).toBe("too-far-gone");
    expect(refusalOf({ ...crossed, soundShare: 0.7 }, "retap")).toBeUndefined();
  });

  it("takes a snapped bolt out first", () => {
    const [first, second] = repairOptions({ ...HOLE, symptom: "snapped" });
    expect(first?.kind).toBe("extract");
    expect((second?.score ?? 0) - 20).toBeLessThanOrEqual(first?.score ?? 0);
  });

  it("files a bruised stud, and cuts no hard one with a die", () => {
    const stud = { ...HOLE, symptom: "bruised", part: "screw", gradeId: "10.9" } as const;
    expect(repairOptions(stud)[0]?.kind).toBe("file");
    expect(refusalOf(stud, "die")).toBe("cuts-strength");
    expect(refusalOf(stud, "build-up")).toBe("never");
    expect(repairOptions({ ...stud, soundShare: 0.5 })[0]?.kind).toBe("replace-fastener");
  });

  it("leaves pressure, brakes and gas to who may do it", () => {
    const leak = { ...HOLE, thread: named("G 1/2"), symptom: "leaks", duty: "pressure" } as const;
    expect(repairOptions({ ...leak, medium: "water" })[0]?.kind).toBe("reseal");
    for (const medium of ["gas", "steam", "hydraulic", "brake"] as const)
      expect(refusalOf({ ...leak, medium }, "reseal")).toBe("defer");
    expect(refusalOf({ ...HOLE, duty: "pressure" }, "wire-insert")).toBe("defer");
  });

  it("puts no coil in an earth path, and drills nothing that cannot be reached", () => {
    expect(refusalOf({ ...HOLE, duty: "electrical" }, "wire-insert")).toBe("insulates");
    expect(refusalOf({ ...HOLE, access: "none" }, "oversize")).toBe("no-access");
    const acknowledged = { ...HOLE, duty: "safety-critical", acknowledged: true } as const;
    expect(refusalOf(acknowledged, "oversize")).toBe("never-here");
    expect(refusalOf(acknowledged, "wire-insert")).toBeUndefined();
  });

  it("has the other families ready for a screw that was too small", () => {
    const families = repairOptions({ ...HOLE, symptom: "too-small", edgeMm: 30, depthMm: 40 })
      .filter(({ kind }) => kind === "oversize")
      .map(({ thread }) => thread.family);
    expect(families).toEqual(expect.arrayContaining(["iso-metric", "unified", "whitworth"]));
  });

  it("counts a tap that is not owned against what needs it", () => {
    const without = { ...HOLE, tools: { stiThreads: [] } };
    expect(optionOf(without, "wire-insert").score - optionOf(HOLE, "wire-insert").score).toBe(8);
    expect(optionOf(without, "wire-insert").reasons).toContainEqual({
      code: "tap-missing",
      taps: 1,
    });
  });

  it("says what is wrong with a figure before any repair is looked for", () => {
    expect(damageProblems(HOLE)).toEqual([]);
    expect(damageProblems({ ...HOLE, edgeMm: 300, boreMm: 0 })).toEqual([
      { code: "out-of-range", figure: "bore", read: 0, least: 0.5, most: 200 },
      { code: "out-of-range", figure: "edge", read: 300, least: 0, most: 200 },
    ]);
  });
});

describe("the plan of a repair", () => {
  it("begins with laying out and ends with the record, and refuses what is refused", () => {
    for (const option of repairOptions(HOLE)) {
      const codes = workPlan(option, HOLE).map(({ code }) => code);
      if (option.verdict === "refused") expect(codes).toEqual([]);
      else expect([codes[0], codes.at(-1)]).toEqual(["lay-out", "record"]);
    }
  });

  it("carries the insert's figures from drill to tang", () => {
    const steps = workPlan(optionOf(HOLE, "wire-insert"), HOLE);
    const at = (code: string) => steps.find((one) => one.code === code)?.figures;
    expect(at("drill")).toMatchObject({ drillMark: "8.4", depthMm: 20.75 });
    expect(at("wind-in")).toMatchObject({ lengthMm: 11.375 });
    expect(at("countersink")?.diameterMm).toBeCloseTo(9.624, 3);
    expect(at("tang")).toEqual({ depthMm: 10.75 });
    expect(at("tighten")).toMatchObject({ torqueRatio: 1 });
  });

  it("never branches back past the drill", () => {
    const steps = workPlan(optionOf(HOLE, "wire-insert"), HOLE);
    const order = steps.map(({ code }) => code as string);
    const drilled = order.indexOf("drill");
    steps.forEach(({ branches }, at) => {
      for (const { then } of branches)
        if (at > drilled && order.includes(then))
          expect([then, order.lastIndexOf(then) > drilled || then === "measure"]).toEqual([
            then,
            true,
          ]);
    });
  });

  it("asks for the caution first where safety hangs on it", () => {
    const safe = { ...HOLE, duty: "safety-critical", acknowledged: true } as const;
    expect(workPlan(optionOf(safe, "wire-insert"), safe)[0]?.code).toBe("acknowledge");
  });
});
