import { r40 } from "./preferred-numbers";

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
