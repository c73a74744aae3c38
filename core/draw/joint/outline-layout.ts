import { UNITS_PER_MM, fittingScale, type Place, type Segment } from "../marks";
import { type Outline, type OutlineDimension, type OutlinePoint } from "../parts";

/** A dimension in its place: its line, the witness lines that carry it, and where its figure stands. */
interface PlacedDimension {
  readonly dimension: OutlineDimension;
  readonly line: Segment;
  readonly witnesses: readonly Segment[];
  readonly figureAt: Place;
  readonly anchor: "start" | "middle" | "end";
}

/** A part's outline in the room for it. */
export interface OutlineLayout {
  readonly scale: number;
  readonly axis: Segment;
  placed(point: OutlinePoint): Place;
  readonly dimensions: readonly PlacedDimension[];
}

/** Room beside the part for figures, and under it for a row of dimensions. */
const LEFT = 84;
const RIGHT = 98;
const TOP = 16;
const ROW = 28;
const GAP = 12;

function rowsUnder(outline: Outline): number {
  return outline.dimensions.filter(({ kind }) => isAlong(kind)).length;
}

const isAlong = (kind: OutlineDimension["kind"]) =>
  kind === "length" || kind === "thread" || kind === "shoulder";

/** Along the part, under it: the thread's own row above that of the whole length. */
function along(
  dimension: OutlineDimension,
  y: number,
  placed: (point: OutlinePoint) => Place,
): PlacedDimension {
  const [from, to] = [placed(dimension.from), placed(dimension.to)];
  return {
    dimension,
    line: { from: { x: from.x, y }, to: { x: to.x, y } },
    witnesses: [from, to].map((end) => ({
      from: { x: end.x, y: end.y + 3 },
      to: { x: end.x, y: y + 5 },
    })),
    figureAt: { x: (from.x + to.x) / 2, y: y + 17 },
    anchor: "middle",
  };
}

/** Across the part, left of its head or right of its tip. */
function across(
  dimension: OutlineDimension,
  x: number,
  placed: (point: OutlinePoint) => Place,
): PlacedDimension {
  const [from, to] = [placed(dimension.from), placed(dimension.to)];
  const left = x < from.x;
  return {
    dimension,
    line: { from: { x, y: from.y }, to: { x, y: to.y } },
    witnesses: [from, to].map((end) => ({
      from: { x: end.x + (left ? -3 : 3), y: end.y },
      to: { x: x + (left ? -5 : 5), y: end.y },
    })),
    figureAt: { x: x + (left ? -8 : 8), y: (from.y + to.y) / 2 + 5 },
    anchor: left ? "end" : "start",
  };
}

/** Places a part at the largest usual scale that fits, with every dimension beside what it measures. */
export function outlineLayout(outline: Outline, width: number, height: number): OutlineLayout {
  const under = rowsUnder(outline) * ROW + GAP;
  const long = outline.right - outline.left;
  const high = 2 * outline.halfHeight;
  const room = Math.max(20, width - LEFT - RIGHT);
  const scale = Math.min(
    fittingScale(long, room),
    fittingScale(high, Math.max(20, height - TOP - under - GAP)),
  );
  const per = scale * UNITS_PER_MM;
  const left = LEFT + (room - long * per) / 2;
  const axisY = TOP + (height - TOP - under) / 2;
  const placed = ({ x, y }: OutlinePoint): Place => ({
    x: left + (x - outline.left) * per,
    y: axisY + y * per,
  });
  const ends = {
    left: placed({ x: outline.left, y: 0 }).x,
    right: placed({ x: outline.right, y: 0 }).x,
  };
  const isRight = ({ kind, from }: OutlineDimension) =>
    kind === "major" && from.x > (outline.left + outline.right) / 2;
  const foot = axisY + outline.halfHeight * per + GAP;
  const alongRows = outline.dimensions
    .filter(({ kind }) => isAlong(kind))
    .sort((a, b) => Number(b.kind === "thread") - Number(a.kind === "thread"));
  return {
    scale,
    axis: { from: { x: ends.left - 10, y: axisY }, to: { x: ends.right + 10, y: axisY } },
    placed,
    dimensions: [
      ...alongRows.map((one, row) => along(one, foot + row * ROW, placed)),
      ...outline.dimensions
        .filter(({ kind }) => kind === "major" || kind === "head-width")
        .map((one) => across(one, isRight(one) ? ends.right + 16 : ends.left - 16, placed)),
    ],
  };
}
