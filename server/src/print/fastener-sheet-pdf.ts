import { type Units } from "@root-gauge/core";
import { paperScaleWords } from "@root-gauge/core/drawing-words";
import { screwDrawing, screwOutline } from "@root-gauge/core/joint-outline";
import type { FastenerSheet } from "@root-gauge/core/sheet";
import { sheetWords, type SheetSection } from "@root-gauge/core/sheet-words";
import { POINTS_A_UNIT, drawMarks, type Paper } from "./draw-marks";
import { MARGIN, bytesOf, cautionBox, openPaper, widthOf, type PrintFonts } from "./paper";

export interface PrintedSheet {
  readonly sheet: FastenerSheet;
  readonly units: Units;
  /** The machine and the place on it; may be empty. */
  readonly title: string;
  readonly printedOn: Date;
  readonly fonts: PrintFonts;
}

const DRAWING_HEIGHT = 190;
/** Room a heading wants under it before the page ends. */
const KEEP_TOGETHER = 70;

/** The screw to scale, as the screen shows it, with the scale said. */
function drawing(paper: Paper, { spec }: FastenerSheet, units: Units): void {
  const { x, y } = { x: MARGIN, y: paper.y };
  const room = { width: widthOf(paper) / POINTS_A_UNIT, height: DRAWING_HEIGHT / POINTS_A_UNIT };
  const outline = screwOutline(spec);
  const drawn = screwDrawing(outline, room, { units, pitchMm: spec.thread.pitchMm });
  drawMarks(paper, drawn, { x, y });
  const said = outline.headToScale ? "" : "; head in proportion only";
  paper
    .font("text")
    .fontSize(9)
    .text(`${paperScaleWords(drawn.scale)}${said}`, x, y, {
      width: widthOf(paper),
      align: "right",
    });
  paper.x = MARGIN;
  paper.y = y + DRAWING_HEIGHT;
}

function section(paper: Paper, { title, facts, lines }: SheetSection): void {
  if (facts.length === 0 && lines.length === 0) return;
  if (paper.y > paper.page.height - MARGIN - KEEP_TOGETHER) paper.addPage();
  const width = widthOf(paper);
  paper
    .font("figure")
    .fontSize(12)
    .text(title, MARGIN, paper.y + 8, { width });
  for (const [name, figure] of facts) {
    const y = paper.y + 2;
    paper.font("text").fontSize(10).text(name, MARGIN, y, { width: 190 });
    paper.font("figure").text(figure, MARGIN + 200, y, { width: width - 200 });
  }
  paper.font("text").fontSize(10);
  for (const line of lines) paper.text(line, MARGIN, paper.y + 2, { width });
}

/**
 * A fastener sheet on paper, A4: call-out, cautions, the drawing with its dimensions, and every section of the screen.
 * @returns the bytes of the PDF
 */
export function fastenerSheetPdf(printed: PrintedSheet): Promise<Buffer> {
  const { sheet, units, title, printedOn } = printed;
  const words = sheetWords(sheet, units);
  const paper = openPaper(words.callout, printed.fonts);
  const done = bytesOf(paper);
  const width = widthOf(paper);
  const head = ["Root Gauge fastener sheet", title, printedOn.toISOString().slice(0, 10)];
  paper.font("text").fontSize(10).text(head.filter(Boolean).join("   "), { width });
  paper.font("figure").fontSize(22).text(words.callout, { width });
  paper.font("text").fontSize(11).text(words.spoken, { width });
  for (const problem of words.problems) paper.font("figure").fontSize(11).text(problem, { width });
  paper.y += 8;
  cautionBox(paper, words.cautions);
  drawing(paper, sheet, units);
  for (const one of words.sections) section(paper, one);
  paper.end();
  return done;
}
