import { readingWords, saidSpan } from "./index";

describe("a reading", () => {
  it("comes back as it was said, the screen's unit beside it where that is the other", () => {
    const inch = { kind: "external-diameter", mm: 12.5222, said: ["0.493 in"] } as const;
    expect(readingWords(inch, "mm")).toMatchObject({ figure: "0.493 in", inUnits: "12.52 mm" });
    expect(readingWords(inch, "in")).toMatchObject({ figure: "0.493 in" });
    expect(readingWords(inch, "in").inUnits).toBeUndefined();
    const sixteenths = { kind: "length", mm: 57.15, said: ["2-1/4 in"] } as const;
    expect(readingWords(sixteenths, "mm").figure).toBe("2-1/4 in");
  });

  it("by hole gauge shows its two holes", () => {
    const said = ["9.5 mm", "10 mm"];
    const gauged = { kind: "diameter-between", overMm: 9.5, notOverMm: 10, said } as const;
    expect(readingWords(gauged, "mm").figure).toBe("9.5–10 mm");
    expect(readingWords({ ...gauged, said: ["3/8 in", "13/32 in"] }, "mm").figure).toBe(
      "9.50–10.00 mm",
    );
  });

  it("does not repeat what says another length than the one that is kept", () => {
    const slipped = { kind: "external-diameter", mm: 25.4, said: ["1 mm"] } as const;
    expect(readingWords(slipped, "mm").figure).toBe("25.40 mm");
  });

  it("counts threads in an inch, not in so many millimetres", () => {
    expect(saidSpan({ kind: "count", threads: 13, spanMm: 25.4 }, "mm")).toBe("1 in");
    expect(saidSpan({ kind: "count", threads: 7, spanMm: 12.7 }, "mm")).toBe("1/2 in");
    expect(saidSpan({ kind: "count", threads: 10, spanMm: 10 }, "in")).toBe("0.3937 in");
    const said = ["10 mm"];
    expect(saidSpan({ kind: "count", threads: 10, spanMm: 10, said }, "in")).toBe("10 mm");
  });
});
