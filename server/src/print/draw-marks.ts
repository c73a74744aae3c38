import {
  WEIGHTS,
  edgePath,
  metalPath,
  type Drawing,
  type Mark,
  type Place,
  type Stroke,
} from "@root-gauge/core";

/** The part of a PDF document that a drawing needs. */
export type Paper = PDFKit.PDFDocument;

/** Points to a drawing's unit: it has 96 to the inch, paper 72, so what is drawn to scale is so on paper. */
export const POINTS_A_UNIT = 72 / 96;

const FIGURE_SIZE = 13;
/** How far over the foot of its letters pdfkit sets a text, as a share of its size. */
const RISE = 0.75;
/** As wide as any figure of a drawing. */
const TEXT_WIDTH = 200;

function ink(paper: Paper, { weight, dashed = false, opacity = 1 }: Stroke): void {
  paper.lineWidth(WEIGHTS[weight]).strokeOpacity(opacity);
  if (dashed) paper.dash(4, { space: 3 });
  else paper.undash();
}

function chain(paper: Paper, points: readonly Place[]): void {
  points.forEach(({ x, y }, at) => (at === 0 ? paper.moveTo(x, y) : paper.lineTo(x, y)));
}

type TextMark = Extract<Mark, { kind: "text" }>;

function write(paper: Paper, { at, anchor, text }: TextMark): void {
  const [left, align] =
    anchor === "start"
      ? ([at.x, "left"] as const)
      : anchor === "middle"
        ? ([at.x - TEXT_WIDTH / 2, "center"] as const)
        : ([at.x - TEXT_WIDTH, "right"] as const);
  paper
    .font("figure")
    .fontSize(FIGURE_SIZE)
    .text(text, left, at.y - RISE * FIGURE_SIZE, { width: TEXT_WIDTH, align, lineBreak: false });
}

type EdgeMark = Extract<Mark, { kind: "edge" }>;

/** Higher and deeper than any drawing. */
const FAR = 4000;

function edge(paper: Paper, mark: EdgeMark): void {
  const { stroke, within, metal } = mark;
  paper.save();
  paper.rect(within.left, 0, within.right - within.left, FAR).clip();
  if (metal !== undefined) {
    paper.path(metalPath(mark, metal.toY)).fillOpacity(metal.opacity).fill();
    paper.fillOpacity(1);
  }
  ink(paper, stroke);
  paper.path(edgePath(mark)).stroke();
  paper.restore();
}

function draw(paper: Paper, mark: Mark): void {
  switch (mark.kind) {
    case "segments":
      ink(paper, mark.stroke);
      for (const { from, to } of mark.segments) chain(paper, [from, to]);
      if (mark.segments.length > 0) paper.stroke();
      return;
    case "chain":
      ink(paper, mark.stroke);
      chain(paper, mark.points);
      paper.stroke();
      return;
    case "circle":
      ink(paper, mark.stroke);
      paper.circle(mark.centre.x, mark.centre.y, mark.radius).stroke();
      return;
    case "text":
      return write(paper, mark);
    case "edge":
      return edge(paper, mark);
  }
}

/** The pen for paper: draws what core laid out, its upper left corner at a place in points. */
export function drawMarks(paper: Paper, drawing: Drawing, place: Place): void {
  paper.save();
  paper.translate(place.x, place.y).scale(POINTS_A_UNIT);
  paper.strokeColor("black").fillColor("black").lineJoin("round");
  for (const mark of drawing.marks) draw(paper, mark);
  paper.restore();
}
