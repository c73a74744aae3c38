import { stressArea } from "../../decide/joints";
import { inInches, named } from "../../testing";
import { MM_PER_INCH } from "../../measure";
import { basicSizes, catalogue, findThread, limits, threadById } from "./index";

/** ISO 965-2:1998, table 2, bolts 6g, mm: thread, major max, major min, pitch max, pitch min. */
const ISO_965_2_BOLTS: readonly (readonly [string, number, number, number, number])[] = [
  ["M3 x 0.5", 2.98, 2.874, 2.655, 2.58],
  ["M4 x 0.7", 3.978, 3.838, 3.523, 3.433],
  ["M5 x 0.8", 4.976, 4.826, 4.456, 4.361],
  ["M6 x 1", 5.974, 5.794, 5.324, 5.212],
  ["M8 x 1.25", 7.972, 7.76, 7.16, 7.042],
  ["M8 x 1", 7.974, 7.794, 7.324, 7.212],
  ["M10 x 1.5", 9.968, 9.732, 8.994, 8.862],
  ["M10 x 1.25", 9.972, 9.76, 9.16, 9.042],
  ["M10 x 1", 9.974, 9.794, 9.324, 9.212],
  ["M12 x 1.75", 11.966, 11.701, 10.829, 10.679],
  ["M12 x 1.5", 11.968, 11.732, 10.994, 10.854],
  ["M12 x 1.25", 11.972, 11.76, 11.16, 11.028],
  ["M16 x 2", 15.962, 15.682, 14.663, 14.503],
  ["M16 x 1.5", 15.968, 15.732, 14.994, 14.854],
  ["M20 x 2.5", 19.958, 19.623, 18.334, 18.164],
  ["M20 x 1.5", 19.968, 19.732, 18.994, 18.854],
  ["M24 x 3", 23.952, 23.577, 22.003, 21.803],
  ["M24 x 2", 23.962, 23.682, 22.663, 22.493],
  ["M30 x 3.5", 29.947, 29.522, 27.674, 27.462],
  ["M36 x 4", 35.94, 35.465, 33.342, 33.118],
  ["M42 x 4.5", 41.937, 41.437, 39.014, 38.778],
  ["M48 x 5", 47.929, 47.399, 44.681, 44.431],
  ["M56 x 5.5", 55.925, 55.365, 52.353, 52.088],
  ["M64 x 6", 63.92, 63.32, 60.023, 59.743],
];

/** ISO 965-2:1998, table 1, nuts 6H, mm: thread, pitch min, pitch max, minor min, minor max. */
const ISO_965_2_NUTS: readonly (readonly [string, number, number, number, number])[] = [
  ["M3 x 0.5", 2.675, 2.775, 2.459, 2.599],
  ["M4 x 0.7", 3.545, 3.663, 3.242, 3.422],
  ["M5 x 0.8", 4.48, 4.605, 4.134, 4.334],
  ["M6 x 1", 5.35, 5.5, 4.917, 5.153],
  ["M8 x 1.25", 7.188, 7.348, 6.647, 6.912],
  ["M8 x 1", 7.35, 7.5, 6.917, 7.153],
  ["M10 x 1.5", 9.026, 9.206, 8.376, 8.676],
  ["M10 x 1.25", 9.188, 9.348, 8.647, 8.912],
  ["M12 x 1.75", 10.863, 11.063, 10.106, 10.441],
  ["M12 x 1.5", 11.026, 11.216, 10.376, 10.676],
  ["M12 x 1.25", 11.188, 11.368, 10.647, 10.912],
  ["M16 x 2", 14.701, 14.913, 13.835, 14.21],
  ["M16 x 1.5", 15.026, 15.216, 14.376, 14.676],
  ["M20 x 2.5", 18.376, 18.6, 17.294, 17.744],
  ["M24 x 3", 22.051, 22.316, 20.752, 21.252],
  ["M24 x 2", 22.701, 22.925, 21.835, 22.21],
  ["M30 x 3.5", 27.727, 28.007, 26.211, 26.771],
  ["M36 x 4", 33.402, 33.702, 31.67, 32.27],
];

/** ASME B1.1-2003, table 2, class 2A, in: thread, major max, major min, pitch max, pitch min. */
const ASME_B1_1_2A: readonly (readonly [string, number, number, number, number])[] = [
  ["#4-40 UNC", 0.1112, 0.1061, 0.095, 0.0925],
  ["#6-32 UNC", 0.1372, 0.1312, 0.1169, 0.1141],
  ["#8-32 UNC", 0.1631, 0.1571, 0.1428, 0.1399],
  ["#10-24 UNC", 0.189, 0.1818, 0.1619, 0.1586],
  ["#10-32 UNF", 0.1891, 0.1831, 0.1688, 0.1658],
  ["1/4-20 UNC", 0.2489, 0.2408, 0.2164, 0.2127],
  ["1/4-28 UNF", 0.249, 0.2425, 0.2258, 0.2225],
  ["5/16-18 UNC", 0.3113, 0.3026, 0.2752, 0.2712],
  ["5/16-24 UNF", 0.3114, 0.3042, 0.2843, 0.2806],
  ["3/8-16 UNC", 0.3737, 0.3643, 0.3331, 0.3287],
  ["3/8-24 UNF", 0.3739, 0.3667, 0.3468, 0.343],
  ["7/16-14 UNC", 0.4361, 0.4258, 0.3897, 0.385],
  ["7/16-20 UNF", 0.4362, 0.4281, 0.4037, 0.3995],
  ["1/2-13 UNC", 0.4985, 0.4876, 0.4485, 0.4435],
  ["1/2-20 UNF", 0.4987, 0.4906, 0.4662, 0.4619],
  ["5/8-11 UNC", 0.6234, 0.6113, 0.5644, 0.5589],
  ["3/4-10 UNC", 0.7482, 0.7353, 0.6832, 0.6773],
  ["3/4-16 UNF", 0.7485, 0.7391, 0.7079, 0.7029],
  ["7/8-9 UNC", 0.8731, 0.8592, 0.8009, 0.7946],
  ["1-8 UNC", 0.998, 0.983, 0.9168, 0.91],
  ["1-12 UNF", 0.9982, 0.9868, 0.9441, 0.9382],
];

/** ASME B1.1-2003, table 2, class 2B, in: thread, minor min, minor max, pitch min, pitch max. */
const ASME_B1_1_2B: readonly (readonly [string, number, number, number, number])[] = [
  ["#4-40 UNC", 0.0849, 0.0939, 0.0958, 0.0991],
  ["#6-32 UNC", 0.104, 0.114, 0.1177, 0.1214],
  ["#8-32 UNC", 0.13, 0.139, 0.1437, 0.1475],
  ["#10-24 UNC", 0.145, 0.156, 0.1629, 0.1672],
  ["#10-32 UNF", 0.156, 0.164, 0.1697, 0.1736],
  ["1/4-20 UNC", 0.196, 0.207, 0.2175, 0.2224],
  ["1/4-28 UNF", 0.211, 0.22, 0.2268, 0.2311],
  ["5/16-18 UNC", 0.252, 0.265, 0.2764, 0.2817],
  ["5/16-24 UNF", 0.267, 0.277, 0.2854, 0.2902],
  ["3/8-16 UNC", 0.307, 0.321, 0.3344, 0.3401],
  ["3/8-24 UNF", 0.33, 0.34, 0.3479, 0.3528],
  ["7/16-14 UNC", 0.36, 0.376, 0.3911, 0.3972],
  ["7/16-20 UNF", 0.383, 0.395, 0.405, 0.4104],
  ["1/2-13 UNC", 0.417, 0.434, 0.45, 0.4565],
  ["1/2-20 UNF", 0.446, 0.457, 0.4675, 0.4731],
  ["5/8-11 UNC", 0.527, 0.546, 0.566, 0.5732],
  ["3/4-10 UNC", 0.642, 0.663, 0.685, 0.6927],
  ["3/4-16 UNF", 0.682, 0.696, 0.7094, 0.7159],
  ["7/8-9 UNC", 0.755, 0.778, 0.8028, 0.811],
  ["1-8 UNC", 0.865, 0.89, 0.9188, 0.9276],
  ["1-12 UNF", 0.91, 0.928, 0.9459, 0.9535],
];

describe("limits of size against the published tables", () => {
  it.each(ISO_965_2_BOLTS)("%s 6g", (name, majorMax, majorMin, pitchMax, pitchMin) => {
    expect(limits(named(name), "external", "6g")).toMatchObject({
      major: { max: majorMax, min: majorMin },
      pitch: { max: pitchMax, min: pitchMin },
    });
  });

  it.each(ISO_965_2_NUTS)("%s 6H", (name, pitchMin, pitchMax, minorMin, minorMax) => {
    expect(limits(named(name), "internal", "6H")).toMatchObject({
      pitch: { min: pitchMin, max: pitchMax },
      minor: { min: minorMin, max: minorMax },
    });
  });

  it.each(ASME_B1_1_2A)("%s 2A", (name, majorMax, majorMin, pitchMax, pitchMin) => {
    const { major, pitch } = limits(named(name), "external", "2A");
    expect([major.max, major.min, pitch.max, pitch.min].map((mm) => inInches(mm))).toEqual([
      majorMax,
      majorMin,
      pitchMax,
      pitchMin,
    ]);
  });

  it.each(ASME_B1_1_2B)("%s 2B", (name, minorMin, minorMax, pitchMin, pitchMax) => {
    const { minor, pitch } = limits(named(name), "internal", "2B");
    expect([minor.min, minor.max, pitch.min, pitch.max].map((mm) => inInches(mm))).toEqual([
      minorMin,
      minorMax,
      pitchMin,
      pitchMax,
    ]);
  });

  it("gives the M10 bolt's rounded root as ISO 965-2 tables it: 8.128 to 7.938", () => {
    expect(limits(named("M10"), "external").minor).toEqual({ max: 8.128, min: 7.938 });
  });
});

/** ISO 724:1993, table 1, mm: thread, pitch diameter, minor diameter. */
const ISO_724: readonly (readonly [string, number, number])[] = [
  ["M1.6 x 0.35", 1.373, 1.221],
  ["M2 x 0.4", 1.74, 1.567],
  ["M2.5 x 0.45", 2.208, 2.013],
  ["M14 x 2", 12.701, 11.835],
  ["M18 x 2.5", 16.376, 15.294],
  ["M27 x 3", 25.051, 23.752],
  ["M64 x 6", 60.103, 57.505],
];

describe("basic sizes against ISO 724", () => {
  it.each(ISO_724)("%s", (name, pitch, minor) => {
    expect(basicSizes(named(name))).toMatchObject({ pitch, minor });
  });
});

/** Stress areas as ISO 898-1, tables 4 and 6, and ASME B1.1 print them, to three or four figures. */
const STRESS_AREAS: readonly (readonly [string, number, "mm2" | "in2"])[] = [
  ["M6 x 1", 20.1, "mm2"],
  ["M8 x 1.25", 36.6, "mm2"],
  ["M10 x 1.5", 58.0, "mm2"],
  ["M10 x 1.25", 61.2, "mm2"],
  ["M12 x 1.75", 84.3, "mm2"],
  ["M16 x 2", 157, "mm2"],
  ["M24 x 3", 353, "mm2"],
  ["1/4-20 UNC", 0.0318, "in2"],
  ["3/8-16 UNC", 0.0775, "in2"],
  ["1/2-13 UNC", 0.1419, "in2"],
  ["1-8 UNC", 0.606, "in2"],
];

describe("stress area against the published tables", () => {
  it.each(STRESS_AREAS)("%s is %d %s", (name, area, unit) => {
    const computed = stressArea(named(name)) / (unit === "mm2" ? 1 : MM_PER_INCH ** 2);
    const figures = String(area).replace(/^0\.0*|\./g, "").length;
    expect(Number(computed.toPrecision(figures))).toBe(area);
  });
});

describe("the catalogue", () => {
  it("has one id and one designation for each thread, found again by either", () => {
    const threads = catalogue();
    expect(new Set(threads.map(({ id }) => id)).size).toBe(threads.length);
    for (const thread of threads) {
      expect(threadById(thread.id)).toBe(thread);
      expect(findThread(thread.designation)).toBe(thread);
    }
  });

  it("keeps external and internal threads of one size apart at every limit", () => {
    const parallel = catalogue().filter(
      ({ taper, only }) => taper === undefined && only === undefined,
    );
    for (const thread of parallel) {
      const bolt = limits(thread, "external");
      const nut = limits(thread, "internal");
      expect(bolt.major.max).toBeLessThanOrEqual(thread.majorMm);
      expect(bolt.major.min).toBeLessThan(bolt.major.max ?? 0);
      expect(bolt.pitch.max).toBeLessThanOrEqual(nut.pitch.min ?? 0);
      expect(bolt.pitch.min).toBeLessThan(bolt.pitch.max ?? 0);
      expect(nut.minor.max).toBeLessThan(bolt.major.min ?? 0);
      expect(bolt.minor.max).toBeLessThanOrEqual(nut.minor.min ?? 0);
    }
  });

  it("takes 6h and 5H for M1.4 and smaller, as ISO 965-1 prescribes", () => {
    expect(limits(named("M1"), "external").toleranceClass).toBe("6h");
    expect(limits(named("M1.4"), "internal").toleranceClass).toBe("5H");
    expect(limits(named("M1.6"), "internal").toleranceClass).toBe("6H");
  });

  it("says which classes it holds when asked for another", () => {
    expect(() => limits(named("M10"), "external", "9z")).toThrow(
      "M10 x 1.5 external: class 9z is not held; held are 6g, 6h",
    );
    expect(() => limits(named("1/2-13"), "internal", "6H")).toThrow(/held are 2B/);
  });
});
