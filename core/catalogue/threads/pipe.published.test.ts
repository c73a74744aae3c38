import { sizeNotes } from "../notes";
import { inInches, named } from "../../testing";
import { MM_PER_INCH } from "../../measure";
import { basicSizes, limits, sizesOverCrests, taperLengths } from "./index";

/** ISO 228-1:2000, table 1, mm: size, TPI, major, pitch, minor, TD2, Td2 class B, TD1. */
const ISO_228: readonly (readonly [
  string,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
])[] = [
  ["1/16", 28, 7.723, 7.142, 6.561, 0.107, 0.214, 0.282],
  ["1/8", 28, 9.728, 9.147, 8.566, 0.107, 0.214, 0.282],
  ["1/4", 19, 13.157, 12.301, 11.445, 0.125, 0.25, 0.445],
  ["3/8", 19, 16.662, 15.806, 14.95, 0.125, 0.25, 0.445],
  ["1/2", 14, 20.955, 19.793, 18.631, 0.142, 0.284, 0.541],
  ["5/8", 14, 22.911, 21.749, 20.587, 0.142, 0.284, 0.541],
  ["3/4", 14, 26.441, 25.279, 24.117, 0.142, 0.284, 0.541],
  ["7/8", 14, 30.201, 29.039, 27.877, 0.142, 0.284, 0.541],
  ["1", 11, 33.249, 31.77, 30.291, 0.18, 0.36, 0.64],
  ["1 1/4", 11, 41.91, 40.431, 38.952, 0.18, 0.36, 0.64],
  ["1 1/2", 11, 47.803, 46.324, 44.845, 0.18, 0.36, 0.64],
  ["2", 11, 59.614, 58.135, 56.656, 0.18, 0.36, 0.64],
  ["2 1/2", 11, 75.184, 73.705, 72.226, 0.217, 0.434, 0.64],
  ["3", 11, 87.884, 86.405, 84.926, 0.217, 0.434, 0.64],
  ["4", 11, 113.03, 111.551, 110.072, 0.217, 0.434, 0.64],
  ["5", 11, 138.43, 136.951, 135.472, 0.217, 0.434, 0.64],
  ["6", 11, 163.83, 162.351, 160.872, 0.217, 0.434, 0.64],
];

describe("parallel pipe threads against ISO 228-1", () => {
  it.each(ISO_228)("G %s", (size, tpi, major, pitch, minor, td2, td2B, td1) => {
    const thread = named(`G ${size}`);
    expect(thread.tpi).toBe(tpi);
    expect(basicSizes(thread)).toEqual({ major, pitch, minor });
    const nut = limits(thread, "internal");
    expect(nut.pitch).toEqual({ min: pitch, max: Number((pitch + td2).toFixed(3)) });
    expect(nut.minor.max).toBeCloseTo(minor + td1, 6);
    expect(limits(thread, "external", "A").pitch.min).toBeCloseTo(pitch - td2, 6);
    expect(limits(thread, "external", "B").pitch.min).toBeCloseTo(pitch - td2B, 6);
    expect(limits(thread, "external", "B").major.min).toBeCloseTo(major - td2B, 6);
  });

  /** The same sizes in the inches they come from (BS 2779): the second source. */
  it.each([
    ["1/8", 0.383],
    ["1/4", 0.518],
    ["3/8", 0.656],
    ["1/2", 0.825],
    ["5/8", 0.902],
    ["3/4", 1.041],
    ["7/8", 1.189],
    ["1", 1.309],
    ["1 1/4", 1.65],
    ["1 1/2", 1.882],
    ["2", 2.347],
    ["2 1/2", 2.96],
    ["3", 3.46],
    ["4", 4.45],
    ["6", 6.45],
  ])("G %s is %d in over the crests", (size, inches) => {
    expect(named(`G ${size}`).majorMm).toBeCloseTo(inches * MM_PER_INCH, 2);
  });

  it("notes that a 1/2 measures about 21 mm", () => {
    const [note] = sizeNotes(named("G 1/2"));
    expect(note).toMatchObject({ code: "name-is-bore", maxMm: 20.955 });
  });
});

/** ISO 7-1:1994, table 1, mm: size, gauge length, its tolerance, useful thread, diametral tolerance of Rp. */
const ISO_7: readonly (readonly [string, number, number, number, number])[] = [
  ["1/16", 4, 0.9, 6.5, 0.071],
  ["1/8", 4, 0.9, 6.5, 0.071],
  ["1/4", 6, 1.3, 9.7, 0.104],
  ["3/8", 6.4, 1.3, 10.1, 0.104],
  ["1/2", 8.2, 1.8, 13.2, 0.142],
  ["3/4", 9.5, 1.8, 14.5, 0.142],
  ["1", 10.4, 2.3, 16.8, 0.18],
  ["1 1/4", 12.7, 2.3, 19.1, 0.18],
  ["1 1/2", 12.7, 2.3, 19.1, 0.18],
  ["2", 15.9, 2.3, 23.4, 0.18],
  ["2 1/2", 17.5, 3.5, 26.7, 0.216],
  ["3", 20.6, 3.5, 29.8, 0.216],
  ["4", 25.4, 3.5, 35.8, 0.216],
  ["5", 28.6, 3.5, 40.1, 0.216],
  ["6", 28.6, 3.5, 40.1, 0.216],
];

describe("taper pipe threads against ISO 7-1", () => {
  it.each(ISO_7)("R %s", (size, gaugeMm, gaugeToleranceMm, usefulMm, rpTolerance) => {
    const taper = named(`R ${size}`);
    expect(taperLengths(taper)).toEqual({ gaugeMm, gaugeToleranceMm, usefulMm });
    expect(basicSizes(taper)).toEqual(basicSizes(named(`G ${size}`)));
    const { pitch } = limits(named(`Rp ${size}`), "internal");
    expect(((pitch.max ?? 0) - (pitch.min ?? 0)) / 2).toBeCloseTo(rpTolerance, 2);
  });

  it("measures from its small end to its last useful thread", () => {
    const thread = named("R 1/2");
    const { major } = limits(thread, "external");
    expect(sizesOverCrests(thread)).toEqual({
      min: expect.closeTo((major.min ?? 0) - 8.2 / 16, 6),
      max: expect.closeTo((major.max ?? 0) + (13.2 - 8.2) / 16, 6),
    });
  });

  it("knows no outside of Rp", () => {
    expect(sizesOverCrests(named("Rp 1/2"))).toBeUndefined();
    expect(() => limits(named("Rp 1/2"), "external")).toThrow("Rp 1/2 is an internal thread");
  });
});

/** ASME B1.20.1, table 2, in: size, E0, E1, L1, L2. */
const B1_20_1: readonly (readonly [string, number, number, number, number])[] = [
  ["1/16", 0.27118, 0.28118, 0.16, 0.2611],
  ["1/8", 0.36351, 0.3736, 0.1615, 0.2639],
  ["1/4", 0.47739, 0.49163, 0.2278, 0.4018],
  ["3/8", 0.61201, 0.62701, 0.24, 0.4078],
  ["1/2", 0.75843, 0.77843, 0.32, 0.5337],
  ["3/4", 0.96768, 0.98887, 0.339, 0.5457],
  ["1", 1.21363, 1.23863, 0.4, 0.6828],
  ["1 1/4", 1.55713, 1.58338, 0.42, 0.7068],
  ["1 1/2", 1.79609, 1.82234, 0.42, 0.7235],
  ["2", 2.26902, 2.29627, 0.436, 0.7565],
  ["2 1/2", 2.71953, 2.76216, 0.682, 1.1375],
  ["3", 3.34062, 3.3885, 0.766, 1.2],
  ["4", 4.33438, 4.38712, 0.844, 1.3],
  ["5", 5.39073, 5.44929, 0.937, 1.4063],
  ["6", 6.44609, 6.50597, 0.958, 1.5125],
];

describe("American taper pipe threads against ASME B1.20.1", () => {
  it.each(B1_20_1)("%s NPT", (size, e0, e1, l1, l2) => {
    const thread = named(`${size} npt`);
    const lengths = taperLengths(thread);
    const { pitch } = basicSizes(thread);
    expect(inInches(pitch)).toBeCloseTo(e1, 4);
    expect(inInches(lengths?.gaugeMm)).toBe(l1);
    expect(inInches(lengths?.usefulMm)).toBe(l2);
    const smallEnd = pitch / MM_PER_INCH - l1 / 16;
    expect(Math.abs(smallEnd - e0)).toBeLessThan(0.0001);
  });

  /** ASME B1.20.1, NPSC, in: size, pitch diameter least and greatest. */
  it.each([
    ["1/8", 0.3701, 0.3771],
    ["1/4", 0.4864, 0.4968],
    ["3/8", 0.6218, 0.6322],
    ["1/2", 0.7717, 0.7851],
    ["3/4", 0.9822, 0.9956],
    ["1", 1.2305, 1.2468],
  ])("%s NPSC", (size, min, max) => {
    const { pitch } = limits(named(`${size} npsc`), "internal");
    expect([inInches(pitch.min), inInches(pitch.max)]).toEqual([
      expect.closeTo(min, 3),
      expect.closeTo(max, 3),
    ]);
  });

  /** ASME B1.20.1, NPSM internal, in: size, least minor and pitch diameter. */
  it.each([
    ["1/8", 0.358, 0.3736],
    ["1/4", 0.468, 0.4916],
    ["1/2", 0.747, 0.7784],
    ["3/4", 0.958, 0.9889],
    ["1", 1.201, 1.2386],
  ])("%s NPSM", (size, minor, pitch) => {
    const nut = limits(named(`${size} npsm`), "internal");
    expect(inInches(nut.pitch.min)).toBe(pitch);
    expect(Math.abs(inInches(nut.minor.min) - minor)).toBeLessThan(0.001);
    expect(nut.verified).toBe(false);
  });
});
