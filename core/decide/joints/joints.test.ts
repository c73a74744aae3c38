import { nutSize } from "../../catalogue/fasteners";
import { gradeById, type Grade } from "../../catalogue/grades";
import { named } from "../../testing";
import {
  boltShare,
  HOLE_MATERIAL_KINDS,
  leastEngagement,
  stockLength,
  strippingLoads,
  torqueRange,
  type BlindJoint,
  type Joint,
} from "./index";

function graded(id: string): Grade {
  const grade = gradeById(id);
  if (grade === undefined) throw new Error(`no grade ${id}`);
  return grade;
}

describe("stripping", () => {
  it("takes the shear areas of FED-STD-H28 for a 1/2-13 screw", () => {
    const thread = named("1/2-13");
    const loads = strippingLoads(thread, graded("sae-5"), "steel", 25.4);
    // AS_n = pi n Le Dsmin (1/(2n) + 0.57735 (Dsmin - Enmax)) with Dsmin 0.4876, Enmax 0.4565, Le 1 in.
    const nutArea = Math.PI * 13 * 0.4876 * (1 / 26 + 0.57735 * (0.4876 - 0.4565));
    // AS_s = pi n Le Knmax (1/(2n) + 0.57735 (Esmin - Knmax)) with Knmax 0.434, Esmin 0.4435.
    const screwArea = Math.PI * 13 * 0.434 * (1 / 26 + 0.57735 * (0.4435 - 0.434));
    const mm2 = 25.4 ** 2;
    expect(loads?.holeThreadN).toBeCloseTo(nutArea * mm2 * 216, -3);
    expect(loads?.screwThreadN).toBeCloseTo(screwArea * mm2 * 0.6 * 120 * 6.894757, -3);
  });

  it("breaks the bolt at the calculated engagement and strips just short of it", () => {
    for (const material of HOLE_MATERIAL_KINDS) {
      for (const [name, id] of [
        ["M8", "8.8"],
        ["M8", "12.9"],
        ["1/2-13", "sae-5"],
      ] as const) {
        const [thread, grade] = [named(name), graded(id)];
        const mm = leastEngagement(thread, grade, material)?.calculatedMm ?? 0;
        expect(strippingLoads(thread, grade, material, 1.01 * mm)?.first).toBe("bolt");
        expect(strippingLoads(thread, grade, material, 0.99 * mm)?.first).not.toBe("bolt");
      }
    }
  });

  it("wants more thread in a softer metal, and of a stronger screw", () => {
    const least = (id: string, material: (typeof HOLE_MATERIAL_KINDS)[number]) =>
      leastEngagement(named("M8"), graded(id), material)?.calculatedMm ?? 0;
    expect(least("8.8", "aluminium-cast")).toBeGreaterThan(least("8.8", "steel"));
    expect(least("12.9", "cast-iron")).toBeGreaterThan(least("8.8", "cast-iron"));
  });

  it("is never advised under 1 D in steel or 1.5 D in cast iron and light alloy", () => {
    const thread = named("M10");
    expect(leastEngagement(thread, graded("4.6"), "steel")?.adviceMm).toBeGreaterThanOrEqual(10);
    for (const material of ["cast-iron", "aluminium-cast", "aluminium-wrought"] as const) {
      expect(leastEngagement(thread, graded("4.6"), material)?.adviceMm).toBeGreaterThanOrEqual(15);
    }
  });
});

describe("the stocked length of a through bolt", () => {
  const joint = (gripMm: number, washersMm = 0): Joint => ({
    kind: "through",
    gripMm,
    washersMm,
    nutHeightMm: nutSize("hex", named("M10")).heightMm,
  });

  it("stands one to three pitches proud of the nut", () => {
    // 20 + 4 + 8.4 + 1.5 = 33.9: the 35 is 2.6 mm proud.
    const advice = stockLength(joint(20, 4), "hex", named("M10"), graded("8.8"));
    expect(advice).toMatchObject({ kind: "stock", seating: { lengthMm: 35, seat: "sound" } });
  });

  it("says so when no stocked length does, with a washer or a cut length", () => {
    // 36.9 to 39.9 mm: between 35 and 40 there is none.
    const advice = stockLength(joint(27), "hex", named("M10"), graded("8.8"));
    if (advice?.kind !== "between") throw new Error("a length was found");
    expect([advice.shorter?.lengthMm, advice.longer?.lengthMm]).toEqual([35, 40]);
    expect(advice.washersMm?.leastMm).toBeCloseTo(0.1, 6);
    expect(advice.cutToMm).toBeCloseTo(39.9, 6);
  });
});

describe("the stocked length in a blind hole", () => {
  const blind = (change: Partial<BlindJoint>): BlindJoint => ({
    kind: "blind",
    gripMm: 12,
    depthMm: 30,
    material: "cast-iron",
    tap: "bottoming",
    ...change,
  });
  const advise = (change: Partial<BlindJoint> = {}) =>
    stockLength(blind(change), "socket-cap", named("M8"), graded("8.8"));

  it("engages enough and stays a pitch clear of the bottom", () => {
    const advice = advise();
    if (advice?.kind !== "stock") throw new Error("no length was found");
    const { seating, window } = advice;
    expect(seating.engagedMm).toBeGreaterThanOrEqual(window.wantedMm);
    expect(seating.marginMm).toBeGreaterThanOrEqual(1.25);
  });

  it("finds a hole too shallow when the tap's lead eats it", () => {
    expect(advise({ depthMm: 22, tap: "taper" })).toMatchObject({ kind: "hole-too-shallow" });
  });

  it("is never one that bottoms or holds too little, whatever the hole", () => {
    for (let depthMm = 8; depthMm <= 60; depthMm += 1) {
      for (const tap of ["taper", "second", "bottoming"] as const) {
        const advice = advise({ depthMm, tap });
        if (advice?.kind !== "stock") continue;
        expect(advice.seating.lengthMm).toBeLessThanOrEqual(advice.window.mostMm);
        expect(advice.seating.lengthMm).toBeGreaterThanOrEqual(advice.window.leastMm);
        expect(advice.seating.marginMm).toBeGreaterThanOrEqual(1.25 - 1e-6);
      }
    }
  });
});

describe("tightening torque", () => {
  it("is K D F with F three quarters of proof load", () => {
    const range = torqueRange(named("M10"), graded("8.8"), "dry-plain");
    // 0.75 x 580 x 57.99 = 25.2 kN; x 10 mm x 0.18 to 0.22.
    expect(range?.preloadN).toBeCloseTo(25226, -2);
    expect(range?.leastNm).toBeCloseTo(45.4, 1);
    expect(range?.mostNm).toBeCloseTo(55.5, 1);
  });

  it("is lower the slipperier the surface, and a true range", () => {
    const most = (surface: Parameters<typeof torqueRange>[2]) =>
      torqueRange(named("1/2-13"), graded("sae-5"), surface)?.mostNm ?? 0;
    expect(most("anti-seize")).toBeLessThan(most("oiled"));
    expect(most("oiled")).toBeLessThan(most("dry-plain"));
  });

  it("is not given where the class has no serving stress", () => {
    expect(torqueRange(named("1/2-13"), graded("a307"), "oiled")).toBeUndefined();
    expect(torqueRange(named("3/8 bsw"), graded("letter-R"), "oiled")).toBeUndefined();
  });
});

describe("bolts on a circle", () => {
  it("share a pull evenly and a moment by their distance", () => {
    const share = boltShare({ bolts: 6, circleMm: 200, axialN: 12000, momentNm: 300 });
    expect(share.pullN).toBeCloseTo(2000 + (4 * 300000) / 1200, 6);
    expect(share.chordMm).toBeCloseTo(100, 6);
  });

  it("balances the moment about every axis, to the sum over the bolts", () => {
    const [bolts, circleMm, momentNm] = [8, 160, 250];
    const { pullN } = boltShare({ bolts, circleMm, momentNm });
    const angles = Array.from({ length: bolts }, (_, at) => (2 * Math.PI * at) / bolts);
    const sum = angles.reduce((all, angle) => {
      const arm = (circleMm / 2) * Math.cos(angle);
      return all + pullN * Math.cos(angle) * arm;
    }, 0);
    expect(sum / 1000).toBeCloseTo(momentNm, 6);
  });
});
