const VULGAR: ReadonlyMap<string, string> = new Map([
  ["¼", "1/4"],
  ["½", "1/2"],
  ["¾", "3/4"],
  ["⅛", "1/8"],
  ["⅜", "3/8"],
  ["⅝", "5/8"],
  ["⅞", "7/8"],
]);

/**
 * One spelling for what people and drawings write in several: crosses, inch marks, dashes, fractions in one sign, the
 * decimal comma and spaces of every kind. Case is left alone.
 */
export function oneSpelling(text: string): string {
  return text
    .replace(/\s+/gu, " ")
    .replace(
      /(\d ?)?([¼½¾⅛⅜⅝⅞])/g,
      (_, whole: string | undefined, sign: string) =>
        `${whole === undefined ? "" : `${whole.trim()} `}${VULGAR.get(sign) ?? ""}`,
    )
    .replace(/(\d),(\d)/g, "$1.$2")
    .replace(/[×*]/g, "x")
    .replace(/[″”“]|''|′′/g, '"')
    .replace(/[–—−‐‑]/g, "-")
    .replace(/⁄/g, "/")
    .trim();
}

/** More letters than this are no size, name or call-out: readers refuse them before they read. */
export const MOST_LETTERS = 200;

/** What was typed of a figure, whole or not yet, with its decimal comma as a point. */
export const withPoint = (text: string): string => text.trim().replace(",", ".");

/** A figure alone as it was typed, with a point or a comma: "1,5", " .75". NaN where it is none; nothing typed is none. */
export function plainFigure(text: string): number {
  const typed = withPoint(text);
  return typed === "" ? Number.NaN : Number(typed);
}
