import { seededRandom } from "@root-gauge/core/random";
import { simulatedCaliper } from "./simulated-caliper";

const SEED = 5;
const LATER = 1e6;

function figures(caliper: ReturnType<typeof simulatedCaliper>, count: number): number[] {
  return Array.from({ length: count }, (_, i) => caliper.figureAt(LATER + 100 * i).mm);
}

const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;

describe("the simulated caliper", () => {
  it("flickers in the last digit about the size of the part", () => {
    const shown = figures(simulatedCaliper(seededRandom(SEED)), 400);
    expect(new Set(shown).size).toBeGreaterThan(2);
    expect(Math.max(...shown) - Math.min(...shown)).toBeLessThan(0.08);
  });

  it("reads 0.07 over until it is zeroed", () => {
    const caliper = simulatedCaliper(seededRandom(SEED));
    expect(mean(figures(caliper, 400))).toBeCloseTo(11.09, 2);
    caliper.press("zero", LATER);
    expect(mean(figures(caliper, 400))).toBeCloseTo(11.02, 2);
  });

  it("stands still while held", () => {
    const caliper = simulatedCaliper(seededRandom(SEED));
    caliper.press("hold", LATER);
    expect(new Set(figures(caliper, 50)).size).toBe(1);
    expect(caliper.figureAt(LATER).held).toBe(true);
    caliper.press("release", LATER);
    expect(caliper.figureAt(LATER).held).toBe(false);
  });

  it("slides to the next part rather than jumping", () => {
    const caliper = simulatedCaliper(seededRandom(SEED));
    caliper.press("zero", LATER);
    caliper.press("next-part", LATER);
    const soon = caliper.figureAt(LATER + 150).mm;
    expect(soon).toBeLessThan(10.95);
    expect(soon).toBeGreaterThan(7.97);
    expect(caliper.figureAt(LATER + 5000).mm).toBeCloseTo(7.88, 1);
  });
});
