import { inInches, named } from "../../testing";
import { catalogue, limits, toleranceClasses } from "./index";

/** ISO 965-1 and ISO 965-3, bolts, mm: thread, class, major max and min, pitch max and min. */
const ISO_BOLTS: readonly (readonly [string, string, number, number, number, number])[] = [
  ["M6", "4h", 6, 5.888, 5.35, 5.279],
  ["M6", "6e", 5.94, 5.76, 5.29, 5.178],
  ["M6", "6f", 5.96, 5.78, 5.31, 5.198],
  ["M6", "6h", 6, 5.82, 5.35, 5.238],
  ["M10", "4h", 10, 9.85, 9.026, 8.941],
  ["M10", "6e", 9.933, 9.697, 8.959, 8.827],
  ["M10", "6f", 9.955, 9.719, 8.981, 8.849],
  ["M10", "6h", 10, 9.764, 9.026, 8.894],
  ["M10", "8g", 9.968, 9.593, 8.994, 8.782],
  ["M16", "4h", 16, 15.82, 14.701, 14.601],
  ["M24", "6e", 23.915, 23.54, 21.966, 21.766],
  ["M72x6", "6g", 71.92, 71.32, 68.023, 67.743],
  ["M80x2", "6g", 79.962, 79.682, 78.663, 78.483],
  ["M100x6", "6g", 99.92, 99.32, 96.023, 95.723],
];

/** ISO 965-1 and ISO 965-3, nuts, mm: thread, class, pitch min and max, minor min and max. */
const ISO_NUTS: readonly (readonly [string, string, number, number, number, number])[] = [
  ["M6", "5H", 5.35, 5.468, 4.917, 5.107],
  ["M6", "7H", 5.35, 5.54, 4.917, 5.217],
  ["M6", "6G", 5.376, 5.526, 4.943, 5.179],
  ["M8", "5H", 7.188, 7.313, 6.647, 6.859],
  ["M10", "6G", 9.058, 9.238, 8.408, 8.708],
  ["M12", "7H", 10.863, 11.113, 10.106, 10.531],
];

/** ASME B1.1, table 2, classes 1A and 3A, in: thread, class, major max and min, pitch max and min. */
const INCH_BOLTS: readonly (readonly [string, string, number, number, number, number])[] = [
  ["1/4-20", "1A", 0.2489, 0.2367, 0.2164, 0.2108],
  ["1/4-20", "3A", 0.25, 0.2419, 0.2175, 0.2147],
  ["1/4-28", "3A", 0.25, 0.2435, 0.2268, 0.2243],
  ["5/16-18", "3A", 0.3125, 0.3038, 0.2764, 0.2734],
  ["3/8-16", "1A", 0.3737, 0.3595, 0.3331, 0.3266],
  ["3/8-16", "3A", 0.375, 0.3656, 0.3344, 0.3311],
  ["1/2-13", "1A", 0.4985, 0.4822, 0.4485, 0.4411],
  ["1/2-13", "3A", 0.5, 0.4891, 0.45, 0.4463],
  ["3/4-10", "1A", 0.7482, 0.7288, 0.6832, 0.6744],
  ["3/4-10", "3A", 0.75, 0.7371, 0.685, 0.6806],
  ["1-8", "1A", 0.998, 0.9755, 0.9168, 0.9067],
  ["1-8", "3A", 1, 0.985, 0.9188, 0.9137],
  ["1/4-32 unef", "2A", 0.249, 0.243, 0.2287, 0.2255],
];

/** ASME B1.1, table 2, classes 1B and 3B, in: thread, class, pitch max, minor max. */
const INCH_NUTS: readonly (readonly [string, string, number, number])[] = [
  ["1/4-20", "1B", 0.2248, 0.207],
  ["1/4-20", "3B", 0.2211, 0.2067],
  ["3/8-16", "1B", 0.3429, 0.321],
  ["3/8-16", "3B", 0.3387, 0.3182],
  ["1/2-13", "1B", 0.4597, 0.434],
  ["1/2-13", "3B", 0.4548, 0.4284],
  ["3/4-10", "1B", 0.6965, 0.663],
  ["1-8", "1B", 0.932, 0.89],
  ["1-8", "3B", 0.9254, 0.8797],
  ["1/4-32 unef", "2B", 0.2339, 0.224],
];

describe("the other tolerance classes against the published tables", () => {
  it.each(ISO_BOLTS)("%s %s", (name, toleranceClass, majorMax, majorMin, pitchMax, pitchMin) => {
    expect(limits(named(name), "external", toleranceClass)).toMatchObject({
      major: { max: majorMax, min: majorMin },
      pitch: { max: pitchMax, min: pitchMin },
    });
  });

  it.each(ISO_NUTS)("%s %s", (name, toleranceClass, pitchMin, pitchMax, minorMin, minorMax) => {
    expect(limits(named(name), "internal", toleranceClass)).toMatchObject({
      pitch: { min: pitchMin, max: pitchMax },
      minor: { min: minorMin, max: minorMax },
    });
  });

  it.each(INCH_BOLTS)("%s %s", (name, toleranceClass, ...published) => {
    const { major, pitch } = limits(named(name), "external", toleranceClass);
    expect([major.max, major.min, pitch.max, pitch.min].map((mm) => inInches(mm))).toEqual(
      published,
    );
  });

  it.each(INCH_NUTS)("%s %s", (name, toleranceClass, pitchMax, minorMax) => {
    const { pitch, minor } = limits(named(name), "internal", toleranceClass);
    expect([inInches(pitch.max), inInches(minor.max)]).toEqual([pitchMax, minorMax]);
  });

  it("reads the pitch diameter from the first half of 5g6g and the major from the second", () => {
    const mixed = limits(named("M10"), "external", "5g6g");
    expect(mixed.major).toEqual(limits(named("M10"), "external", "6g").major);
    expect(mixed.pitch.min).toBeGreaterThan(limits(named("M10"), "external", "6g").pitch.min ?? 0);
  });

  it("offers position e and the coarse grades only where ISO 965-1 tables them", () => {
    expect(toleranceClasses(named("M2"), "external")).not.toContain("6e");
    expect(toleranceClasses(named("M3"), "external")).toContain("6e");
    expect(toleranceClasses(named("M3"), "external")).not.toContain("8g");
    expect(toleranceClasses(named("M8"), "external")).toContain("8g");
  });
});

describe("every class of every thread", () => {
  it("has its limits in order, nuts clear of bolts at their pitch diameters", () => {
    for (const thread of catalogue()) {
      for (const side of ["external", "internal"] as const) {
        for (const toleranceClass of toleranceClasses(thread, side)) {
          const band = limits(thread, side, toleranceClass);
          for (const { min = -Infinity, max = Infinity } of [band.major, band.pitch, band.minor]) {
            expect(min).toBeLessThan(max);
          }
          expect(band.pitch.max).toBeLessThan(band.major.max ?? Infinity);
          expect(band.minor.max).toBeLessThan(band.pitch.max ?? 0);
        }
      }
    }
  });
});
