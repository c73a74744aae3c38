import { amountsOf } from "@root-gauge/core/decide/order";
import { ORDER_SENTENCES, orderedWords } from "@root-gauge/core/say/record";
import { dutyWords, lineProblemWords } from "@root-gauge/core/say/sheet";
import type { Paper } from "./draw-marks";
import {
  MARGIN,
  bytesOf,
  keepTogether,
  openPaper,
  tickBox,
  widthOf,
  writeFeet,
  type PrintFonts,
} from "./paper";
import type { OrderRequest } from "./print-request";

/** Where the columns stand, points from the margin: a box to tick, how many, and the part. */
const COUNT = 22;
const PART = 74;
const SIZE = 11;

function line(
  paper: Paper,
  { lines, rule, places }: OrderRequest,
  at: number,
  problems: readonly string[],
): void {
  const one = lines[at];
  if (one === undefined) return;
  const amounts = amountsOf(one.needed, rule, one.onShelf, one.ordered);
  const { needed, onShelf } = one;
  const why = orderedWords(
    { ...amounts, needed, onShelf, byHand: one.ordered !== null },
    rule.pack,
  );
  const width = widthOf(paper) - PART;
  const there = one.positions.flatMap((id) => places.get(id) ?? []);
  const instead = one.alternates.map((callout) => `or ${callout}`).join("; ");
  const small = [
    why,
    instead,
    ...problems,
    there.map(({ where }) => where).join("; "),
    ...dutyWords(there.map(({ duty }) => duty)),
  ].filter((text) => text !== "");
  const height =
    paper.font("figure").fontSize(SIZE).heightOfString(one.callout, { width }) +
    small.reduce(
      (sum, text) => sum + paper.font("text").fontSize(8).heightOfString(text, { width }),
      10,
    );
  keepTogether(paper, height);
  const top = paper.y;
  tickBox(paper, top, one.arrived);
  paper
    .font("figure")
    .fontSize(SIZE)
    .text(String(amounts.ordered), MARGIN + COUNT, top, {
      width: PART - COUNT - 8,
      align: "right",
    });
  paper.text(one.callout, MARGIN + PART, top, { width });
  for (const text of small) {
    paper
      .font("text")
      .fontSize(8)
      .text(text, MARGIN + PART, paper.y, { width });
  }
  paper.y += 4;
  paper
    .lineWidth(0.3)
    .moveTo(MARGIN, paper.y)
    .lineTo(MARGIN + widthOf(paper), paper.y)
    .stroke();
  paper.y += 4;
}

/**
 * An order on paper, A4: a line a part with a box to tick, how many, what would do instead, where it goes, and what
 * hangs on the joint there.
 */
export async function orderPdf(request: OrderRequest, fonts: PrintFonts): Promise<Buffer> {
  const { title, lines, notes, printedOn } = request;
  const paper = openPaper(title, fonts);
  paper.font("text").fontSize(9).text(ORDER_SENTENCES.paperHead);
  paper.font("figure").fontSize(18).text(title);
  if (notes !== "") paper.font("text").fontSize(10).text(notes);
  paper.y += 10;
  const problems = lineProblemWords(lines);
  lines.forEach((_, at) => line(paper, request, at, problems[at] ?? []));
  writeFeet(paper, [title, printedOn.toISOString().slice(0, 10)]);
  const bytes = bytesOf(paper);
  paper.end();
  return bytes;
}
