import { isTyping } from "../kit/is-typing";

/** The keys of the wide bench. A field that has the focus keeps its own keys. */
export const BENCH_KEYS = [
  { key: "d", does: "read the diameter, or the bore" },
  { key: "p", does: "read the pitch" },
  { key: "l", does: "read the length" },
  { key: "h", does: "read the head mark" },
  { key: "a", does: "read across the flats" },
  { key: "f", does: "give the form and the origin" },
  { key: "t", does: "try a known part" },
  { key: "c", does: "compare two" },
  { key: "n", does: "go to the next test" },
  { key: "z", does: "undo" },
  { key: "u", does: "flip mm and in" },
  { key: "w", does: "write it up" },
  { key: "/", does: "find a thread, or order a part" },
  { key: "?", does: "show these keys" },
] as const;

export type BenchKey = (typeof BENCH_KEYS)[number]["key"];

/** The bench key that was pressed, unless a field has the focus or a modifier is held. */
export function benchKeyOf(event: KeyboardEvent): BenchKey | undefined {
  if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return undefined;
  return BENCH_KEYS.find(({ key }) => key === event.key)?.key;
}
