import { threadUses } from "../notes";
import { idsOnParts } from "../notes/uses";
import { inInches, named } from "../../testing";
import { basicSizes, limits, threadById } from "./index";

/** DIN 40430, table 1, mm: name, TPI, outside diameter, core diameter. */
const DIN_40430: readonly (readonly [string, number, number, number])[] = [
  ["Pg 7", 20, 12.5, 11.28],
  ["Pg 9", 18, 15.2, 13.86],
  ["Pg 11", 18, 18.6, 17.26],
  ["Pg 13.5", 18, 20.4, 19.06],
  ["Pg 16", 18, 22.5, 21.16],
  ["Pg 21", 16, 28.3, 26.78],
  ["Pg 29", 16, 37, 35.48],
  ["Pg 36", 16, 47, 45.48],
  ["Pg 42", 16, 54, 52.48],
  ["Pg 48", 16, 59.3, 57.78],
];

describe("conduit", () => {
  it.each(DIN_40430)("%s by DIN 40430", (name, tpi, major, minor) => {
    const thread = named(name);
    expect(thread.tpi).toBe(tpi);
    expect(thread.flankAngleDeg).toBe(80);
    expect(basicSizes(thread)).toMatchObject({ major, minor });
  });

  it.each(DIN_40430)(
    "%s is as deep as an 80 degree form is, 0.4767 P",
    (_name, tpi, major, minor) => {
      expect((major - minor) / 2 / (25.4 / tpi)).toBeCloseTo(0.4767, 1);
    },
  );

  it("takes its metric sizes from ISO, M63 too", () => {
    expect(limits(named("M20x1.5"), "external").toleranceClass).toBe("6g");
    expect(limits(named("M63 x 1.5"), "external")).toMatchObject({
      major: { max: 62.968, min: 62.732 },
    });
  });
});

describe("garden hose against ASME B1.20.7", () => {
  it("3/4-11.5 NH outside", () => {
    const { major, pitch, minor } = limits(named("3/4-11.5 NH"), "external");
    expect(
      [major.max, major.min, pitch.max, pitch.min, minor.max].map((mm) => inInches(mm)),
    ).toEqual([1.0625, 1.0455, 1.006, 0.9975, 0.9495]);
  });

  it("3/4-11.5 NH inside", () => {
    const { major, pitch, minor } = limits(named("3/4 ght"), "internal");
    expect(
      [major.min, pitch.min, pitch.max, minor.min, minor.max].map((mm) => inInches(mm)),
    ).toEqual([1.0725, 1.016, 1.0245, 0.9595, 0.9765]);
  });
});

describe("threads known by the part they are on", () => {
  it("are all in the catalogue", () => {
    expect(idsOnParts().filter((id) => threadById(id) === undefined)).toEqual([]);
  });

  it.each([
    ["9/16-18 unf", "flare-fitting"],
    ["M14x1.25", "sparking-plug"],
    ["1/4-28", "grease-nipple"],
    ["3/8-16", "tripod"],
    ["M25x1.5", "conduit"],
  ])("%s is met on a %s", (name, use) => {
    expect(threadUses(named(name))).toContain(use);
  });
});
