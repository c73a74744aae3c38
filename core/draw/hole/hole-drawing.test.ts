import { findThread } from "../../catalogue/threads";
import type { Mark, Place } from "../marks";
import { repairOptions, repairWork, type Damage } from "../../mend/repair";
import { holeDrawing, touchedHoleDrawing } from "./index";

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

/** How wide the heavy lines of a cut stand apart, mm. */
function cutWidthMm(damage: Damage, kind: string): number {
  const drawn = holeDrawing(damage, { after: optionOf(damage, kind) }, ROOM);
  const heavy = cutMarks(drawn.marks).filter(
    (mark) => mark.kind === "segments" && mark.stroke.weight === "heavy" && !mark.stroke.dashed,
  );
  const xs = heavy.flatMap(placesOf).map(({ x }) => x);
  return (Math.max(...xs) - Math.min(...xs)) / (drawn.scale * (96 / 25.4));
}

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
    expect(cutWidthMm(COVER, kind)).toBeCloseTo(widthMm, 2);
  });

  it("draws nothing cut in the hole as it is, and no damage in the hole as it will be", () => {
    const after = optionOf(COVER, "wire-insert");
    expect(cutMarks(holeDrawing(COVER, { after, only: "before" }, ROOM).marks)).toEqual([]);
    const [before, will] = (["before", "after"] as const).map(
      (only) => holeDrawing(COVER, { after, only }, ROOM).marks.length,
    );
    expect(
      cutMarks(holeDrawing(COVER, { after, only: "after" }, ROOM).marks).length,
    ).toBeGreaterThan(2);
    expect(before).not.toBe(will);
  });

  it("hatches a wall that is too thin as such", () => {
    const near = { ...COVER, edgeMm: 5.5 };
    const thin = cutMarks(holeDrawing(near, { after: optionOf(near, "wire-insert") }, ROOM).marks);
    const sound = cutMarks(
      holeDrawing(COVER, { after: optionOf(COVER, "wire-insert") }, ROOM).marks,
    );
    expect(thin.length).toBe(sound.length + 1);
  });

  it("dashes what is not known", () => {
    const dashed = (damage: Damage) =>
      holeDrawing(damage, {}, ROOM).marks.filter(
        (mark) => mark.kind === "segments" && mark.stroke.dashed === true,
      ).length;
    const { edgeMm: _edge, ...unknown } = COVER;
    expect(dashed(unknown)).toBe(dashed(COVER) + 1);
    expect(dashed({ ...COVER, thicknessMm: 40 })).toBe(dashed(COVER) - 1);
  });

  it("drills a new hole where there is none", () => {
    const fresh = { ...COVER, symptom: "new" } as const;
    const { tapping } = repairWork(fresh);
    if (tapping?.kind !== "plan") throw new Error("no plan");
    expect(cutMarks(holeDrawing(fresh, { after: tapping }, ROOM).marks)).toHaveLength(3);
    expect(cutMarks(holeDrawing(fresh, {}, ROOM).marks)).toEqual([]);
  });
});
