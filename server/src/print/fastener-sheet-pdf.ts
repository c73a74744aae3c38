import { type Units } from "@root-gauge/core";
import { paperScaleWords } from "@root-gauge/core/say/charts";
import { screwDrawing, screwOutline } from "@root-gauge/core/draw/joint";
import type { ScrewSpec } from "@root-gauge/core/callout";
import type { FastenerSheet, PartSheet } from "@root-gauge/core/decide/sheet";
import {
  partSheetWords,
  sheetWords,
  type SheetSection,
  type SheetWords,
} from "@root-gauge/core/say/sheet";
import { POINTS_A_UNIT, drawMarks, type Paper } from "./draw-marks";
import {
  MARGIN,
  bytesOf,
  cautionBox,
  factColumns,
  keepTogether,
  laidOutToFit,
  openPaper,
  widthOf,
  writeFeet,
  type PrintFonts,
} from "./paper";

export interface PrintedSheet {
  readonly sheet: FastenerSheet | PartSheet;
  readonly units: Units;
  /** The machine and the place on it; may be empty. */
  readonly title: string;
  readonly printedOn: Date;
  readonly fonts: PrintFonts;
}

/** Height of the drawing, in sizes of text: a sheet with much on it has a smaller one. */
const DRAWING_SIZES = 14;
/** Sizes of text that are tried, points: the largest with which the sheet is one page. */
const SIZES = [10, 9.5, 9, 8.5, 8, 7.5] as const;

/** The screw to scale, as the screen shows it, with the scale said. */
function drawing(paper: Paper, spec: ScrewSpec, high: number): void {
  const { x, y } = { x: MARGIN, y: paper.y };
  const room = { width: widthOf(paper) / POINTS_A_UNIT, height: high / POINTS_A_UNIT };
  const outline = screwOutline(spec);
  const drawn = screwDrawing(outline, room, spec.thread);
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
  paper.y = y + high;
}

/** What stands under one heading, the heading never alone at the foot of a page. */
function section(paper: Paper, { title, facts, lines }: SheetSection, size: number): void {
  if (facts.length === 0 && lines.length === 0) return;
  const width = widthOf(paper);
  keepTogether(paper, 4 * size + 12);
  paper
    .font("figure")
    .fontSize(size + 1.5)
    .text(title, MARGIN, paper.y + 5, { width });
  factColumns(paper, facts, size);
  paper.font("text").fontSize(size);
  for (const line of lines) {
    keepTogether(paper, paper.heightOfString(line, { width }));
    paper.text(line, MARGIN, paper.y + 1, { width });
  }
}

function laidOut(printed: PrintedSheet, words: SheetWords, size: number): Paper {
  const { sheet, fonts } = printed;
  const paper = openPaper(words.callout, fonts);
  const width = widthOf(paper);
  paper.font("text").fontSize(9).text("Root Gauge fastener sheet", { width });
  paper.font("figure").fontSize(20).text(words.callout, { width });
  paper
    .font("text")
    .fontSize(size + 1)
    .text(words.spoken, { width });
  for (const problem of words.problems) {
    paper
      .font("figure")
      .fontSize(size + 1)
      .text(problem, { width });
  }
  paper.y += 5;
  cautionBox(paper, words.cautions, size);
  if (sheet.spec.part === "screw") drawing(paper, sheet.spec, DRAWING_SIZES * size);
  for (const one of words.sections) section(paper, one, size);
  return paper;
}

/**
 * A fastener sheet on paper, A4: call-out, cautions, a screw's drawing with its dimensions, and every section of the screen; on
 * one page where it fits, else on pages that say which they are. Machine, place and date stand at the foot.
 * @returns the bytes of the PDF
 */
export function fastenerSheetPdf(printed: PrintedSheet): Promise<Buffer> {
  const { sheet, units, title, printedOn } = printed;
  const words = "part" in sheet ? partSheetWords(sheet, units) : sheetWords(sheet, units);
  const paper = laidOutToFit(SIZES, (size) => laidOut(printed, words, size));
  writeFeet(paper, [words.callout, title, printedOn.toISOString().slice(0, 10)]);
  const done = bytesOf(paper);
  paper.end();
  return done;
}
