import { HEAD_STYLES } from "../../catalogue/looks";
import { named } from "../../testing";
import { screwOutline } from "./index";
import { outlineLayout } from "./outline-layout";

describe("a screw in its picture", () => {
  it.each(HEAD_STYLES)("has the length line of a %s from its datum to its end", (head) => {
    const outline = screwOutline({ part: "screw", thread: named("M8"), head, lengthMm: 40 });
    const layout = outlineLayout(outline, 366, 230);
    const length = layout.dimensions.find(({ dimension }) =>
      ["length", "shoulder"].includes(dimension.kind),
    );
    expect(length?.line.from.x).toBeCloseTo(layout.placed({ x: 0, y: 0 }).x, 6);
    expect(length?.line.to.x).toBeCloseTo(layout.placed({ x: 40, y: 0 }).x, 6);
  });

  it("leaves room for every figure beside and under it, from a small screw to a long bolt", () => {
    for (const [name, lengthMm] of [
      ["M3", 10],
      ["M8", 40],
      ["M24", 240],
    ] as const) {
      const outline = screwOutline({ part: "screw", thread: named(name), head: "hex", lengthMm });
      const layout = outlineLayout(outline, 366, 230);
      for (const { figureAt, anchor } of layout.dimensions) {
        const halfText = 30;
        const left = anchor === "end" ? figureAt.x - 2 * halfText : figureAt.x - halfText;
        const right = anchor === "start" ? figureAt.x + 2 * halfText : figureAt.x + halfText;
        expect(anchor === "start" ? true : left >= 0).toBe(true);
        expect(anchor === "end" ? true : right <= 366 + 8).toBe(true);
        expect(figureAt.y).toBeLessThanOrEqual(230);
      }
    }
  });
});
