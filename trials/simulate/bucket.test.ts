import { bucketFitter, bucketPart, takeLeaf, takeSize } from "../bucket";
import { seededRandom } from "@root-gauge/core/random";
import { bucketTrial } from "./bucket-trial";

const SEED = 1911;

describe("the mixed bucket", () => {
  const random = seededRandom(SEED);
  const drawn = Array.from({ length: 3000 }, () => {
    const part = bucketPart(random);
    const fitter = bucketFitter(random);
    return { part, size: takeSize(part, fitter, random), pitch: takeLeaf(part, fitter, random) };
  });
  const share = (of: (one: (typeof drawn)[number]) => boolean) =>
    drawn.filter(of).length / drawn.length;

  it("holds threads of no table, nuts and holes, dipped, rusted and worn parts", () => {
    expect(share(({ part }) => part.thread === undefined)).toBeCloseTo(0.05, 1);
    expect(share(({ part }) => part.side === "internal")).toBeGreaterThan(0.15);
    for (const fate of ["dipped in zinc", "rusted", "worn", "cheap"] as const) {
      expect(share(({ part }) => part.fate === fate)).toBeGreaterThan(0.02);
    }
  });

  it("is read with slips of every kind, a few in a hundred", () => {
    const slips = drawn.flatMap(({ size, pitch }) => [size.slip, pitch.slip]);
    const kinds = new Set(slips.filter((slip) => slip !== undefined));
    expect([...kinds].sort()).toEqual(
      ["digits", "fence-post", "flats", "next-leaf", "shank", "unit", "zero"].sort(),
    );
    const slipped = share(({ size, pitch }) => (size.slip ?? pitch.slip) !== undefined);
    expect(slipped).toBeGreaterThan(0.03);
    expect(slipped).toBeLessThan(0.1);
  });
});

describe("the engine against the mixed bucket", () => {
  const trial = bucketTrial(SEED, { parts: 1200, led: 250, counted: 60_000 });

  it(`names from size and pitch about what can be named, and is as sure as it is right (seed ${SEED})`, () => {
    // The bound is counted from fewer parts here than by the benchmark, and so stands lower.
    expect(trial.first).toBeGreaterThan(trial.bound - 0.01);
    expect(trial.three).toBeGreaterThan(0.98);
    expect(trial.calibrationError).toBeLessThan(0.05);
    expect(trial.settledWrong).toBeLessThan(0.012);
  });

  it("accuses hardly a part whose condition was given, and says of most unlisted ones that they are none it holds", () => {
    expect(trial.accusedStated).toBeLessThan(0.02);
    expect(trial.unheldSaid).toBeGreaterThan(0.7);
    expect(trial.slipNamed).toBeGreaterThan(0.6);
  });

  it("settles most parts by its own tests, seldom wrongly", () => {
    expect(trial.led.settled).toBeGreaterThan(0.82);
    expect(trial.led.settledWrong).toBeLessThan(0.04);
    expect(trial.led.meanTests).toBeLessThan(4.2);
  });

  it("is the same for the same seed", () => {
    const again = () => bucketTrial(3, { parts: 20, led: 5, counted: 500 });
    expect(again()).toEqual(again());
  });
});
