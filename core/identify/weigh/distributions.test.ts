import { lossDensity, normalCumulative, normalDensity } from "./distributions";

/** Integral by the trapezoidal rule: the slow, sure way. */
function integral(f: (x: number) => number, from: number, to: number, steps = 20000): number {
  const width = (to - from) / steps;
  let sum = (f(from) + f(to)) / 2;
  for (let i = 1; i < steps; i += 1) sum += f(from + i * width);
  return sum * width;
}

describe("distributions", () => {
  it.each([
    [0, 0.5],
    [1, 0.8413447],
    [-1.96, 0.0249979],
    [3, 0.9986501],
  ])("cumulative normal at %d is %d (tables of the normal distribution)", (z, p) => {
    expect(normalCumulative(z)).toBeCloseTo(p, 6);
  });

  it("agrees with convolving a normal and an exponential by hand", () => {
    const meanLoss = 0.08;
    const sd = 0.05;
    for (const x of [9.4, 9.7, 9.85, 9.95, 10.1]) {
      const convolved = integral(
        (loss) => (Math.exp(-loss / meanLoss) / meanLoss) * normalDensity(x, 9.85 - loss, sd),
        0,
        2,
      );
      expect(lossDensity(x, 9.85, meanLoss, sd)).toBeCloseTo(convolved, 5);
    }
  });

  it("is a density: it holds 1, and stays finite far away", () => {
    expect(integral((x) => lossDensity(x, 10, 0.1, 0.03), 6, 11)).toBeCloseTo(1, 5);
    expect(lossDensity(100, 10, 0.1, 0.03)).toBe(0);
    expect(lossDensity(1, 10, 0.1, 0.03)).toBeGreaterThanOrEqual(0);
  });
});
