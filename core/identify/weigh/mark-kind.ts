/** What kind of mark it is, as far as it speaks for a family. */
export type MarkKind =
  "metric-class" | "stainless" | "lines" | "letter" | "nut-marks" | "structural" | "none" | "maker";

const METRIC_CLASS =
  /^(0?(?:4\.[68]|5\.[68]|6\.8|8\.8|9\.8|10\.9|12\.9)|0?4|0?5|6|8|9|10|12|14H|22H|33H|45H)$/i;
const STAINLESS = /^(?:[AC][1-5](-?\d{2,3})?|F593[A-Z])$/i;
const LINES = /^lines:\s*([1-9])$/i;
/** Two marks on a nut's face by the angle between them, or six round it: SAE J995 and the clock face of ISO 898-2. */
const NUT_MARKS = /^(nut-angle:\s*\d{1,3}|nut-marks:\s*6)$/i;
const STRUCTURAL = /^(?:(a|307)\s?(325|490|307|574|449|a)|B7|B[CD])$/i;
const LETTER = /^letter:\s*[A-Z]{1,2}$/i;

/** A line under it or an arrow beside it tells another thing than the class. */
const BESIDE = /_|\bunderlined\b|[←→↑↓]|\barrow(?:ed)?\b/gi;

/**
 * Reads a mark as it is typed or picked: "8.8", "8.8 XYZ", "A2-70", "lines:3", "letter:R", "none". Letters beside a class
 * are its maker's; anything else alone is a maker's too.
 */
export function markKind(mark: string): MarkKind {
  const text = mark.replace(BESIDE, " ").trim();
  const whole = kindOf(text);
  if (whole !== "maker") return whole;
  const kinds = text.split(/\s+/).map(kindOf);
  const told = kinds.filter((kind) => kind !== "maker");
  return told.length === 1 ? (told[0] ?? "maker") : "maker";
}

function kindOf(text: string): MarkKind {
  if (/^none$/i.test(text)) return "none";
  if (METRIC_CLASS.test(text)) return "metric-class";
  if (STAINLESS.test(text)) return "stainless";
  if (LINES.test(text)) return "lines";
  if (NUT_MARKS.test(text)) return "nut-marks";
  if (STRUCTURAL.test(text)) return "structural";
  return LETTER.test(text) ? "letter" : "maker";
}
