import { strippingAreas } from "../../identify/mating";
import { named } from "../../testing";
import { bossShare, screwStripLoadN, stripLoadN } from "./strip-load";
import { WORK_MATERIALS, WORK_MATERIAL_KINDS } from "./work-materials";

/** Shear area of the hole's thread for each mm engaged, mm2: FED-STD-H28/2B, 6g/6H and 2A/2B, worked apart from this code. */
const NUT_AREAS: readonly (readonly [thread: string, area: number])[] = [
  ["M4", 7.77],
  ["M5", 10],
  ["M6", 12.19],
  ["M8", 16.83],
  ["M10", 21.48],
  ["M12", 26.12],
  ["M16", 35.57],
  ["M20", 45.39],
  ["1/4-20 unc", 13.69],
  ["5/16-18 unc", 17.32],
  ["3/8-16 unc", 21.03],
  ["1/2-13 unc", 28.54],
];

/** What a wire insert's parent holds over that of the thread inside. */
const INSERT_GAIN: readonly (readonly [thread: string, share: number])[] = [
  ["M4", 1.24],
  ["M6", 1.22],
  ["M8", 1.21],
  ["M10", 1.2],
  ["M16", 1.17],
];

describe("what a hole's thread holds", () => {
  it.each(NUT_AREAS)("%s shears over %d mm² for each mm", (name, area) => {
    expect(strippingAreas(named(name)).nut).toBeCloseTo(area, 1);
  });

  it.each(INSERT_GAIN)("a wire insert for %s holds %d times as much", (name, share) => {
    const thread = named(name);
    const plain = stripLoadN(thread, "aluminium-cast", 10);
    const gain = stripLoadN(thread, "aluminium-cast", 10, { wireInsert: true }) / plain;
    expect(gain).toBeCloseTo(share, 2);
  });

  it.each([
    [1, 13.2],
    [1.5, 21],
    [2, 28.8],
  ])("an M8 insert of %d D in cast aluminium holds %d kN", (length, kilonewtons) => {
    const held = stripLoadN(named("M8"), "aluminium-cast", length * 8 - 1.25, { wireInsert: true });
    expect(held / 1000).toBeCloseTo(kilonewtons, 1);
  });

  it("M10 over 12 mm in cast aluminium holds 24.7 kN", () => {
    expect(stripLoadN(named("M10"), "aluminium-cast", 12) / 1000).toBeCloseTo(24.7, 1);
  });

  it("grows with the engagement, in every metal, and is nothing without one", () => {
    for (const material of WORK_MATERIAL_KINDS) {
      const at = (mm: number) => stripLoadN(named("M8"), material, mm);
      expect(at(20)).toBeCloseTo(2 * at(10), 6);
      expect(at(0)).toBe(0);
      const { wallThin, wallRefuse, drillSpeed } = WORK_MATERIALS[material];
      expect(wallThin).toBeGreaterThan(wallRefuse);
      expect([...drillSpeed]).toEqual([...drillSpeed].sort((a, b) => a - b));
    }
  });

  it("falls in a thin boss, and is refused in a thinner one", () => {
    const m8 = named("M8");
    expect(bossShare(m8, 12)).toBeCloseTo(0.84, 2);
    expect(bossShare(m8, 11)).toBe(0);
    expect(bossShare(m8, 16)).toBe(1);
    expect(bossShare(m8, 15.2)).toBeCloseTo(1, 2);
  });
});

describe("what a smaller drill buys", () => {
  // A_s of M10 6g at the drilled bore, mm2 for each mm: worked apart from this code.
  it.each([
    [8.5, 17.1],
    [8.9, 13.6],
    [9.1, 11.7],
  ])("a bore of %d mm leaves the screw %d mm²", (bore, area) => {
    const held = screwStripLoadN(named("M10"), bore, 1000, 1);
    expect(held / 600).toBeCloseTo(area, 0);
  });
});
