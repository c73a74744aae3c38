/** What kind of mark it is, as far as it speaks for a family. */
export const MARK_KINDS = [
  "metric-class",
  "stainless",
  "lines",
  "letter",
  "nut-marks",
  "structural",
  "none",
  "maker",
] as const;

export type MarkKind = (typeof MARK_KINDS)[number];

const METRIC_CLASS =
  /^(4\.[68]|5\.[68]|6\.8|8\.8|9\.8|10\.9|12\.9|0?4|0?5|6|8|9|10|12|14H|22H|33H|45H)$/i;
const STAINLESS = /^[AC][1-5](-?\d{2,3})?$/i;
const LINES = /^lines:\s*([1-9])$/i;
/** Two marks on a nut's face by the angle between them, or six round it: SAE J995 and the clock face of ISO 898-2. */
const NUT_MARKS = /^(nut-angle:\s*\d{1,3}|nut-marks:\s*6)$/i;
const STRUCTURAL = /^(a|307)\s?(325|490|307|574|a)$/i;
const LETTER = /^letter:\s*[A-Z]{1,2}$/i;

/** Reads a mark as it is typed or picked: "8.8", "A2-70", "lines:3", "letter:R", "none". Anything else is a maker's. */
export function markKind(mark: string): MarkKind {
  const text = mark.trim();
  if (/^none$/i.test(text)) return "none";
  if (METRIC_CLASS.test(text)) return "metric-class";
  if (STAINLESS.test(text)) return "stainless";
  if (LINES.test(text)) return "lines";
  if (NUT_MARKS.test(text)) return "nut-marks";
  if (STRUCTURAL.test(text)) return "structural";
  return LETTER.test(text) ? "letter" : "maker";
}
