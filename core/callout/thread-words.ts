import { SERIES_NAMES } from "../catalogue/threads";

const SERIES: ReadonlySet<string> = new Set(SERIES_NAMES.flatMap((name) => name.split(" ")));

/** Letters that stand with the figures of a thread or a length. */
const OF_FIGURES = new Set("m x mm in no p l tr pg ba uns ft".split(" "));

/** Whether a word is the name of a series: "unc", "brass". */
export const isSeries = (word: string | undefined): boolean =>
  word !== undefined && SERIES.has(word);

/** Whether a word belongs to the name of a thread: "unc", "tr". */
export const isOfThread = (word: string): boolean => OF_FIGURES.has(word) || SERIES.has(word);
