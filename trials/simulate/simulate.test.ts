import { named } from "@root-gauge/core/testing";
import { byChart, canBeTold } from "./methods";
import { drawn, seededRandom } from "@root-gauge/core/random";
import { trialRun } from "./trial-run";

const SEED = 1926;

describe("parts drawn from the catalogue and identified", () => {
  const weighted = trialRun(SEED, 400, { weighted: true, courses: 80, fixed: 40 });

  it(`names what diameter and pitch can tell, far better than the chart (seed ${SEED})`, () => {
    expect(weighted.engine.separable.top1).toBeGreaterThanOrEqual(0.97);
    expect(weighted.engine.all.top3).toBeGreaterThanOrEqual(0.98);
    expect(weighted.engine.all.top1).toBeGreaterThan(weighted.chart.all.top1 + 0.2);
  });

  it("is as sure as it is right", () => {
    expect(weighted.calibrationError).toBeLessThan(0.05);
    expect(weighted.wrongButSettled).toBeLessThanOrEqual(0.015);
    expect(weighted.contradictory).toBeLessThanOrEqual(0.03);
  });

  it("settles by its own choice of tests in fewer than a fixed order takes", () => {
    expect(weighted.own.settled).toBeGreaterThan(0.8);
    expect(weighted.own.meanTests).toBeLessThan(0.65 * weighted.fixed.meanTests);
  });

  it("is the same for the same seed", () => {
    const again = () => trialRun(3, 20, { weighted: false, courses: 5, fixed: 5 });
    expect(again()).toEqual(again());
  });
});

describe("the chart method", () => {
  it("takes the nearest nominal size, so a reading under nominal may lead astray", () => {
    expect(byChart(10, 1.5)[0]?.designation).toBe("M10 x 1.5");
    expect(byChart(9.55, 1.5)[0]?.family).not.toBe("iso-metric");
  });
});

describe("what can be told apart at all", () => {
  const part = (name: string, majorMm: number) => ({
    thread: named(name),
    majorMm,
    worn: false,
    fit: "middle" as const,
  });

  it("is not an American coarse thread from its British twin, nor a part from its namesake", () => {
    expect(canBeTold(part("3/8-16 unc", 9.4))).toBe(false);
    expect(canBeTold(part("G 1/2", 20.85))).toBe(false);
    expect(canBeTold(part("M12", 11.85))).toBe(true);
  });
});

describe("drawing by weight", () => {
  it("draws each entry about as often as its weight", () => {
    const random = seededRandom(7);
    const found = Array.from({ length: 4000 }, () => drawn([1, 3], (weight) => weight, random));
    expect(found.filter((entry) => entry === 3).length / 4000).toBeCloseTo(0.75, 1);
  });
});
