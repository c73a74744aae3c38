import type { Assignment } from "./assign";
import type { Mark, Meaning } from "./meaning";
import type { Token } from "./tokens";

/** A mark, or a token that is left to the thread and the lengths. */
export interface Item {
  readonly mark: Mark | undefined;
  readonly from: number;
  readonly to: number;
}

/** The items of an assignment in the order they were written. */
export function itemsOf({ marks, left }: Assignment): readonly Item[] {
  const all = [
    ...marks.map((mark): Item => ({ mark, from: mark.from, to: mark.to })),
    ...left.map((at): Item => ({ mark: undefined, from: at, to: at + 1 })),
  ];
  return all.sort((one, other) => one.from - other.from);
}

const roleOf = ({ mark }: Item): Meaning["role"] | undefined => mark?.means.role;

const partOf = ({ mark }: Item) => (mark?.means.role === "part" ? mark.means.part : undefined);

/** What is said of a part, and of each that goes with it. */
export interface Sections {
  readonly main: readonly Item[];
  readonly companions: readonly (readonly Item[])[];
}

const PARTING: ReadonlySet<string> = new Set([",", "/"]);

const isParting = (item: Item, tokens: readonly Token[]) =>
  roleOf(item) === "with" ||
  (item.mark === undefined && PARTING.has(tokens[item.from]?.text ?? ""));

/** Items as they are parted by joining words, commas and strokes, each part with what stands before it. */
function chunksOf(items: readonly Item[], tokens: readonly Token[]): readonly (readonly Item[])[] {
  const chunks: Item[][] = [];
  for (const item of items) {
    const parts = isParting(item, tokens);
    const last = chunks.at(-1);
    if (parts || last === undefined) chunks.push([item]);
    else last.push(item);
  }
  return chunks;
}

const saysWasher = (chunk: readonly Item[]) => chunk.some((item) => partOf(item) === "washer");
/** "Flat and spring washers": a kind alone, whose noun stands behind the next. */
const saysKindAlone = (chunk: readonly Item[]) =>
  chunk.slice(1).length > 0 &&
  chunk.slice(1).every((item) => roleOf(item) === "kind" || roleOf(item) === "quantity");

/**
 * Parts what goes with a part from it: "M8 nut with flat and spring washers, zinc". A washer begins at a joining word or a
 * comma; what follows without a noun of its own belongs to what stands before it.
 */
export function sectionsOf(items: readonly Item[], tokens: readonly Token[]): Sections {
  const noun = items.findIndex((item) => partOf(item) !== undefined);
  if (noun < 0 || partOf(items[noun] as Item) === "washer") return { main: items, companions: [] };
  const main = [...items.slice(0, noun + 1)];
  const companions: Item[][] = [];
  const chunks = chunksOf(items.slice(noun + 1), tokens);
  chunks.forEach((chunk, at) => {
    const begins = chunk[0] !== undefined && isParting(chunk[0], tokens);
    const isKind = saysKindAlone(chunk) && chunks.slice(at + 1).some(saysWasher);
    if (begins && (saysWasher(chunk) || isKind)) companions.push(chunk.slice(1));
    else (companions.at(-1) ?? main).push(...chunk);
  });
  return { main, companions };
}
