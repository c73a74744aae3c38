import { boltLines, type BoltShape } from "./bolt-lines";
import { scaleWords } from "../../say/common";
import { UNITS_PER_MM, fittingScale } from "../marks";

const SHAPE: BoltShape = { headLeft: 30, axisY: 100, major: 80, pitch: 12, end: 330, teeth: true };

describe("the bolt's lines", () => {
  const lines = boltLines(SHAPE);

  it("keep the thread between its crests and the depth of the basic profile", () => {
    const depth = (5 / 8) * (Math.sqrt(3) / 2) * SHAPE.pitch;
    for (const { y } of lines.upperEdge) {
      expect(y).toBeGreaterThanOrEqual(60 - 1e-9);
      expect(y).toBeLessThanOrEqual(60 + depth + 1e-3);
    }
  });

  it("draw flanks of 60 degrees", () => {
    const points = lines.upperEdge;
    const flanks = points.flatMap((to, i) => {
      const from = points[i - 1];
      if (from === undefined || from.y === to.y) return [];
      return [(Math.atan(Math.abs((to.x - from.x) / (to.y - from.y))) * 180) / Math.PI];
    });
    expect(flanks.length).toBeGreaterThan(20);
    for (const halfAngle of flanks) expect(halfAngle).toBeCloseTo(30, 3);
  });

  it("set the two edges half a pitch apart, as on a screw", () => {
    const crestsOf = (points: readonly { x: number; y: number }[], y: number) =>
      points.filter((point) => Math.abs(point.y - y) < 1e-9).map(({ x }) => x);
    const upper = crestsOf(lines.upperEdge, 60).at(-1) ?? 0;
    const lower = crestsOf(lines.lowerEdge, 140).at(-1) ?? 0;
    expect(Math.abs(((upper - lower) / SHAPE.pitch) % 1)).toBeCloseTo(0.5, 6);
  });

  it("span one pitch and one diameter where these are read", () => {
    expect(lines.pitchAt.to.x - lines.pitchAt.from.x).toBeCloseTo(SHAPE.pitch, 9);
    expect(lines.diameterAt.to.y - lines.diameterAt.from.y).toBeCloseTo(SHAPE.major, 9);
    expect(lines.diameterAt.from.x).toBeLessThan(SHAPE.end);
  });

  it("invent no threads where the pitch is not known", () => {
    expect(boltLines({ ...SHAPE, teeth: false }).upperEdge).toHaveLength(2);
  });
});

describe("the scale", () => {
  it.each([1, 6, 12.52, 64, 101.6])("shows %d mm as large as fits", (mm) => {
    const scale = fittingScale(mm, 96);
    expect(mm * scale * UNITS_PER_MM).toBeLessThanOrEqual(96);
  });

  it("is said in words", () => {
    expect([0.5, 1, 2, 6].map(scaleWords)).toEqual([
      "about half size, at 96 px/in",
      "about full size, at 96 px/in",
      "about twice full size, at 96 px/in",
      "about 6 times full size, at 96 px/in",
    ]);
  });
});
