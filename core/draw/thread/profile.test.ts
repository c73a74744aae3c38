import { edgePath } from "../marks";
import { named } from "../../testing";
import { catalogue } from "../../catalogue/threads";
import { threadProfile } from "./thread-profile";
import { overlayLayout } from "./overlay-layout";
import { profileLayout } from "./profile-layout";
import { placed, profileEdge } from "./profile-edge";

describe("a profile's path", () => {
  const place = { scale: 10, x0: 0, axisY: 100 };

  it("is one line from before the first pitch to after the last, with an arc for each rounded end", () => {
    const thread = named("1/2 bsw");
    const { from, steps } = profileEdge(
      threadProfile(thread, "external"),
      thread.pitchMm,
      2,
      place,
    );
    expect(from.x).toBeLessThan(0);
    expect(steps.at(-1)?.to.x).toBeGreaterThan(2 * thread.pitchMm * place.scale);
    expect(steps.filter(({ arc }) => arc !== undefined)).toHaveLength(8);
    const path = edgePath({ from, steps });
    expect(path.match(/M/g)).toHaveLength(1);
    expect(path.match(/A/g)).toHaveLength(8);
    expect(path).not.toMatch(/NaN/);
    const along = [from, ...steps.map(({ to }) => to)].map(({ x }) => x);
    expect(along).toEqual([...along].sort((a, b) => a - b));
  });

  it("climbs along the axis by half the taper on diameter", () => {
    const flat = placed({ x: 16, y: 5 }, place);
    const tapered = placed({ x: 16, y: 5 }, { ...place, taper: 1 / 16 });
    expect(flat.y - tapered.y).toBeCloseTo(0.5 * 10, 9);
  });
});

describe("the drawing of one thread", () => {
  it("keeps every thread inside a phone's panel, its names apart and in order", () => {
    for (const thread of catalogue()) {
      const layout = profileLayout(thread, { width: 366, mostHeight: 260 });
      expect(layout.left).toBeGreaterThanOrEqual(0);
      expect(layout.right).toBeLessThanOrEqual(366 - 140);
      expect(layout.dimensionY).toBeGreaterThan(20);
      const heights = layout.diameters.map(({ labelY }) => labelY);
      heights.slice(1).forEach((y, i) => expect(y - (heights[i] ?? 0)).toBeGreaterThan(17.9));
      expect(layout.height).toBeLessThanOrEqual(260);
      expect(heights.at(-1)).toBeLessThan(layout.height);
    }
  });
});

describe("two threads over each other", () => {
  const room = { width: 366, mostHeight: 210 };

  it("lie at their own radii where that can be shown", () => {
    const layout = overlayLayout(named("3/8-16"), named("M10"), room);
    expect(layout.crestsTogether).toBe(false);
    const crest = (at: 0 | 1, majorMm: number) =>
      placed({ x: 0, y: majorMm / 2 }, layout.places[at]).y;
    expect(crest(0, 9.525) - crest(1, 10)).toBeCloseTo(
      ((10 - 9.525) / 2) * layout.places[0].scale,
      6,
    );
    expect(layout.height).toBeLessThanOrEqual(210 + 1e-9);
  });

  it("have their crests brought together where they are far apart", () => {
    const layout = overlayLayout(named("M6"), named("M20"), room);
    expect(layout.crestsTogether).toBe(true);
    const crest = (at: 0 | 1, majorMm: number) =>
      placed({ x: 0, y: majorMm / 2 }, layout.places[at]).y;
    expect(crest(0, 6)).toBeCloseTo(crest(1, 20), 6);
  });
});
