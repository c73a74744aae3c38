import { findThread, type Thread } from "../catalogue/threads";
import { MM_PER_INCH } from "../measure";

/** The thread a test speaks of; a test that names none is wrong. */
export function named(text: string): Thread {
  const thread = findThread(text);
  if (thread === undefined) throw new Error(`no thread ${text}`);
  return thread;
}

/** Millimetres as inches to a number of decimals, as an inch table prints them. */
export function inInches(mm: number | undefined, decimals = 4): number {
  return Number(((mm ?? Number.NaN) / MM_PER_INCH).toFixed(decimals));
}
