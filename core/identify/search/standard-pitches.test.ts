import { nearestPitches } from "./index";

describe("a pitch against the standard ones", () => {
  it("is one of them", () => {
    expect(nearestPitches(1.27)).toMatchObject([{ tpi: 20 }]);
    expect(nearestPitches(1.25)).toMatchObject([{ pitchMm: 1.25 }]);
  });

  it("lies between two, whose difference over ten threads is told with its sign", () => {
    expect(nearestPitches(1.3)).toMatchObject([
      { tpi: 20, overTenMm: expect.closeTo(0.3, 6) },
      { tpi: 19, overTenMm: expect.closeTo(-0.368, 3) },
    ]);
    expect(nearestPitches(1.3, "metric").map(({ pitchMm }) => pitchMm)).toEqual([1.25, 1.5]);
    expect(nearestPitches(1.2, "inch").map(({ tpi }) => tpi)).toEqual([22, 20]);
  });

  it("has one neighbour beyond the last", () => {
    expect(nearestPitches(30)).toHaveLength(1);
    expect(nearestPitches(0.05)).toHaveLength(1);
  });
});
