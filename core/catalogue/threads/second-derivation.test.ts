import { MM_PER_INCH } from "../../measure";
import { basicSizes, catalogue, limits, type ThreadFamily } from "./index";
import { named } from "../../testing";

/**
 * Major less pitch diameter, in pitches, worked out from the profile's triangle by the angle and the truncation, apart
 * from the coefficients the families are written with: H = cot(angle / 2) / 2.
 */
const height = (flankAngleDeg: number) => 0.5 / Math.tan((flankAngleDeg * Math.PI) / 360);
const MAJOR_TO_PITCH: Partial<Readonly<Record<ThreadFamily, number>>> = {
  "iso-metric": (3 / 4) * height(60),
  unified: (3 / 4) * height(60),
  whitworth: (2 / 3) * height(55),
  "pipe-parallel": (2 / 3) * height(55),
  "pipe-taper": (2 / 3) * height(55),
  ba: 0.6,
  trapezoidal: 0.5,
};

/** Half of the last figure the standards print, and what their own rounding of a coefficient adds. */
const ROUNDING_MM = 0.0026;

describe("every family's basic sizes by a second derivation", () => {
  it.each(Object.entries(MAJOR_TO_PITCH))("%s: pitch diameter by its triangle", (family, depth) => {
    const threads = catalogue().filter((thread) => thread.family === family);
    expect(threads.length).toBeGreaterThan(5);
    const off = threads
      .filter(({ pitchMm, majorMm, series }) => {
        if (family === "pipe-parallel" && !["G", "Rp"].includes(series)) return false;
        return pitchMm > 0 && majorMm > 0;
      })
      .filter((thread) => {
        const { major, pitch } = basicSizes(thread);
        return Math.abs(major - pitch - depth * thread.pitchMm) > ROUNDING_MM;
      });
    expect(off.map(({ designation }) => designation)).toEqual([]);
  });
});

/** ASME B1.1 table 2, class 2A: the allowance, where rounding the tolerance first gives another; in. */
const ALLOWANCES: readonly (readonly [string, number])[] = [
  ["#5-44 UNF", 0.0007],
  ["3/4-12 UN", 0.0017],
  ["1 1/4-12 UNF", 0.0018],
  ["2-4.5 UNC", 0.0029],
  ["5/8-11 UNC", 0.0016],
  ["1/4-20 UNC", 0.0011],
  ["1-8 UNC", 0.002],
];

describe("the unified allowance", () => {
  it.each(ALLOWANCES)("of %s is %d in", (name, allowance) => {
    const thread = named(name);
    const { major } = limits(thread, "external", "2A");
    expect(((thread.majorMm - (major.max ?? 0)) / MM_PER_INCH).toFixed(4)).toBe(
      allowance.toFixed(4),
    );
  });
});

describe("sizes that workshops meet beside the series", () => {
  it.each([
    ["1-14 UNS", 25.4, 14],
    ["5/8-27 UNS", 15.875, 27],
    ["7/8-18 UNS", 22.225, 18],
    ["13/16-12 BSF", 20.6375, 12],
    ["1 9/16-12 UN", 39.6875, 12],
    ["M2.6 x 0.45", 2.6, undefined],
  ])("%s is held", (name, majorMm, tpi) => {
    const thread = named(name);
    expect(thread.majorMm).toBeCloseTo(majorMm, 6);
    expect(thread.tpi).toBe(tpi);
    expect(thread.standard).not.toBe("");
  });

  it("says that the limits of withdrawn metric sizes are not verified", () => {
    expect(named("M2.6").verified).toBe(false);
  });
});
