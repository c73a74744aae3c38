import { readFileSync } from "node:fs";
import path from "node:path";
import PDFDocument from "pdfkit";
import type { Paper } from "./draw-marks";

/** The fonts of a sheet as they stand in their files. */
export interface PrintFonts {
  readonly text: Buffer;
  readonly figure: Buffer;
}

/** Reads the fonts, once for all sheets. */
export function readFonts(folder: string): PrintFonts {
  return {
    text: readFileSync(path.join(folder, "barlow-400.woff")),
    figure: readFileSync(path.join(folder, "barlow-semi-condensed-600.woff")),
  };
}

/** Margin on every side, points. */
export const MARGIN = 42;

/** Opens a sheet of A4, its fonts registered. */
export function openPaper(title: string, fonts: PrintFonts): Paper {
  const paper = new PDFDocument({
    size: "A4",
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: MARGIN },
    info: { Title: title, Creator: "Root Gauge" },
  });
  paper.registerFont("text", fonts.text);
  paper.registerFont("figure", fonts.figure);
  return paper;
}

/** Width between the margins, points. */
export const widthOf = (paper: Paper) => paper.page.width - 2 * MARGIN;

/** The cautions in a box, before anything is read that they are about. */
export function cautionBox(paper: Paper, lines: readonly string[]): void {
  const width = widthOf(paper) - 20;
  const top = paper.y;
  paper
    .font("figure")
    .fontSize(12)
    .text("Caution", MARGIN + 10, top + 8, { width });
  paper.font("text").fontSize(10);
  for (const line of lines) paper.text(line, MARGIN + 10, paper.y + 3, { width });
  paper
    .lineWidth(1.4)
    .rect(MARGIN, top, widthOf(paper), paper.y - top + 8)
    .stroke();
  paper.y += 16;
}

/** The bytes of a paper, once it is ended. */
export function bytesOf(paper: Paper): Promise<Buffer> {
  const chunks: Buffer[] = [];
  return new Promise<Buffer>((resolve, reject) => {
    paper.on("data", (chunk: Buffer) => chunks.push(chunk));
    paper.on("end", () => resolve(Buffer.concat(chunks)));
    paper.on("error", reject);
  });
}
