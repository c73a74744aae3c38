import { gradeById, type Grade } from "../../catalogue/grades";
import { named } from "../../testing";
import { boltLoads, shearLoads } from "./index";

function graded(id: string): Grade {
  const grade = gradeById(id);
  if (grade === undefined) throw new Error(`no grade ${id}`);
  return grade;
}

const NEWTONS_PER_POUND = 4.4482216;

/** One unit in the third figure, which is how far the standards' own rounding strays. */
function thirdFigure(published: number): number {
  return 10 ** (Math.floor(Math.log10(published)) - 2);
}

/** ISO 898-1 multiplies an area that is itself rounded to three figures. */
function isoRounding(published: number, area: number): number {
  return thirdFigure(published) + (published * 0.5 * thirdFigure(area)) / area;
}

describe("proof loads of ISO 898-1, table 5 (coarse), N", () => {
  const published: readonly (readonly [string, number, number, number])[] = [
    ["M6", 11600, 16700, 19500],
    ["M8", 21200, 30400, 35500],
    ["M10", 33700, 48100, 56300],
    ["M12", 48900, 70000, 81800],
    ["M14", 66700, 95500, 112000],
    ["M16", 91000, 130000, 152000],
    ["M18", 115000, 159000, 186000],
    ["M20", 147000, 203000, 238000],
    ["M22", 182000, 252000, 294000],
    ["M24", 212000, 293000, 342000],
  ];
  it.each(published)("%s in 8.8, 10.9 and 12.9", (name, ...loads) => {
    ["8.8", "10.9", "12.9"].forEach((id, at) => {
      const { proofN = 0, stressAreaMm2 = 1 } = boltLoads(named(name), graded(id)) ?? {};
      const expected = loads[at] ?? 0;
      const allowed = isoRounding(expected, stressAreaMm2);
      expect(Math.abs(proofN - expected)).toBeLessThanOrEqual(allowed);
    });
  });
});

describe("least tensile loads of ISO 898-1, table 4 (coarse), N", () => {
  it.each([
    ["M6", "8.8", 16100],
    ["M10", "8.8", 46400],
    ["M12", "10.9", 87700],
    ["M16", "4.6", 62800],
    ["M20", "8.8", 203000],
    ["M24", "12.9", 431000],
  ])("%s in %s holds %d", (name, id, newtons) => {
    const { tensileN = 0, stressAreaMm2 = 1 } = boltLoads(named(name), graded(id)) ?? {};
    expect(Math.abs(tensileN - newtons)).toBeLessThanOrEqual(isoRounding(newtons, stressAreaMm2));
  });
});

describe("proof and tensile loads of SAE J429, table 2 (coarse), lb", () => {
  const published: readonly (readonly [string, number, number, number, number])[] = [
    ["1/4-20", 2700, 3800, 3800, 4750],
    ["5/16-18", 4450, 6300, 6300, 7850],
    ["3/8-16", 6600, 9300, 9300, 11600],
    ["7/16-14", 9050, 12800, 12800, 15900],
    ["1/2-13", 12100, 17000, 17000, 21300],
    ["9/16-12", 15500, 21800, 21800, 27300],
    ["5/8-11", 19200, 27100, 27100, 33900],
    ["3/4-10", 28400, 40100, 40100, 50100],
    ["7/8-9", 39300, 55400, 55400, 69300],
    ["1-8 unc", 51500, 72700, 72700, 90900],
  ];
  it.each(published)("%s in grades 5 and 8", (name, proof5, tensile5, proof8, tensile8) => {
    const thread = named(name);
    const five = boltLoads(thread, graded("sae-5"));
    const eight = boltLoads(thread, graded("sae-8"));
    const pounds = [five?.proofN, five?.tensileN, eight?.proofN, eight?.tensileN].map(
      (newtons) => (newtons ?? 0) / NEWTONS_PER_POUND,
    );
    [proof5, tensile5, proof8, tensile8].forEach((expected, at) => {
      // The tables round to 50 lb under 10 000 lb.
      const allowed = Math.max(50, thirdFigure(expected));
      expect(Math.abs((pounds[at] ?? 0) - expected)).toBeLessThanOrEqual(allowed);
    });
  });

  it("keeps the lower figures of grade 5 over an inch", () => {
    const small = boltLoads(named("1-8 unc"), graded("sae-5"));
    const large = boltLoads(named("1 1/8-7 unc"), graded("sae-5"));
    expect((large?.proofN ?? 0) / (large?.stressAreaMm2 ?? 1)).toBeCloseTo(74 * 6.894757, 1);
    expect((small?.proofN ?? 0) / (small?.stressAreaMm2 ?? 1)).toBeCloseTo(85 * 6.894757, 1);
  });
});

describe("loads that are not given", () => {
  it("are none in sizes the standard does not make", () => {
    expect(boltLoads(named("M42"), graded("8.8"))).toBeUndefined();
    expect(boltLoads(named("M20"), graded("9.8"))).toBeUndefined();
    expect(boltLoads(named("#10-24"), graded("sae-8"))).toBeUndefined();
  });

  it("are no proof load for stainless, which has none in its standard", () => {
    const loads = boltLoads(named("M10"), graded("A2-70"));
    expect(loads?.proofN).toBeUndefined();
    expect(Math.round((loads?.tensileN ?? 0) / 100) * 100).toBe(40600);
  });
});

describe("shear", () => {
  it("is less through the threads than through the shank, and twice as much in two planes", () => {
    const [thread, grade] = [named("M12"), graded("8.8")];
    const threads = shearLoads(thread, grade, "through-threads");
    const shank = shearLoads(thread, grade, "through-shank");
    // 0.6 x 800 x 113.1 mm2.
    expect(shank?.singleN).toBeCloseTo(54287, -1);
    expect(shank?.doubleN).toBeCloseTo(2 * 54287, -1);
    expect(threads?.singleN).toBeLessThan(0.8 * (shank?.singleN ?? 0));
  });
});
