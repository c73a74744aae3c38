import { named } from "../../testing";
import { leafDrawing } from "./index";
import { leafSeat } from "./leaf-seat";

describe("a leaf laid on a thread, by geometry", () => {
  it.each([
    ["M10", { pitchMm: 1.5 }, 60],
    ["1/2-13 unc", { tpi: 13 }, 60],
    ["1/2 bsw", { tpi: 12 }, 55],
    ["G 1/2", { tpi: 14 }, 55],
  ] as const)("shows no light on its own pitch and form: %s", (name, leaf, angle) => {
    expect(leafSeat(leaf, angle, named(name), 7).lightMm).toBeLessThan(0.005);
  });

  it("is held off by its end teeth as the drift over the threads says", () => {
    const thread = named("M8");
    const { liftMm, threadsEngaged } = leafSeat({ tpi: 20 }, 60, thread, 7);
    // By hand: the last tooth is out by its place times 0.02 mm, and half a tooth is 0.02 / 4 mm wider.
    const out = ((threadsEngaged - 1) / 2) * 0.02 + 0.02 / 4;
    expect(liftMm).toBeCloseTo(out / Math.tan(Math.PI / 6), 3);
  });

  it("shows more light the more threads it lies in, and the farther its pitch is off", () => {
    const light = (tpi: number, engaged: number) =>
      leafSeat({ tpi }, 60, named("1/2-13 unc"), engaged).lightMm;
    expect(light(14, 7)).toBeGreaterThan(light(14, 3));
    expect(light(12, 7)).toBeGreaterThan(0.2);
    expect(light(13, 7)).toBeLessThan(0.01);
  });

  it("never lets leaf and thread overlap, and lets them touch", () => {
    const { threadEdge, leafEdge } = leafSeat({ pitchMm: 1.25 }, 60, named("1/4-20 unc"), 9);
    const gaps = leafEdge.map(({ y }, i) => y - (threadEdge[i]?.y ?? 0));
    expect(Math.min(...gaps)).toBeCloseTo(0, 9);
  });

  it("lies a little off in a 55 degree thread of its own pitch when it is of 60", () => {
    const other = leafSeat({ tpi: 12 }, 60, named("1/2 bsw"), 5).lightMm;
    expect(other).toBeGreaterThan(0);
    expect(other).toBeLessThan(0.1);
  });
});

describe("the drawing of a leaf on a thread", () => {
  const drawn = (name: string, leaf: { tpi: number } | { pitchMm: number }) =>
    leafDrawing(leaf, 60, named(name), { width: 320, height: 60 });

  it("lays the leaf over the thread, the light between them left free", () => {
    const { marks, lightMm, scale } = drawn("1/4-20 unc", { pitchMm: 1.25 });
    const [leaf, thread] = marks.map((mark) => {
      if (mark.kind !== "edge") throw new Error(mark.kind);
      return [mark.from, ...mark.steps.map(({ to }) => to)];
    });
    const gaps = leaf!.map(({ y }, at) => thread![at]!.y - y);
    expect(Math.min(...gaps)).toBeCloseTo(0, 6);
    expect(Math.max(...gaps)).toBeGreaterThan((lightMm * 96 * scale) / 25.4);
    expect(leaf!.at(-1)!.x).toBeCloseTo(320, 6);
  });

  it("says no light where nobody would see any", () => {
    expect(drawn("M10", { pitchMm: 1.5 }).lightMm).toBe(0);
    expect(drawn("M10", { tpi: 16 }).lightMm).toBeGreaterThan(0.02);
  });
});
