import { inInches, named } from "../../testing";
import { basicSizes, catalogue, limits } from "./index";

/** ISO 2904, mm: thread, pitch diameter, internal major D4, external minor d3, internal minor D1. */
const ISO_2904: readonly (readonly [string, number, number, number, number])[] = [
  ["Tr 8x1.5", 7.25, 8.3, 6.2, 6.5],
  ["Tr 10x2", 9, 10.5, 7.5, 8],
  ["Tr 12x3", 10.5, 12.5, 8.5, 9],
  ["Tr 16x4", 14, 16.5, 11.5, 12],
  ["Tr 20x4", 18, 20.5, 15.5, 16],
  ["Tr 24x5", 21.5, 24.5, 18.5, 19],
  ["Tr 30x6", 27, 31, 23, 24],
  ["Tr 36x6", 33, 37, 29, 30],
  ["Tr 40x7", 36.5, 41, 32, 33],
  ["Tr 50x8", 46, 51, 41, 42],
  ["Tr 60x9", 55.5, 61, 50, 51],
  ["Tr 80x10", 75, 81, 69, 70],
  ["Tr 100x12", 94, 101, 87, 88],
];

/** ISO 2903:1993, table values, mm: thread, Td(4) of the major, Td2 of 7e, TD2 of 7H, TD1(4) of the minor, es of e. */
const ISO_2903: readonly (readonly [string, number, number, number, number, number])[] = [
  ["Tr 10x2", 0.18, 0.19, 0.25, 0.236, 0.071],
  ["Tr 16x4", 0.3, 0.265, 0.355, 0.375, 0.095],
  ["Tr 20x4", 0.3, 0.265, 0.355, 0.375, 0.095],
  ["Tr 24x5", 0.335, 0.3, 0.4, 0.45, 0.106],
  ["Tr 30x6", 0.375, 0.335, 0.45, 0.5, 0.118],
  ["Tr 50x8", 0.45, 0.4, 0.53, 0.63, 0.132],
  ["Tr 80x10", 0.53, 0.425, 0.56, 0.71, 0.15],
];

describe("trapezoidal threads", () => {
  it.each(ISO_2904)("%s has the sizes of ISO 2904", (name, pitch, d4, d3, d1) => {
    const thread = named(name);
    expect(basicSizes(thread)).toMatchObject({ pitch, minor: d1 });
    expect(limits(thread, "internal").major.min).toBeCloseTo(d4, 9);
    expect(limits(thread, "external").minor.max).toBeCloseTo(d3, 9);
  });

  it.each(ISO_2903)("%s has the tolerances of ISO 2903", (name, td, td2, tD2, td1, es) => {
    const thread = named(name);
    const { pitch } = basicSizes(thread);
    const screw = limits(thread, "external", "7e");
    const nut = limits(thread, "internal", "7H");
    expect((screw.major.max ?? 0) - (screw.major.min ?? 0)).toBeCloseTo(td, 6);
    expect(screw.pitch.max).toBeCloseTo(pitch - es, 6);
    expect((screw.pitch.max ?? 0) - (screw.pitch.min ?? 0)).toBeCloseTo(td2, 6);
    expect((nut.pitch.max ?? 0) - (nut.pitch.min ?? 0)).toBeCloseTo(tD2, 6);
    expect((nut.minor.max ?? 0) - (nut.minor.min ?? 0)).toBeCloseTo(td1, 6);
  });

  it("gives Tr 20 x 4 - 7e its pitch diameter from 17.905 to 17.640", () => {
    expect(limits(named("Tr 20x4"), "external", "7e").pitch).toEqual({ max: 17.905, min: 17.64 });
  });

  it("marks the one pitch whose deviation e it cannot be certain of", () => {
    expect(limits(named("Tr 90x12"), "external", "7e").verified).toBe(false);
    expect(limits(named("Tr 90x12"), "external", "8c").verified).toBe(true);
    expect(limits(named("Tr 80x10"), "external", "7e").verified).toBe(true);
  });

  it("can work out every class it offers for every size", () => {
    for (const thread of catalogue().filter(({ family }) => family === "trapezoidal")) {
      for (const toleranceClass of ["7e", "8e", "8c", "9c"]) {
        const { pitch } = limits(thread, "external", toleranceClass);
        expect(pitch.min).toBeLessThan(pitch.max ?? 0);
      }
    }
  });
});

/** ASME B1.5, class 2G, in: thread, then external major min, pitch max and min, minor max and min. */
const ACME_EXTERNAL: readonly (readonly [string, number, number, number, number, number])[] = [
  ["1/4-16 Acme", 0.245, 0.2148, 0.2043, 0.1775, 0.1618],
  ["1/2-10 Acme", 0.495, 0.4443, 0.4306, 0.38, 0.3594],
  ["1-5 Acme", 0.99, 0.892, 0.8726, 0.78, 0.7509],
];

/** ASME B1.5, class 2G, in: thread, then internal major min and max, pitch min and max, minor min and max. */
const ACME_INTERNAL: readonly (readonly [
  string,
  number,
  number,
  number,
  number,
  number,
  number,
])[] = [
  ["1/4-16 Acme", 0.26, 0.28, 0.2188, 0.2293, 0.1875, 0.1925],
  ["1/2-10 Acme", 0.52, 0.54, 0.45, 0.4637, 0.4, 0.405],
  ["1-5 Acme", 1.02, 1.04, 0.9, 0.9194, 0.8, 0.81],
];

describe("Acme threads against ASME B1.5", () => {
  it.each(ACME_EXTERNAL)("%s outside", (name, majorMin, pitchMax, pitchMin, minorMax, minorMin) => {
    const { major, pitch, minor } = limits(named(name), "external", "2G");
    expect(
      [major.min, pitch.max, pitch.min, minor.max, minor.min].map((mm) => inInches(mm)),
    ).toEqual(
      [majorMin, pitchMax, pitchMin, minorMax, minorMin].map((inch) => expect.closeTo(inch, 3.9)),
    );
  });

  it.each(ACME_INTERNAL)("%s inside", (name, ...published) => {
    const { major, pitch, minor } = limits(named(name), "internal", "2G");
    const read = [major.min, major.max, pitch.min, pitch.max, minor.min, minor.max];
    read.forEach((mm, i) =>
      expect(Math.abs(inInches(mm) - (published[i] ?? Number.NaN))).toBeLessThan(0.00011),
    );
  });

  /** ASME B1.8, in: thread, pitch and minor diameter of the basic profile. */
  it.each([
    ["1/2-10 stub Acme", 0.47, 0.44],
    ["1-5 stub Acme", 0.94, 0.88],
  ])("%s by ASME B1.8", (name, pitch, minor) => {
    const basic = basicSizes(named(name));
    expect([inInches(basic.pitch), inInches(basic.minor)]).toEqual([pitch, minor]);
  });
});

describe("square threads", () => {
  it("are half as many to the inch as the coarse thread, half a pitch deep, and none is verified", () => {
    const thread = named("1 square");
    expect(thread.tpi).toBe(4);
    const { major, minor } = basicSizes(thread);
    expect((major - minor) / 2).toBeCloseTo(thread.pitchMm / 2, 6);
    expect(catalogue().filter(({ family, verified }) => family === "square" && verified)).toEqual(
      [],
    );
  });
});
