import {
  printLength,
  type LineKind,
  type Outline,
  type OutlineDimension,
  type Units,
} from "@root-gauge/core";

/** The part of a PDF document that a drawing needs. */
export type Paper = PDFKit.PDFDocument;

const POINTS_PER_MM = 72 / 25.4;
const SCALES = [0.1, 0.2, 0.25, 0.5, 0.75, 1, 1.5, 2, 3, 4, 5];

/** Line weights in points, and dashes. */
const PENS: Readonly<Record<LineKind, { readonly weight: number; readonly dash?: number }>> = {
  edge: { weight: 1.1 },
  inner: { weight: 0.6 },
  hidden: { weight: 0.6, dash: 3 },
  root: { weight: 0.5 },
};

export interface DrawingPlace {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Room kept for dimension lines and their figures, points. */
const MARGIN = 34;

/** The largest usual scale at which the part fits the place. */
function scaleFor(outline: Outline, { width, height }: DrawingPlace): number {
  const long = (outline.right - outline.left) * POINTS_PER_MM;
  const high = 2 * outline.halfHeight * POINTS_PER_MM;
  const room = Math.min((width - 3 * MARGIN) / long, (height - 2 * MARGIN) / high);
  return SCALES.findLast((scale) => scale <= room) ?? room;
}

interface Frame {
  readonly paper: Paper;
  readonly toX: (mm: number) => number;
  readonly toY: (mm: number) => number;
}

function strokes({ paper, toX, toY }: Frame, outline: Outline): void {
  for (const { kind, points } of outline.strokes) {
    const { weight, dash } = PENS[kind];
    points.forEach(({ x, y }, at) =>
      at === 0 ? paper.moveTo(toX(x), toY(y)) : paper.lineTo(toX(x), toY(y)),
    );
    paper.lineWidth(weight);
    if (dash === undefined) paper.undash();
    else paper.dash(dash, { space: 2 });
    paper.stroke();
  }
  paper.undash();
}

function arrow(paper: Paper, x: number, y: number, way: 1 | -1, upright: boolean): void {
  const [along, across] = [5 * way, 2];
  if (upright) {
    paper
      .moveTo(x - across, y - along)
      .lineTo(x, y)
      .lineTo(x + across, y - along);
  } else {
    paper
      .moveTo(x - along, y - across)
      .lineTo(x, y)
      .lineTo(x - along, y + across);
  }
  paper.stroke();
}

/** A dimension below the part, with its witness lines. */
function below(frame: Frame, dimension: OutlineDimension, y: number, text: string): void {
  const { paper, toX, toY } = frame;
  const [from, to] = [toX(dimension.from.x), toX(dimension.to.x)];
  paper.lineWidth(0.5);
  for (const [x, start] of [
    [from, toY(dimension.from.y)],
    [to, toY(dimension.to.y)],
  ] as const) {
    paper
      .moveTo(x, start + 3)
      .lineTo(x, y + 4)
      .stroke();
  }
  paper.moveTo(from, y).lineTo(to, y).stroke();
  arrow(paper, from, y, -1, false);
  arrow(paper, to, y, 1, false);
  paper.fontSize(9).text(text, (from + to) / 2 - 60, y + 3, { width: 120, align: "center" });
}

/** A dimension beside the part, across its axis. */
function beside(frame: Frame, dimension: OutlineDimension, x: number, text: string): void {
  const { paper, toX, toY } = frame;
  const [from, to] = [toY(dimension.from.y), toY(dimension.to.y)];
  paper.lineWidth(0.5);
  for (const y of [from, to]) paper.moveTo(toX(dimension.from.x), y).lineTo(x, y).stroke();
  paper.moveTo(x, from).lineTo(x, to).stroke();
  arrow(paper, x, from, -1, true);
  arrow(paper, x, to, 1, true);
  const left = x < toX(0);
  paper.fontSize(9).text(text, left ? x - 62 : x + 5, (from + to) / 2 - 5, {
    width: 58,
    align: left ? "right" : "left",
  });
}

/** Draws a part to scale in its place on the paper, dimensioned, and says the scale. */
export function drawOutline(
  paper: Paper,
  outline: Outline,
  place: DrawingPlace,
  units: Units,
): void {
  const scale = scaleFor(outline, place);
  const per = scale * POINTS_PER_MM;
  const middle = (outline.left + outline.right) / 2;
  const axis = place.y + place.height / 2 - 8;
  const frame: Frame = {
    paper,
    toX: (mm) => place.x + place.width / 2 + (mm - middle) * per,
    toY: (mm) => axis + mm * per,
  };
  paper.strokeColor("black").fillColor("black").lineJoin("round");
  strokes(frame, outline);
  const under = axis + outline.halfHeight * per + 12;
  for (const dimension of outline.dimensions) {
    const text = printLength(dimension.mm, units);
    if (dimension.kind === "length" || dimension.kind === "shoulder") {
      below(frame, dimension, under + 18, text);
    }
    if (dimension.kind === "thread") below(frame, dimension, under, text);
    if (dimension.kind === "major")
      beside(frame, dimension, frame.toX(outline.right) + 14, `Ø ${text}`);
    if (dimension.kind === "head-width")
      beside(frame, dimension, frame.toX(outline.left) - 14, text);
  }
  const said = outline.headToScale ? "" : "; head in proportion only";
  paper
    .fontSize(9)
    .text(`Scale ${scale >= 1 ? `${scale} : 1` : `1 : ${1 / scale}`}${said}`, place.x, place.y, {
      width: place.width,
      align: "right",
    });
}
