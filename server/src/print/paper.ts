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

/** Kept free under the text for the foot of a page. */
const FOOT = 16;
const FOOT_SIZE = 8;

/** Opens a sheet of A4, its fonts registered; its pages are kept until their feet are written. */
export function openPaper(title: string, fonts: PrintFonts): Paper {
  const paper = new PDFDocument({
    size: "A4",
    bufferPages: true,
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: MARGIN + FOOT },
    info: { Title: title, Creator: "Root Gauge" },
  });
  paper.registerFont("text", fonts.text);
  paper.registerFont("figure", fonts.figure);
  return paper;
}

/** Width between the margins, points. */
export const widthOf = (paper: Paper) => paper.page.width - 2 * MARGIN;

/** The cautions in a box, before anything is read that they are about. */
export function cautionBox(paper: Paper, lines: readonly string[], size = 10): void {
  const width = widthOf(paper) - 20;
  const top = paper.y;
  paper
    .font("figure")
    .fontSize(size + 1.5)
    .text("Caution", MARGIN + 10, top + 6, { width });
  paper.font("text").fontSize(size);
  for (const line of lines) paper.text(line, MARGIN + 10, paper.y + 3, { width });
  paper
    .lineWidth(1.4)
    .rect(MARGIN, top, widthOf(paper), paper.y - top + 6)
    .stroke();
  paper.y += 12;
}

/** Goes on to the next page where so much does not fit any more: nothing that belongs together is parted. */
export function keepTogether(paper: Paper, height: number): void {
  if (paper.y + height > paper.page.height - paper.page.margins.bottom) paper.addPage();
}

/** Writes the foot of every page: what it is of, and which page of how many. */
export function writeFeet(paper: Paper, parts: readonly string[]): void {
  const { start, count } = paper.bufferedPageRange();
  for (let at = start; at < start + count; at += 1) {
    paper.switchToPage(at);
    const { margins, height } = paper.page;
    const bottom = margins.bottom;
    // Under the text nothing is written but this: pdfkit would begin another page for it.
    margins.bottom = 0;
    const page = count === 1 ? "" : `page ${at - start + 1} of ${count}`;
    const foot = [...parts, page].filter(Boolean).join("   ");
    paper
      .font("text")
      .fontSize(FOOT_SIZE)
      .text(foot, MARGIN, height - MARGIN - FOOT_SIZE, { width: widthOf(paper), lineBreak: false });
    margins.bottom = bottom;
  }
}

/** Sizes of text that are tried, points, the largest with which it is one page; the first where none is. */
export function laidOutToFit(
  sizes: readonly [number, ...(readonly number[])],
  layOut: (size: number) => Paper,
): Paper {
  const [first] = sizes;
  for (const size of sizes) {
    const paper = layOut(size);
    if (paper.bufferedPageRange().count === 1) return paper;
  }
  return layOut(first);
}

/** A row of a column: its name and its figure or sentence. */
export type PaperFact = readonly [name: string, text: string];

const NAME_SHARE = 0.46;
const GAP = 8;

/** Names and figures in two columns, a row never parted by the end of a page. */
export function factColumns(paper: Paper, facts: readonly PaperFact[], size: number): void {
  const each = (widthOf(paper) - GAP) / 2;
  const named = each * NAME_SHARE;
  const heightOf = ([name, text]: PaperFact) =>
    Math.max(
      paper
        .font("text")
        .fontSize(size)
        .heightOfString(name, { width: named - GAP }),
      paper.font("figure").heightOfString(text, { width: each - named }),
    );
  for (let at = 0; at < facts.length; at += 2) {
    const row = facts.slice(at, at + 2);
    const height = Math.max(...row.map(heightOf));
    keepTogether(paper, height);
    const top = paper.y;
    row.forEach(([name, text], column) => {
      const left = MARGIN + column * (each + GAP);
      paper
        .font("text")
        .fontSize(size)
        .text(name, left, top, { width: named - GAP });
      paper.font("figure").text(text, left + named, top, { width: each - named });
    });
    paper.x = MARGIN;
    paper.y = top + height + 1;
  }
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

/** Side of a box that is ticked by hand, points. */
const BOX = 9;

/** A box to tick at the left margin, ticked where it is done. */
export function tickBox(paper: Paper, top: number, done: boolean): void {
  paper
    .lineWidth(0.8)
    .rect(MARGIN, top + 1, BOX, BOX)
    .stroke();
  if (!done) return;
  paper
    .moveTo(MARGIN + 2, top + 5)
    .lineTo(MARGIN + 4, top + 8)
    .lineTo(MARGIN + 8, top + 2)
    .stroke();
}
