import {
  identificationInputSchema,
  machineInputSchema,
  pageQuerySchema,
  readingSchema,
} from "./index";

const INPUT = {
  machineId: "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30",
  position: " Clamp bar ",
  readings: [{ kind: "external-diameter", mm: 12.52 }],
  options: { useCommonness: false },
  notes: "",
  takenAt: "2026-03-02T08:30:00.000Z",
};

describe("a list that goes on", () => {
  it("takes back the mark that it gives after any name of a machine", () => {
    for (const letter of ["п", "印", "a", "|"]) {
      const name = letter.repeat(120);
      expect(machineInputSchema.safeParse({ name, origin: "", year: null }).success).toBe(true);
      const after = `${encodeURIComponent(name)}|${INPUT.machineId}`;
      expect(pageQuerySchema.safeParse({ after }).success).toBe(true);
    }
  });
});

describe("readings at the border", () => {
  it.each([
    { kind: "external-diameter", mm: 0.5 },
    { kind: "flank-angle", degrees: 47.5 },
    { kind: "taper", tapered: true },
    { kind: "origin", place: "britain", before: 1930 },
    { kind: "origin", trade: "vehicle" },
    { kind: "function", what: "plug" },
    { kind: "external-diameter", mm: 200, instrument: "rule", condition: "worn" },
    { kind: "leaf", tpi: 4.5, outcome: "unsure" },
    { kind: "leaf", pitchMm: 1.25, outcome: "rocks", threadsEngaged: 3 },
    { kind: "count", threads: 12.5, spanMm: 25.4 },
    { kind: "crest-to-crest", pitches: 10, mm: 12.5 },
    { kind: "diameter-between", overMm: 9.5, notOverMm: 10 },
    { kind: "internal-diameter", mm: 8.5, instrument: "pin", condition: "worn" },
    { kind: "taper-measured", smallMm: 20.3, largeMm: 21, apartMm: 11.2 },
    { kind: "hand", hand: "left" },
    { kind: "thread-length", mm: 20, said: ["20 mm"] },
    { kind: "other-end", readings: [{ kind: "external-diameter", mm: 9.9 }] },
    { kind: "head-mark", mark: "lines:3" },
    { kind: "trial-fit", with: "M10", partIs: "external", outcome: "binds", turns: 4 },
    { kind: "across-flats", mm: 16.8 },
    { kind: "length", mm: 40 },
  ])("takes %j", (reading) => {
    expect(readingSchema.parse(reading)).toEqual(reading);
  });

  it.each([
    { kind: "external-diameter", mm: 0 },
    { kind: "external-diameter", mm: Number.NaN },
    { kind: "external-diameter", mm: Number.POSITIVE_INFINITY },
    { kind: "external-diameter", mm: "12.52" },
    { kind: "external-diameter", mm: 12.52, colour: "brass" },
    { kind: "leaf", outcome: "rocks" },
    { kind: "leaf", tpi: 13, pitchMm: 1, outcome: "rocks" },
    { kind: "leaf", tpi: 13, outcome: "fits" },
    { kind: "count", threads: 0, spanMm: 25.4 },
    { kind: "crest-to-crest", pitches: 2.5, mm: 10 },
    { kind: "flank-angle", degrees: 61 },
    { kind: "origin" },
    { kind: "origin", before: 12 },
    { kind: "origin", trade: "ship" },
    { kind: "diameter-between", overMm: 10, notOverMm: 9.5 },
    { kind: "taper-measured", smallMm: 21, largeMm: 20.3, apartMm: 11.2 },
    { kind: "head-mark", mark: "  " },
    { kind: "trial-fit", with: "M10", partIs: "external", outcome: "fits" },
    { kind: "weight", grams: 12 },
  ])("refuses %j", (reading) => {
    expect(readingSchema.safeParse(reading).success).toBe(false);
  });
});

describe("what a client may save", () => {
  it("trims the place, and keeps the rest as it was", () => {
    expect(identificationInputSchema.parse(INPUT)).toEqual({
      ...INPUT,
      position: "Clamp bar",
      replacement: null,
    });
  });

  it.each([
    { ...INPUT, machineId: "7" },
    { ...INPUT, takenAt: "yesterday" },
    { ...INPUT, readings: [] },
    { ...INPUT, readings: Array.from({ length: 51 }, () => INPUT.readings[0]) },
    { ...INPUT, verdict: "settled" },
    { ...INPUT, notes: "x".repeat(4001) },
  ])("refuses a body that is off in one place", (body) => {
    expect(identificationInputSchema.safeParse(body).success).toBe(false);
  });

  it("wants a name for a machine", () => {
    expect(machineInputSchema.safeParse({ name: "   " }).success).toBe(false);
    expect(machineInputSchema.parse({ name: "Nipping press" })).toEqual({
      name: "Nipping press",
      origin: "",
      year: null,
      stands: "",
      notes: "",
    });
  });
});

describe("what goes in", () => {
  const usual = { duty: "ordinary", environment: "indoor", metal: "steel" };
  const asked = (replacement: unknown, readings: unknown[] = INPUT.readings) =>
    identificationInputSchema.safeParse({ ...INPUT, readings, replacement });

  it("may be left out, and may stand without a reading", () => {
    expect(identificationInputSchema.parse(INPUT).replacement).toBeNull();
    const known = { callout: "M8 x 30 8.8", circumstances: usual, acknowledgedAt: null };
    expect(asked(known, []).success).toBe(true);
    expect(asked(null, []).success).toBe(false);
  });

  it("is a call-out with something in it", () => {
    expect(asked({ callout: "  ", circumstances: usual, acknowledgedAt: null }).success).toBe(
      false,
    );
  });

  it("is acknowledged where safety or pressure hangs on it", () => {
    for (const duty of ["safety-critical", "pressure"]) {
      const part = { callout: "M8 x 30 8.8", circumstances: { ...usual, duty } };
      expect(asked({ ...part, acknowledgedAt: null }).success).toBe(false);
      expect(asked({ ...part, acknowledgedAt: "2026-03-02T08:30:00.000Z" }).success).toBe(true);
    }
  });
});
