import { isTyping } from "../kit/is-typing";

/** The keys of the wide bench, as they are listed. A field that has the focus keeps its own keys. */
export const BENCH_KEYS = [
  "d",
  "p",
  "l",
  "h",
  "a",
  "f",
  "t",
  "c",
  "n",
  "z",
  "u",
  "w",
  "/",
  "?",
] as const;

export type BenchKey = (typeof BENCH_KEYS)[number];

/** The bench key that was pressed, unless a field has the focus or a modifier is held. */
export function benchKeyOf(event: KeyboardEvent): BenchKey | undefined {
  if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return undefined;
  return BENCH_KEYS.find((key) => key === event.key);
}
