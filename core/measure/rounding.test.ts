import { roundHalfEven, roundTo } from "./rounding";

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
