import { standardOf } from "./standards";
import type { Mark } from "./meaning";
import { asWritten, type Token } from "./tokens";

const BODIES: ReadonlySet<string> = new Set([
  ...["bs", "din", "en", "iso", "asme", "ansi", "jis", "as", "gb", "sae", "gb/t"],
]);
/** What stands between the letters of a body and its number. */
const BETWEEN: ReadonlySet<string> = new Set(["-", "/", "t", "nzs"]);
const LETTERED: ReadonlySet<string> = new Set(["b", "j"]);
const FORMS: ReadonlySet<string> = new Set(["a", "b", "c", "d", "e", "j", "v"]);

const isNumber = (token: Token | undefined, glued = false): token is Token =>
  token?.kind === "number" && (!glued || token.glued);

/** Behind the points of a number: "18.2.2". */
function endOfNumber(tokens: readonly Token[], from: number): number {
  let at = from + 1;
  while (isNumber(tokens[at], true) && /^\./.test(tokens[at]?.text ?? "")) at += 1;
  return at;
}

/** No class of a steel has so high a figure: "DIN 934 A2" is of a steel, "DIN 125 A10" of a form. */
const HIGHEST_STEEL = 5;

/** "DIN 439 B", "DIN 127 B10": the letter of a form, before a size or by itself. */
function isForm(tokens: readonly Token[], at: number): boolean {
  const [form, behind] = [tokens[at], tokens[at + 1]];
  if (form?.kind !== "word" || !FORMS.has(form.text)) return false;
  if (behind?.glued !== true) return true;
  return behind.kind === "number" && Number(behind.text) > HIGHEST_STEEL;
}

/** Behind a part, a form and a year: "-1", "B", ":2015". */
function endOfTail(tokens: readonly Token[], from: number, number: string): number {
  let at = from;
  const [sign, figure, next] = [tokens[at], tokens[at + 1], tokens[at + 2]];
  const parts = number === "14399" ? /^\d{1,2}$/ : /^[12]$/;
  const isPart =
    /^[-/]$/.test(sign?.text ?? "") &&
    isNumber(figure, true) &&
    parts.test(figure.text) &&
    !(next?.glued === true && next.kind !== "sign");
  if (isPart) at += 2;
  const dash = tokens[at]?.text === "-" && tokens[at + 1]?.glued === true ? 1 : 0;
  if (isForm(tokens, at + dash) || (number === "440" && tokens[at]?.text === "r")) at += dash + 1;
  const year = tokens[at + 1];
  const isYear = /^[-:]$/.test(tokens[at]?.text ?? "") && /^(?:19|20)\d\d$/.test(year?.text ?? "");
  return isYear ? at + 2 : at;
}

/** The standard that begins at a place: "DIN 934", "BS EN ISO 4032:2012", "ASME B18.2.2". */
export function standardAt(tokens: readonly Token[], from: number): Mark | undefined {
  let at = from;
  while (BODIES.has(tokens[at]?.text ?? "") || (at > from && BETWEEN.has(tokens[at]?.text ?? ""))) {
    at += 1;
  }
  const american =
    at === from && tokens[at]?.text === "b" && /^18\./.test(tokens[at + 1]?.text ?? "");
  if (at === from && !american) return undefined;
  if (LETTERED.has(tokens[at]?.text ?? "")) at += 1;
  const number = tokens[at];
  if (!isNumber(number, american) || number.text.includes("/")) return undefined;
  at = endOfNumber(tokens, at);
  const metric = tokens[at];
  if (metric?.text === "m" && metric.glued && !isNumber(tokens[at + 1], true)) at += 1;
  at = endOfTail(tokens, at, number.text);
  const standard = standardOf(asWritten(tokens.slice(from, at)));
  return { from, to: at, means: { role: "standard", standard }, cost: 0 };
}
