import {
  mmFromFraction,
  inOtherUnit,
  nearestFraction,
  pitchMmFromTpi,
  printCompared,
  printFraction,
  printLength,
  printWindow,
  readLength,
  reduceFraction,
} from "./index";

const ANY = { minMm: 0.5, maxMm: 150 };

describe("inch fractions", () => {
  it.each([
    [{ whole: 0, numerator: 1, denominator: 64 }, 0.396875],
    [{ whole: 0, numerator: 37, denominator: 64 }, 14.684375],
    [{ whole: 1, numerator: 1, denominator: 2 }, 38.1],
    [{ whole: 3, numerator: 0, denominator: 8 }, 76.2],
  ])("%j is exactly %d mm", (fraction, mm) => {
    expect(mmFromFraction(fraction)).toBe(mm);
  });

  it("prints and finds again every 64th up to 4 in", () => {
    for (let parts = 1; parts <= 256; parts += 1) {
      const fraction = { whole: 0, numerator: parts, denominator: 64 };
      const text = printFraction(fraction);
      const read = readLength(text, "mm", ANY);
      const accepted = parts * 0.396875 >= ANY.minMm;
      expect(read.ok).toBe(accepted);
      if (!read.ok) continue;
      // A bare whole number carries no fraction to show that it is inches.
      if (text.includes("/")) expect(read.mm).toBe(mmFromFraction(fraction));
      expect(nearestFraction(mmFromFraction(fraction)).fraction).toEqual(reduceFraction(fraction));
      expect(nearestFraction(mmFromFraction(fraction)).differenceMm).toBe(0);
    }
  });

  it("names the nearest fraction and the difference with its sign", () => {
    const over = nearestFraction(12.52);
    expect(printFraction(over.fraction)).toBe("1/2");
    expect(over.differenceMm).toBeCloseTo(-0.18, 10);
    expect(printFraction(nearestFraction(9.6, 16).fraction)).toBe("3/8");
  });
});

describe("reading a length", () => {
  it.each([
    ["12.52", "mm", 12.52, "mm"],
    ["12,52", "mm", 12.52, "mm"],
    [" 12.52 mm ", "in", 12.52, "mm"],
    [".492", "in", 0.492 * 25.4, "in"],
    [",492 in", "mm", 0.492 * 25.4, "in"],
    ['.5"', "mm", 12.7, "in"],
    ["1/2", "mm", 12.7, "in"],
    ["1 1/2", "in", 38.1, "in"],
    ["1-1/2 in", "mm", 38.1, "in"],
    ["37/64", "mm", 14.684375, "in"],
    ["9/8 inch", "mm", 28.575, "in"],
    ["1/2 mm", "in", 0.5, "mm"],
  ] as const)("takes %j in %s as %d mm", (text, units, mm, writtenIn) => {
    const read = readLength(text, units, ANY);
    expect(read).toEqual({ ok: true, mm: expect.closeTo(mm, 10), writtenIn });
  });

  it.each([
    ["", "length-empty"],
    ["   ", "length-empty"],
    ["abc", "length-not-a-figure"],
    ["12.5.2", "length-not-a-figure"],
    ["1 2", "length-not-a-figure"],
    ["1e3", "length-not-a-figure"],
    ["1/0", "length-zero-denominator"],
    ["1 1/2 3/4", "length-two-fractions"],
    ["1/2/4", "length-two-fractions"],
    ["5 m", "length-unknown-unit"],
    ["0", "length-not-positive"],
    ["0/8", "length-not-positive"],
    ["-12.5", "length-not-positive"],
    ["5000", "length-outside"],
    ["0.2", "length-outside"],
  ])("refuses %j as %s and repeats what was read", (text, code) => {
    const read = readLength(text, "mm", ANY);
    expect(read).toEqual({
      ok: false,
      problem: expect.objectContaining({ code, read: text.trim() }),
    });
  });
});

describe("a slip of unit", () => {
  const flats = { minMm: 1, maxMm: 200 };
  it("is the same figure in the other unit, where only that is such a measure", () => {
    expect(inOtherUnit("0.312", "mm", flats)).toMatchObject({ text: "0.312 in", units: "in" });
    expect(inOtherUnit("12.5", "in", flats)).toMatchObject({ text: "12.5 mm", mm: 12.5 });
  });

  it.each(["0.312 in", "1/2", "banana", "900"])("is none in %j", (text) => {
    expect(inOtherUnit(text, "mm", flats)).toBeUndefined();
  });
});

describe("printing", () => {
  it("gives two decimals of a millimetre and four of an inch", () => {
    expect(printLength(12.52, "mm")).toBe("12.52 mm");
    expect(printLength(12.52, "in")).toBe("0.4929 in");
    expect(printLength(-0.18, "mm")).toBe("−0.18 mm");
    expect(printLength(-0.001, "mm")).toBe("0.00 mm");
  });

  it("shows two compared lengths with as many decimals as part them", () => {
    expect(printCompared(27.431, 27.434, "mm")).toEqual(["27.431 mm", "27.434 mm"]);
    expect(printCompared(12, 12.5, "mm")).toEqual(["12.00 mm", "12.50 mm"]);
    expect(printCompared(12, 12, "mm")).toEqual(["12.00 mm", "12.00 mm"]);
  });

  it("rounds the ends of a band that does inwards", () => {
    expect(printWindow(27.431, 30.579, "mm")).toBe("27.44 to 30.57 mm");
    expect(printWindow(27.431, 27.434, "mm")).toBe("27.431 to 27.434 mm");
    expect(printWindow(25.4, 50.8, "in")).toBe("1.0000 to 2.0000 in");
  });

  it("turns threads per inch into pitch", () => {
    expect(pitchMmFromTpi(20)).toBeCloseTo(1.27, 12);
    expect(pitchMmFromTpi(13)).toBeCloseTo(1.9538, 4);
  });
});
