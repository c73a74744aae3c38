import { likelySlips } from "./index";

describe("what may have gone wrong with a diameter that no thread shows", () => {
  it("is the unit, the flats, or the zero of the jaws", () => {
    const codes = (mm: number) => likelySlips(mm).map(({ code }) => code);
    expect(codes(12.5 * 25.4)).toContain("unit");
    expect(likelySlips(0.5)).toEqual(
      expect.arrayContaining([expect.objectContaining({ code: "unit", meant: "in" })]),
    );
    expect(likelySlips(107).map(({ code }) => code)).not.toContain("zero");
    expect(codes(54.6)).toContain("across-flats");
    const [zero] = likelySlips(102.2);
    expect(zero).toMatchObject({ code: "zero" });
  });
});
