import { ENVIRONMENTS, PART_METALS } from "../circumstances";
import { headSize } from "../heads";
import {
  DRIVES,
  FINISHES,
  HEAD_STYLES,
  drivesOf,
  lengthDatum,
  usualDrive,
  type HeadStyle,
} from "../looks";
import { inInches, named } from "../../testing";
import {
  NUT_STYLES,
  galvanicPair,
  finishSuits,
  headRecess,
  nutSize,
  stockLengths,
  stockMatch,
  threadLength,
  turningTool,
  washerSize,
} from "./index";

describe("where a screw's length is measured (ISO 225)", () => {
  it.each<[HeadStyle, string]>([
    ["hex", "under-head"],
    ["socket-cap", "under-head"],
    ["button", "under-head"],
    ["pan", "under-head"],
    ["carriage", "under-head"],
    ["csk", "overall"],
    ["raised-csk", "flush-line"],
    ["set", "tip-to-tip"],
    ["stud", "tip-to-tip"],
    ["shoulder", "shoulder"],
  ])("of %s: %s", (head, datum) => {
    expect(lengthDatum(head)).toBe(datum);
  });
});

describe("head sizes", () => {
  it.each<[HeadStyle, string, number, number]>([
    ["hex", "M10", 16, 6.4],
    ["hex", "M24", 36, 15],
    ["socket-cap", "M8", 13, 8],
    ["button", "M6", 10.5, 3.3],
    ["csk", "M8", 17.92, 4.96],
    ["pan", "M4", 8, 3.1],
    ["cheese", "M5", 8.5, 3.3],
    ["carriage", "M10", 24.6, 5.4],
    ["low-cap", "M10", 16, 6],
  ])("%s %s is %d wide and %d high, mm", (head, name, width, height) => {
    const size = headSize(head, usualDrive(head), named(name));
    expect([size.widthMm, size.heightMm]).toEqual([width, height]);
    expect(size.standard).toBeDefined();
  });

  it.each<[HeadStyle, string, number, number]>([
    ["hex", "1/2-13", 0.75, 0.3125],
    ["socket-cap", "1/4-20", 0.375, 0.25],
    ["socket-cap", "#10-32", 0.312, 0.19],
    ["csk", "1/4-20", 0.531, 0.161],
    ["truss", "#8-32", 0.384, 0.102],
    ["square", "1/2-13", 0.75, 0.3281],
  ])("%s %s is %d wide and %d high, in", (head, name, width, height) => {
    const size = headSize(head, usualDrive(head), named(name));
    expect([inInches(size.widthMm), inInches(size.heightMm)]).toEqual([width, height]);
  });

  it("are another for a countersunk screw with a cross than with a socket", () => {
    expect(headSize("csk", "cross", named("M5")).widthMm).toBe(10.4);
    expect(headSize("csk", "socket", named("M5")).widthMm).toBe(11.2);
  });

  it("are there for every style, and say when they are only in proportion", () => {
    for (const head of HEAD_STYLES) {
      const size = headSize(head, usualDrive(head), named("M7"));
      expect(size.widthMm).toBeGreaterThan(0);
      if (head !== "hex") expect([head, size.standard]).toEqual([head, undefined]);
    }
  });

  it("are drawn with drives that the head has", () => {
    for (const head of HEAD_STYLES) {
      for (const drive of drivesOf(head)) expect(DRIVES).toContain(drive);
    }
  });
});

describe("what turns a screw", () => {
  it.each<[HeadStyle, string, string]>([
    ["hex", "M10", "16 mm"],
    ["hex", "1/2-13", "3/4 in"],
    ["hex", "1/4 bsf", "3/16 W"],
    ["socket-cap", "M8", "6 mm"],
    ["socket-cap", "3/8-16", "5/16 in"],
    ["socket-cap", "#0-80", "0.05 in"],
    ["set", "M6", "3 mm"],
    ["set", "1/4-20", "1/8 in"],
    ["button", "M5", "3 mm"],
    ["pan", "M4", "no. 2"],
    ["pan", "#6-32", "no. 2"],
    ["shoulder", "M8", "5 mm"],
    ["square", "3/8-16", "9/16 in"],
    ["flange-hex", "M8", "13 mm"],
  ])("%s %s: %s", (head, name, mark) => {
    expect(turningTool(head, usualDrive(head), named(name)).mark).toBe(mark);
  });

  it("has no size where none is held", () => {
    expect(turningTool("socket-cap", "socket", named("M9")).mark).toBeUndefined();
    expect(turningTool("carriage", "none", named("M8"))).toEqual({ kind: "none" });
  });
});

describe("thread length", () => {
  it.each<[HeadStyle, string, number, number]>([
    // ISO 4014: 2d + 6, 2d + 12, 2d + 25.
    ["hex", "M10", 80, 26],
    ["hex", "M10", 150, 32],
    ["hex", "M16", 220, 57],
    // ISO 4017 range: to the head.
    ["hex", "M10", 25, 25],
    // ISO 4762: 2d + 12.
    ["socket-cap", "M8", 60, 28],
    // ISO 7379.
    ["shoulder", "M8", 40, 13.25],
    // ISO 10642 and ISO 7380: 2d + 12.
    ["csk", "M8", 60, 28],
    ["csk", "M20", 100, 52],
    ["button", "M6", 40, 24],
    ["set", "M8", 20, 20],
  ])("%s %s x %d is threaded %d mm", (head, name, length, threaded) => {
    const split = threadLength(head, named(name), length);
    expect(split.threadMm).toBe(threaded);
    if (head !== "shoulder") expect(split.plainMm).toBe(length - threaded);
  });

  it("is 2 D + 1/4 in of an inch hexagon bolt, 2 D + 1/2 in over 6 in", () => {
    const threaded = (inches: number) =>
      inInches(threadLength("hex", named("1/2-13"), inches * 25.4).threadMm);
    expect(threaded(3)).toBe(1.25);
    expect(threaded(7)).toBe(1.5);
  });
});

describe("the plain washer, the spanner and the nut of a size", () => {
  // ASME B18.21.1, type A narrow: inside, outside, thick, in.
  it.each([
    ["9/16-12", 0.594, 1.156, 0.095],
    ["3/4-10", 0.812, 1.469, 0.134],
    ["7/8-9", 0.938, 1.75, 0.134],
  ])("%s inch washer", (name, bore, outside, thick) => {
    const size = washerSize("flat", named(name));
    expect([size?.boreMm, size?.outsideMm, size?.thickMm].map((mm) => inInches(mm))).toEqual([
      bore,
      outside,
      thick,
    ]);
  });

  // ISO 7089.
  it.each([
    ["M33", 34, 60, 5],
    ["M39", 42, 72, 6],
  ])("%s washer", (name, boreMm, outsideMm, thickMm) => {
    expect(washerSize("flat", named(name))).toMatchObject({ boreMm, outsideMm, thickMm });
  });

  // BS 190: a fine bolt takes the spanner of the coarse one below, 3/4 that of 11/16.
  it.each([
    ["3/4 bsf", "11/16 W", 1.2],
    ["11/16 bsf", "5/8 W", 1.1],
    ["7/8 bsf", "3/4 W", 1.3],
    ["3/16 bsf", "1/8 W", 0.338],
    ["1/8 bsw", "1/8 W", 0.338],
    ["11/16 bsw", "11/16 W", 1.2],
    ["1 1/8 bsf", "1 W", 1.67],
    ["1 1/4 bsw", "1 1/4 W", 2.05],
    ["1 1/2 bsf", "1 3/8 W", 2.22],
  ])("%s takes the %s spanner", (name, mark, inches) => {
    const spanner = turningTool("hex", "hexagon", named(name));
    expect(spanner.mark).toBe(mark);
    expect(inInches(spanner.acrossFlatsMm)).toBe(inches);
  });

  it("gives the flange nut of M10 the 15 mm of DIN 6923", () => {
    expect(nutSize("flange", named("M10")).acrossFlatsMm).toBe(15);
    expect(nutSize("hex", named("M10")).acrossFlatsMm).toBe(16);
  });
});

describe("stocked lengths", () => {
  it("begin where counters do, shorter than the standard's list", () => {
    expect(stockLengths("hex", named("M6"))[0]).toBe(8);
    expect(stockLengths("hex", named("M10"))[0]).toBe(16);
    expect(stockLengths("hex", named("M12"))[0]).toBe(16);
  });

  it("are of ISO 888, within what the head is made in", () => {
    const lengths = stockLengths("hex", named("M10"));
    expect(lengths[0]).toBe(16);
    expect(lengths.at(-1)).toBe(200);
    expect(lengths).not.toContain(42);
  });

  it("take a measured length for the nominal one, with the remainder", () => {
    expect(stockMatch("hex", named("M10"), 39.6)).toMatchObject({ exact: true, nearest: 40 });
    const between = stockMatch("hex", named("M10"), 42.5);
    expect(between).toMatchObject({ exact: false, shorter: 40, longer: 45 });
    expect(between?.remainderMm).toBeCloseTo(2.5, 6);
  });

  it("are eighths and quarters of an inch", () => {
    const match = stockMatch("hex", named("1/2-13"), 1.5 * 25.4);
    expect(match?.exact).toBe(true);
    expect(match?.remainderMm).toBeCloseTo(0, 6);
    expect(inInches(match?.longer)).toBe(1.75);
  });
});

describe("nuts and washers", () => {
  it("have the heights of ISO 4032, 4035, 7040 and ASME B18.2.2", () => {
    expect(nutSize("hex", named("M10"))).toMatchObject({ acrossFlatsMm: 16, heightMm: 8.4 });
    expect(nutSize("thin", named("M10")).heightMm).toBe(5);
    expect(nutSize("nylon-insert", named("M12")).heightMm).toBe(14.9);
    // DIN 557 and ASME B18.2.2: a square nut of 1/2 in is 13/16 across, its hexagon 3/4.
    expect(nutSize("square", named("M8"))).toMatchObject({ acrossFlatsMm: 13, heightMm: 6.5 });
    expect(inInches(nutSize("square", named("1/2-13")).acrossFlatsMm)).toBe(0.8125);
    expect(inInches(nutSize("square", named("3/4-10")).heightMm)).toBeCloseTo(21 / 32, 4);
    expect(nutSize("castle", named("M16"))).toMatchObject({ heightMm: 19, pinMm: 4 });
    expect(inInches(nutSize("hex", named("1/2-13")).heightMm)).toBe(0.4375);
  });

  it("are wider than the bolt's head at 7/16 and 9/16 in", () => {
    expect(inInches(nutSize("hex", named("7/16-14")).acrossFlatsMm)).toBe(0.6875);
  });

  it("never have a thin nut as high as a full one", () => {
    for (const name of ["M5", "M10", "M24", "1/4-20", "3/4-10"]) {
      const heights = NUT_STYLES.map((style) => nutSize(style, named(name)).heightMm);
      expect(Math.min(...heights)).toBe(nutSize("thin", named(name)).heightMm);
    }
  });

  it("are washers of ISO 7089 and ASME B18.21.1, or none that is known", () => {
    expect(washerSize("flat", named("M10"))).toMatchObject({ outsideMm: 20, thickMm: 2 });
    expect(inInches(washerSize("flat", named("1/2-13"))?.thickMm)).toBe(0.095);
    expect(washerSize("wedge-lock", named("M10"))).toBeUndefined();
  });
});

describe("recesses for heads", () => {
  it("are a counterbore of DIN 974-1, or a countersink of the head's own angle", () => {
    expect(headRecess("socket-cap", "socket", named("M8"))).toMatchObject({ acrossMm: 15 });
    expect(headRecess("csk", "socket", named("M8"))).toMatchObject({ angleDeg: 90 });
    expect(headRecess("csk", "socket", named("1/4-20"))).toMatchObject({ angleDeg: 82 });
    expect(headRecess("hex", "hexagon", named("M8"))).toBeUndefined();
  });
});

describe("finishes and metals", () => {
  it("refuse bare steel at sea and cadmium near food", () => {
    expect(finishSuits("plain", "marine")).toBe("never");
    expect(finishSuits("cadmium", "food")).toBe("never");
    expect(finishSuits("zinc", "indoor")).toBe("good");
  });

  it("find stainless in aluminium unsound by the sea, sound indoors", () => {
    expect(galvanicPair("stainless", "aluminium", "marine")).toMatchObject({
      sound: false,
      eaten: "part",
    });
    expect(galvanicPair("stainless", "aluminium", "indoor")?.sound).toBe(true);
    expect(galvanicPair("zinc", "steel", "outdoor")?.sound).toBe(true);
    expect(galvanicPair("plain", "plastic", "marine")).toBeUndefined();
  });

  it("never allow more difference in a harsher place", () => {
    for (const finish of FINISHES) {
      for (const metal of PART_METALS) {
        const sound = (place: (typeof ENVIRONMENTS)[number]) =>
          galvanicPair(finish, metal, place)?.sound ?? true;
        if (sound("marine")) expect(sound("outdoor")).toBe(true);
        if (sound("outdoor")) expect(sound("indoor")).toBe(true);
      }
    }
  });
});
