import { SERIES_NAMES } from "../catalogue/threads";
import type { Token } from "./tokens";

const SERIES: ReadonlySet<string> = new Set(SERIES_NAMES.flatMap((name) => name.split(" ")));

/** Letters that stand with the figures of a thread or a length. */
const OF_FIGURES = new Set("m x mm in no p l tr pg ba uns ft".split(" "));

/** Whether a word is the name of a series: "unc", "brass". */
export const isSeries = (word: string | undefined): boolean =>
  word !== undefined && SERIES.has(word);

/** Whether a word belongs to the name of a thread: "unc", "tr". */
export const isOfThread = (word: string): boolean => OF_FIGURES.has(word) || SERIES.has(word);

/** Whether a letter is the class of a pipe thread, which stands behind its size: "G 1/2 A". */
export function isPipeClass(tokens: readonly Token[], at: number): boolean {
  if (!/^[ab]$/.test(tokens[at]?.text ?? "")) return false;
  let before = at - 1;
  while (tokens[before]?.kind === "number" || tokens[before]?.text === "-") before -= 1;
  return before < at - 1 && tokens[before]?.text === "g";
}
