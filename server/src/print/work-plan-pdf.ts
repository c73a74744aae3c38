import type { Drawing, Units } from "@root-gauge/core";
import {
  damageFrom,
  repairWork,
  takesMetal,
  type Damage,
  type RepairWork,
} from "@root-gauge/core/mend/repair";
import { holeDrawing } from "@root-gauge/core/draw/hole";
import {
  planPaperWords,
  type PaperStep,
  type PlanLine,
  type PlanPaper,
} from "@root-gauge/core/say/mend";
import { paperScaleWords } from "@root-gauge/core/say/charts";
import { POINTS_A_UNIT, drawMarks, type Paper } from "./draw-marks";
import {
  MARGIN,
  bytesOf,
  cautionBox,
  factColumns,
  keepTogether,
  laidOutToFit,
  openPaper,
  tickBox,
  widthOf,
  writeFeet,
  type PrintFonts,
} from "./paper";
import type { PlanRequest } from "./print-request";

export interface PrintedPlan extends PlanRequest {
  readonly fonts: PrintFonts;
}

const DRAWING_HEIGHT = 150;
/** Sizes of text that are tried, points: the largest with which the plan is one page. */
const SIZES = [10, 9, 8, 7.5, 7] as const;
const LEFT = 22;

/** The hole as it is, and as it will be, side by side. */
function drawings(paper: Paper, damage: Damage, work: RepairWork, units: Units): void {
  const { x, y } = { x: MARGIN, y: paper.y };
  const each = widthOf(paper) / 2;
  const room = { width: each / POINTS_A_UNIT, height: DRAWING_HEIGHT / POINTS_A_UNIT };
  const after = work.chosen ?? (work.tapping?.kind === "plan" ? work.tapping : undefined);
  const view = { figures: units, ...(after === undefined ? {} : { after }) };
  const sides: readonly (readonly [string, Drawing])[] = [
    ["As it is", holeDrawing(damage, { ...view, only: "before" }, room)],
    ["As it will be", holeDrawing(damage, { ...view, only: "after" }, room)],
  ];
  sides.forEach(([name, drawn], at) => {
    drawMarks(paper, drawn, { x: x + at * each, y: y + 10 });
    paper
      .font("text")
      .fontSize(8)
      .text(`${name}, ${paperScaleWords(drawn.scale)}`, x + at * each, y, { width: each - 8 });
  });
  paper.x = MARGIN;
  paper.y = y + DRAWING_HEIGHT + 12;
}

function step(paper: Paper, { number, title, text, caution, done }: PaperStep, size: number): void {
  const width = widthOf(paper) - LEFT;
  const whole = `${number}  ${title}. ${caution} ${text}`;
  const lines = paper.font("figure").fontSize(size).heightOfString(whole, { width });
  keepTogether(paper, lines + (done === "" ? 0 : size + 2));
  const top = paper.y;
  tickBox(paper, top, done !== "");
  paper
    .font("figure")
    .fontSize(size)
    .text(`${number}  ${title}. `, MARGIN + LEFT, top, {
      width,
      continued: true,
    });
  if (caution !== "") paper.font("figure").text(`${caution} `, { width, continued: true });
  paper.font("text").text(text, { width });
  if (done !== "")
    paper
      .font("figure")
      .fontSize(size - 1)
      .text(done, MARGIN + LEFT, paper.y, { width });
  paper.y += 2;
}

function heading(paper: Paper, text: string, size: number): void {
  keepTogether(paper, 3 * size);
  paper
    .font("figure")
    .fontSize(size + 2)
    .text(text, MARGIN, paper.y + 4);
}

function refusedLines(paper: Paper, lines: readonly PlanLine[], size: number): void {
  if (lines.length === 0) return;
  heading(paper, "Refused here", size);
  for (const [name, text] of lines) {
    paper
      .font("figure")
      .fontSize(size - 1)
      .text(`${name}: `, MARGIN, paper.y, { continued: true });
    paper.font("text").text(text);
  }
}

/** What was written at the end, with room to write by hand. */
function ending(paper: Paper, lines: readonly PlanLine[], size: number): void {
  paper.y += 4;
  for (const [name, text] of lines) {
    keepTogether(paper, 2 * size);
    const top = paper.y + 3;
    paper.font("text").fontSize(size).text(name, MARGIN, top, { width: 90 });
    paper
      .font("figure")
      .text(text === "" ? " " : text, MARGIN + 94, top, { width: widthOf(paper) - 94 });
    paper
      .lineWidth(0.4)
      .moveTo(MARGIN + 94, paper.y)
      .lineTo(MARGIN + widthOf(paper), paper.y)
      .stroke();
  }
}

interface Laid {
  readonly paper: Paper;
  readonly words: PlanPaper;
  readonly damage: Damage;
  readonly work: RepairWork;
}

function write({ paper, words, damage, work }: Laid, printed: PrintedPlan, size: number): void {
  const { units } = printed;
  const width = widthOf(paper);
  paper.font("text").fontSize(9).text("Root Gauge work plan", { width });
  paper.font("figure").fontSize(18).text(words.title, { width });
  paper.font("text").fontSize(size).text(words.subtitle, { width });
  paper.y += 3;
  cautionBox(paper, words.cautions, size);
  if (takesMetal(damage)) drawings(paper, damage, work, units);
  factColumns(paper, words.facts, size);
  heading(paper, "Steps", size);
  for (const one of words.steps) step(paper, one, size);
  refusedLines(paper, words.refused, size);
  ending(paper, words.ending, size);
}

/** A work plan on paper, A4: cautions, the hole before and after, figures, steps with boxes to tick, on one page where it fits. */
export async function workPlanPdf(printed: PrintedPlan): Promise<Buffer> {
  const { record, units, title, printedOn, fonts } = printed;
  const damage = damageFrom(record.damage);
  if (damage === undefined) throw new TypeError("the thread of the damage is not held");
  const work = repairWork(damage, record.choice);
  const words = planPaperWords(work, damage, record, units);
  const paper = laidOutToFit(SIZES, (size) => {
    const opened = openPaper(words.title, fonts);
    write({ paper: opened, words, damage, work }, printed, size);
    return opened;
  });
  writeFeet(paper, [words.title, title, printedOn.toISOString().slice(0, 10)]);
  const bytes = bytesOf(paper);
  paper.end();
  return bytes;
}
