import { findThread } from "../../catalogue/threads";
import type { Mark, Place } from "../marks";
import { repairOptions, repairWork, type Damage } from "../../mend/repair";
import { holeDrawing, touchedHoleDrawing } from "./index";
import type { HoleDrawing, HoleView } from "./hole-drawing";

const ROOM = { width: 366, height: 296 };

const COVER: Damage = {
  symptom: "strips",
  part: "hole",
  thread: findThread("M8")!,
  material: "aluminium-cast",
  hole: "blind",
  depthMm: 24,
  edgeMm: 12,
  engagementMm: 12,
  duty: "ordinary",
  often: true,
};

function placesOf(mark: Mark): readonly Place[] {
  switch (mark.kind) {
    case "segments":
      return mark.segments.flatMap(({ from, to }) => [from, to]);
    case "chain":
      return mark.points;
    case "text":
      return [mark.at];
    default:
      return [];
  }
}

const optionOf = (damage: Damage, kind: string) =>
  repairOptions(damage).find((option) => option.kind === kind)!;

const cutMarks = (marks: readonly Mark[]) =>
  marks.filter((mark) => "stroke" in mark && mark.stroke.tone === "cut");

/** Places of a drawing in mm from the axis of what is cut, and from the mouth. */
function measured(drawn: HoleDrawing, marks: readonly Mark[]): readonly Place[] {
  const unit = drawn.scale * (96 / 25.4);
  const heavy = cutMarks(drawn.marks).filter(
    (mark) => mark.kind === "segments" && mark.stroke.weight === "heavy" && !mark.stroke.dashed,
  );
  const xs = heavy.flatMap(placesOf).map(({ x }) => x);
  const axis = (Math.max(...xs) + Math.min(...xs)) / 2;
  return marks
    .flatMap(placesOf)
    .map(({ x, y }) => ({ x: (x - axis) / unit, y: (y - drawn.tags.bore.y) / unit }));
}

/** How far what is cut stands out from its axis, mm; of one weight of line, or of all. */
function cutReachMm(drawn: HoleDrawing, weight?: "heavy" | "dimension"): number {
  const marks = cutMarks(drawn.marks).filter(
    (mark) => weight === undefined || ("stroke" in mark && mark.stroke.weight === weight),
  );
  return Math.max(...measured(drawn, marks).map(({ x }) => Math.abs(x)));
}

const insertIn = (damage: Damage) =>
  holeDrawing(damage, { after: optionOf(damage, "wire-insert") }, ROOM);

describe("the hole cut open", () => {
  it.each([
    ["the cover", COVER],
    ["one deep in a thick part", { ...COVER, depthMm: 120, thicknessMm: 180 }],
    ["a plate", { ...COVER, hole: "through", depthMm: 4, behind: true }],
    ["one far from its edge", { ...COVER, edgeMm: 150 }],
    ["a stump", { ...COVER, symptom: "snapped" }],
  ] as const)("stays within its room: %s", (_name, damage) => {
    for (const drawn of [touchedHoleDrawing(damage, {}, ROOM), holeDrawing(damage, {}, ROOM)]) {
      for (const { x, y } of drawn.marks.flatMap(placesOf)) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(ROOM.width);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(ROOM.height);
      }
    }
  });

  // The major diameter of the insert's thread, of the bush's M12 x 1.25, and of M10.
  it.each([
    ["wire-insert", 9.624],
    ["solid-bush", 12],
    ["oversize", 10],
  ])("draws what a repair cuts to scale: %s", (kind, widthMm) => {
    const drawn = holeDrawing(COVER, { after: optionOf(COVER, kind) }, ROOM);
    expect(2 * cutReachMm(drawn, "heavy")).toBeCloseTo(widthMm, 2);
  });

  it("draws nothing cut in the hole as it is, and no damage in the hole as it will be", () => {
    const after = optionOf(COVER, "wire-insert");
    expect(cutMarks(holeDrawing(COVER, { after, only: "before" }, ROOM).marks)).toEqual([]);
    const [before, metal, will] = [
      { only: "before" },
      { only: "after" },
      { after, only: "after" },
    ].map((view) =>
      holeDrawing(COVER, view as HoleView, ROOM).marks.map((mark) => JSON.stringify(mark)),
    );
    const damaged = before?.filter((mark) => !metal?.includes(mark)) ?? [];
    expect(damaged).not.toEqual([]);
    expect(will?.filter((mark) => damaged.includes(mark))).toEqual([]);
  });

  it("hatches a wall that is too thin, out to the edge, and no sound one", () => {
    expect(cutReachMm(insertIn({ ...COVER, edgeMm: 5.5 }))).toBeCloseTo(5.5, 1);
    expect(cutReachMm(insertIn(COVER))).toBeCloseTo(9.624 / 2, 2);
  });

  it("dashes the edge and the far side where they are not known", () => {
    const dashed = (damage: Damage) => {
      const { marks, tags } = holeDrawing(damage, {}, ROOM);
      const lines = marks.flatMap((mark) =>
        mark.kind === "segments" && mark.stroke.dashed === true ? mark.segments : [],
      );
      return {
        edge: lines.some(({ from, to }) => from.x === to.x && from.x > tags.edge.x),
        farSide: lines.some(({ from, to }) => from.y === to.y && from.y > tags.thickness.y),
      };
    };
    const { edgeMm: _edge, ...unknown } = COVER;
    expect(dashed(unknown)).toEqual({ edge: true, farSide: true });
    expect(dashed(COVER)).toEqual({ edge: false, farSide: true });
    expect(dashed({ ...COVER, thicknessMm: 40 })).toEqual({ edge: false, farSide: false });
  });

  it("drills a new hole where there is none", () => {
    const fresh = { ...COVER, symptom: "new" } as const;
    const { tapping } = repairWork(fresh);
    if (tapping?.kind !== "plan") throw new Error("no plan");
    const drawn = holeDrawing(fresh, { after: tapping }, ROOM);
    // The drill of M8 and, finer, its thread.
    expect(2 * cutReachMm(drawn, "heavy")).toBeCloseTo(6.8, 2);
    expect(2 * cutReachMm(drawn, "dimension")).toBeCloseTo(8, 2);
    const deepest = Math.max(...measured(drawn, cutMarks(drawn.marks)).map(({ y }) => y));
    expect(deepest).toBeCloseTo(tapping.drillDepthMm + tapping.pointMm, 2);
    expect(cutMarks(holeDrawing(fresh, {}, ROOM).marks)).toEqual([]);
  });
});
