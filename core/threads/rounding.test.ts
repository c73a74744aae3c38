import { r40 } from "./preferred-numbers";
import { roundHalfEven, roundTo } from "../units";

describe("rounding", () => {
  it.each([
    [9.0257215, 3, 9.026],
    [0.0005, 3, 0.001],
    [1.005, 2, 1.01],
    [-1.005, 2, -1.01],
    [2.675, 2, 2.68],
  ])("%d to %d decimals is %d, halves away from zero", (value, decimals, rounded) => {
    expect(roundTo(value, decimals)).toBe(rounded);
  });

  it.each([
    [0.00165, 4, 0.0016],
    [0.00175, 4, 0.0018],
    [0.1555, 3, 0.156],
    [0.1545, 3, 0.154],
    [0.21652405, 4, 0.2165],
  ])("%d to %d decimals is %d, halves to even (ASME B1.30)", (value, decimals, rounded) => {
    expect(roundHalfEven(value, decimals)).toBe(rounded);
  });
});

describe("preferred numbers of ISO 3, R40", () => {
  it.each([
    [131.5, 132],
    [176.85, 180],
    [100, 100],
    [97, 95],
    [0.998, 1],
    [9.8, 10],
  ])("the nearest to %d is %d", (value, preferred) => {
    expect(r40(value)).toBeCloseTo(preferred, 9);
  });

  it("steps eight down for x0.63 and eight up for x1.6, over the decade too", () => {
    expect(r40(180, -8)).toBeCloseTo(112, 9);
    expect(r40(180, 8)).toBeCloseTo(280, 9);
    expect(r40(90, 5)).toBeCloseTo(118, 9);
    expect(r40(106, -8)).toBeCloseTo(67, 9);
  });
});
