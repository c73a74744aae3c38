import { measuredSizes, type PartKind, type Reading } from "@root-gauge/core";
import { PART_KINDS } from "@root-gauge/core/lists";
import { panelLayout, type PanelLayout } from "./panel-layout";
import { tagsOf } from "./panel-tags";
import { LOW_TAG, TAG_HEIGHT } from "./reading-tag";
import { tagRow } from "./tag-row";

const READ: Readonly<Record<string, readonly Reading[]>> = {
  nothing: [],
  small: [{ kind: "external-diameter", mm: 2 }],
  usual: [
    { kind: "external-diameter", mm: 12.5 },
    { kind: "leaf", tpi: 13, outcome: "drops-in" },
  ],
  nut: [
    { kind: "internal-diameter", mm: 8.5 },
    { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" },
    { kind: "across-flats", mm: 16.8 },
  ],
  large: [
    { kind: "external-diameter", mm: 101 },
    { kind: "internal-diameter", mm: 95 },
  ],
};

const PANELS = [
  { width: 360, height: 300, strip: false },
  { width: 390, height: 338, strip: false },
  { width: 488, height: 800, strip: false },
  { width: 1100, height: 1000, strip: false },
  { width: 244, height: 124, strip: true },
  { width: 314, height: 124, strip: true },
];

const tagHeight = ({ strip }: (typeof PANELS)[number]) => (strip ? LOW_TAG : TAG_HEIGHT);

interface Line {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

const side = (line: Line, x: number, y: number) =>
  Math.sign((line.x2 - line.x1) * (y - line.y1) - (line.y2 - line.y1) * (x - line.x1));

function cross(a: Line, b: Line): boolean {
  return (
    side(a, b.x1, b.y1) * side(a, b.x2, b.y2) < 0 && side(b, a.x1, a.y1) * side(b, a.x2, a.y2) < 0
  );
}

function laidOut(part: PartKind, readings: readonly Reading[], size: (typeof PANELS)[number]) {
  const sizes = measuredSizes(readings);
  const tags = tagsOf(part, sizes, readings, "mm");
  const layout = panelLayout({
    part,
    sizes,
    flankAngleDeg: undefined,
    tapered: false,
    scale: 1,
    ...size,
    twoRows: tags.some(({ row }) => row === "bottom"),
  });
  const leaders = (["top", "bottom"] as const).flatMap((row) => {
    const ofRow = tags.filter((tag) => tag.row === row);
    const anchors = ofRow.map(({ at }) => layout.anchors[at] ?? { x: Number.NaN, y: Number.NaN });
    const { lefts, width } = tagRow(
      anchors.map(({ x }) => ({ anchorX: x })),
      12,
      size.width - 12,
    );
    return anchors.map((anchor, i) => ({
      x1: (lefts[i] ?? 0) + width / 2,
      y1: row === "top" ? layout.topRow + tagHeight(size) : layout.bottomRow,
      x2: anchor.x,
      y2: anchor.y,
    }));
  });
  return { layout, leaders };
}

const cases = PART_KINDS.flatMap((part) =>
  Object.entries(READ).flatMap(([name, readings]) =>
    PANELS.map((size) => [part, name, `${size.width} x ${size.height}`, readings, size] as const),
  ),
);

const rowsApart = ({ topRow, bottomRow }: PanelLayout, tag: number) => bottomRow - topRow - tag;

describe("the drawing panel", () => {
  it.each(cases)(
    "%s, %s read, %s: tags lead to the part, and no leader crosses another",
    (...of) => {
      const [part, , , readings, size] = of;
      const { layout, leaders } = laidOut(part, readings, size);
      for (const leader of leaders) {
        expect(leader.x2).toBeGreaterThan(0);
        expect(leader.x2).toBeLessThan(size.width);
        expect(leader.y2).toBeGreaterThan(layout.topRow);
        expect(leader.y2).toBeLessThan(size.height);
      }
      leaders.forEach((one, i) => {
        for (const other of leaders.slice(i + 1)) expect(cross(one, other)).toBe(false);
      });
      expect(rowsApart(layout, tagHeight(size))).toBeGreaterThan(size.strip ? 56 : 60);
      expect(layout.bottomRow + tagHeight(size)).toBeLessThanOrEqual(size.height);
    },
  );
});

describe("a row of tags", () => {
  it("stands in the order of its anchors, none over another, inside its room", () => {
    const { lefts, width } = tagRow([{ anchorX: 300 }, { anchorX: 40 }, { anchorX: 310 }], 12, 378);
    const sorted = [...lefts].sort((a, b) => a - b);
    expect(sorted).toEqual([lefts[1], lefts[0], lefts[2]]);
    sorted.slice(1).forEach((left, i) => {
      expect(left - (sorted[i] ?? 0)).toBeGreaterThanOrEqual(width - 1e-9);
    });
    expect(Math.min(...lefts)).toBeGreaterThanOrEqual(12 - 1e-9);
    expect(Math.max(...lefts) + width).toBeLessThanOrEqual(378 + 1e-9);
  });

  it("stands right over its anchors where there is room", () => {
    const { lefts, width } = tagRow([{ anchorX: 200 }, { anchorX: 600 }], 0, 900);
    expect(lefts.map((left) => left + width / 2)).toEqual([200, 600]);
  });
});

describe("the tags of a part", () => {
  const labels = (part: PartKind, readings: readonly Reading[] = []) =>
    tagsOf(part, measuredSizes(readings), readings, "mm").map(({ label }) => label);

  it("are what can be read of it", () => {
    expect(labels("bolt")).toEqual([
      "form",
      "pitch",
      "Ø over crests",
      "length",
      "across flats",
      "mark",
    ]);
    expect(labels("nut")).toContain("bore");
    expect(labels("nut")).not.toContain("length");
    expect(labels("pipe-male")).toContain("taper");
    expect(labels("pipe-female")).toContain("taper");
    expect(labels("tapped-hole")).toEqual(["form", "pitch", "bore"]);
  });

  it("carry what was read, a left hand and a taper with it", () => {
    const figures = (readings: readonly Reading[]) =>
      tagsOf("pipe-male", measuredSizes(readings), readings, "mm").flatMap(({ figure }) =>
        figure === undefined ? [] : [figure],
      );
    expect(figures([{ kind: "hand", hand: "left" }])).toEqual(["LH"]);
    expect(
      figures([{ kind: "taper-measured", smallMm: 20.15, largeMm: 20.9, apartMm: 12 }]),
    ).toEqual(["20.90 mm", "1 in 16"]);
  });
});
