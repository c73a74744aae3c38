import { boltLines, type BoltShape } from "./bolt-lines";
import { nutLines, type NutShape } from "./nut-lines";
import { edgeForm, threadEdge } from "./thread-edge";

const NUT: NutShape = {
  left: 100,
  right: 260,
  axisY: 150,
  bore: 80,
  pitch: 14,
  teeth: true,
  halfBody: 80,
  broken: false,
};

describe("a thread's edge", () => {
  it.each([60, 55, 47.5, 30, 29, 80])("has flanks of %d degrees when that was read", (degrees) => {
    const points = threadEdge({
      start: 0,
      end: 200,
      pitch: 20,
      phase: 0,
      crestY: 0,
      toRoot: 1,
      form: edgeForm(degrees),
    });
    const flanks = points.flatMap((to, i) => {
      const from = points[i - 1];
      if (from === undefined || Math.abs(from.y - to.y) < 1e-9) return [];
      return [(Math.atan(Math.abs((to.x - from.x) / (to.y - from.y))) * 180) / Math.PI];
    });
    expect(flanks.length).toBeGreaterThan(10);
    for (const half of flanks) expect(half).toBeCloseTo(degrees / 2, 0);
  });

  it("is square at 0 degrees, and 60 while nothing was read", () => {
    expect(edgeForm(0)).toMatchObject({ crestFlat: 0.5, rootFlat: 0.5 });
    expect(edgeForm(undefined)).toEqual(edgeForm(60));
  });
});

describe("a nut cut open", () => {
  const lines = nutLines(NUT);

  it("has its crests on the bore and its roots in the metal", () => {
    const ys = lines.upperEdge.map(({ y }) => y);
    expect(Math.max(...ys)).toBeCloseTo(110, 6);
    expect(Math.min(...ys)).toBeCloseTo(110 - edgeForm(60).depth * 14, 6);
  });

  it("is hatched in the metal only", () => {
    for (const { from, to } of lines.hatch) {
      for (const { x, y } of [from, to]) {
        expect(x).toBeGreaterThanOrEqual(100 - 1e-6);
        expect(x).toBeLessThanOrEqual(260 + 1e-6);
        expect(Math.abs(y - 150)).toBeGreaterThan(40);
        expect(Math.abs(y - 150)).toBeLessThanOrEqual(80 + 1e-6);
      }
    }
    expect(lines.hatch.length).toBeGreaterThan(10);
  });

  it("measures its bore across the crests", () => {
    expect(lines.boreAt.to.y - lines.boreAt.from.y).toBeCloseTo(80, 6);
  });
});

describe("a taper", () => {
  const SHAPE: BoltShape = {
    headLeft: 30,
    axisY: 100,
    major: 80,
    pitch: 12,
    end: 330,
    teeth: true,
    headed: false,
    taper: 1 / 16,
  };

  it("loses a sixteenth of its length on diameter, and has no head", () => {
    const lines = boltLines(SHAPE);
    const end = lines.endFace.to.y - lines.endFace.from.y;
    expect(80 - end).toBeCloseTo((330 - lines.threadStart) / 16, 6);
    expect(lines.head).toEqual([]);
  });
});
