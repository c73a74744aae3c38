import { inInches, named } from "../../testing";
import { hexSpanner } from "./index";

describe("the spanner for a hexagon bolt", () => {
  /** ISO 4014, mm. */
  it.each([
    ["M5", 8],
    ["M8", 13],
    ["M10x1.25", 16],
    ["M12", 18],
    ["M16", 24],
    ["M24", 36],
  ])("%s is %d mm", (name, mm) => {
    expect(hexSpanner(named(name))).toMatchObject({ acrossFlatsMm: mm, mark: `${mm} mm` });
  });

  /** ASME B18.2.1, BS 190 and BS 57, in. */
  it.each([
    ["1/4-20", 0.4375, "7/16 in"],
    ["3/8-16", 0.5625, "9/16 in"],
    ["1/2-13", 0.75, "3/4 in"],
    ["1 1/4-7", 1.875, "1 7/8 in"],
    ["1/2 bsw", 0.92, "1/2 W"],
    ["1/2 bsf", 0.82, "7/16 W"],
    ["1/4 bsf", 0.445, "3/16 W"],
    ["2 BA", 0.324, "2 BA"],
    ["4 BA", 0.248, "4 BA"],
  ])("%s is %d in, marked %s", (name, inches, mark) => {
    const spanner = hexSpanner(named(name));
    expect(inInches(spanner?.acrossFlatsMm)).toBe(inches);
    expect(spanner?.mark).toBe(mark);
  });

  it("is none for pipes and numbered screws", () => {
    expect(hexSpanner(named("G 1/2"))).toBeUndefined();
    expect(hexSpanner(named("#10-32"))).toBeUndefined();
  });
});
