import { inInches, named } from "../../testing";
import { basicSizes, limits } from "./index";

/** BS 84, table of basic sizes, in: thread, effective diameter, core diameter. */
const BS_84: readonly (readonly [string, number, number])[] = [
  ["1/8-40 BSW", 0.109, 0.093],
  ["3/16-24 BSW", 0.1608, 0.1341],
  ["1/4-20 BSW", 0.218, 0.186],
  ["5/16-18 BSW", 0.2769, 0.2413],
  ["3/8-16 BSW", 0.335, 0.295],
  ["7/16-14 BSW", 0.3918, 0.3461],
  ["1/2-12 BSW", 0.4466, 0.3932],
  ["9/16-12 BSW", 0.5091, 0.4557],
  ["5/8-11 BSW", 0.5668, 0.5086],
  ["3/4-10 BSW", 0.686, 0.622],
  ["7/8-9 BSW", 0.8039, 0.7328],
  ["1-8 BSW", 0.92, 0.84],
  ["1 1/8-7 BSW", 1.0335, 0.942],
  ["1 1/4-7 BSW", 1.1585, 1.067],
  ["1 1/2-6 BSW", 1.3933, 1.2866],
  ["1 3/4-5 BSW", 1.6219, 1.4938],
  ["2-4.5 BSW", 1.8577, 1.7154],
  ["2 1/2-4 BSW", 2.3399, 2.1798],
  ["3-3.5 BSW", 2.817, 2.634],
  ["3/16-32 BSF", 0.1675, 0.1475],
  ["7/32-28 BSF", 0.1959, 0.173],
  ["1/4-26 BSF", 0.2254, 0.2008],
  ["9/32-26 BSF", 0.2566, 0.232],
  ["5/16-22 BSF", 0.2834, 0.2543],
  ["3/8-20 BSF", 0.343, 0.311],
  ["7/16-18 BSF", 0.4019, 0.3663],
  ["1/2-16 BSF", 0.46, 0.42],
  ["9/16-16 BSF", 0.5225, 0.4825],
  ["5/8-14 BSF", 0.5793, 0.5336],
  ["3/4-12 BSF", 0.6966, 0.6432],
  ["7/8-11 BSF", 0.8168, 0.7586],
  ["1-10 BSF", 0.936, 0.872],
  ["1 1/8-9 BSF", 1.0539, 0.9828],
  ["1 1/4-9 BSF", 1.1789, 1.1078],
  ["1 1/2-8 BSF", 1.42, 1.34],
  ["2-7 BSF", 1.9085, 1.817],
  ["2 1/2-6 BSF", 2.3933, 2.2866],
  ["3-5 BSF", 2.8719, 2.7438],
];

/** Editions differ by 0.0001 in where twice the depth was rounded before or after. */
const EDITIONS_APART = 0.00011;

describe("Whitworth basic sizes against BS 84", () => {
  it.each(BS_84)("%s", (name, effective, core) => {
    const { pitch, minor } = basicSizes(named(name));
    expect(inInches(pitch)).toBe(effective);
    expect(Math.abs(inInches(minor) - core)).toBeLessThan(EDITIONS_APART);
  });
});

describe("Whitworth limits", () => {
  // Worked by hand for 1/4-20: T = 0.002 x 0.62996 + 0.003 x 0.5 + 0.005 x 0.22361 = 0.003878 in.
  it.each([
    ["close", 0.25, 0.2452, 0.218, 0.2154],
    ["medium", 0.2488, 0.2427, 0.2168, 0.213],
    ["free", 0.2488, 0.2408, 0.2168, 0.211],
  ])("of a 1/4 BSW bolt, %s", (toleranceClass, majorMax, majorMin, pitchMax, pitchMin) => {
    const { major, pitch } = limits(named("1/4 bsw"), "external", toleranceClass);
    const read = [major.max, major.min, pitch.max, pitch.min].map((mm) => inInches(mm));
    [majorMax, majorMin, pitchMax, pitchMin].forEach((expected, i) =>
      expect(read[i]).toBeCloseTo(expected, 4),
    );
  });

  it("give a nut its core tolerance by the number of threads: 0.2 p + 0.007 in for 1/2 BSW", () => {
    const { minor } = limits(named("1/2 bsw"), "internal");
    expect(inInches((minor.max ?? 0) - (minor.min ?? 0))).toBeCloseTo(0.2 / 12 + 0.007, 4);
  });
});

/** BS 93, table 1, mm: number, pitch, full, effective and core diameter. */
const BS_93: readonly (readonly [number, number, number, number, number])[] = [
  [0, 1, 6, 5.4, 4.8],
  [1, 0.9, 5.3, 4.76, 4.22],
  [2, 0.81, 4.7, 4.215, 3.73],
  [3, 0.73, 4.1, 3.66, 3.22],
  [4, 0.66, 3.6, 3.205, 2.81],
  [5, 0.59, 3.2, 2.845, 2.49],
  [6, 0.53, 2.8, 2.48, 2.16],
  [7, 0.48, 2.5, 2.21, 1.92],
  [8, 0.43, 2.2, 1.94, 1.68],
  [9, 0.39, 1.9, 1.665, 1.43],
  [10, 0.35, 1.7, 1.49, 1.28],
  [11, 0.31, 1.5, 1.315, 1.13],
  [12, 0.28, 1.3, 1.13, 0.96],
  [13, 0.25, 1.2, 1.05, 0.9],
  [14, 0.23, 1, 0.86, 0.72],
  [15, 0.21, 0.9, 0.775, 0.65],
  [16, 0.19, 0.79, 0.675, 0.56],
];

describe("British Association against BS 93", () => {
  it.each(BS_93)("%d BA", (number, pitchMm, major, pitch, minor) => {
    const thread = named(`${number} BA`);
    expect(thread.pitchMm).toBe(pitchMm);
    expect(basicSizes(thread)).toEqual({ major, pitch, minor });
  });

  it.each(BS_93)(
    "%d BA has the pitch 0.9^N and the diameter 6 P^1.2, to two figures",
    (number, pitchMm, major) => {
      expect(pitchMm).toBeCloseTo(0.9 ** number, 2);
      expect(Math.abs(major - 6 * (0.9 ** number) ** 1.2)).toBeLessThan(0.06);
    },
  );

  // Tolerances by BS 93's formulas for 2 BA (P = 0.81): 0.2 P, 0.1 P + 0.025; nut 0.12 P + 0.03 and 0.375 P.
  it("gives 2 BA the limits of its formulas", () => {
    expect(limits(named("2 BA"), "external")).toMatchObject({
      major: { max: 4.7, min: 4.538 },
      pitch: { max: 4.215, min: 4.109 },
    });
    expect(limits(named("2 BA"), "internal")).toMatchObject({
      pitch: { min: 4.215, max: 4.342 },
      minor: { min: 3.73, max: 4.034 },
    });
  });
});

/** BS 811, in: thread, effective diameter, core diameter. */
const BS_811: readonly (readonly [string, number, number])[] = [
  ["1/4-26 cycle", 0.2295, 0.209],
  ["5/16-26 cycle", 0.292, 0.2715],
  ["3/8-26 cycle", 0.3545, 0.334],
  ["7/16-26 cycle", 0.417, 0.3965],
  ["1/2-26 cycle", 0.4795, 0.459],
  ["9/16-20 cycle", 0.5359, 0.5093],
];

describe("cycle threads against BS 811", () => {
  it.each(BS_811)("%s", (name, effective, core) => {
    const { pitch, minor } = basicSizes(named(name));
    expect(inInches(pitch)).toBe(effective);
    expect(inInches(minor)).toBe(core);
  });

  it("says that its limits are an estimate", () => {
    expect(limits(named("1/4-26 cycle"), "external").verified).toBe(false);
  });
});
