export const ORDER_SENTENCES = {
  nothing: "Nothing is to be ordered. A position is put on the list by its state, To order.",
  paperHead: "Root Gauge order",
  noSpec: "Nobody has said what goes in there, so it is on no line:",
  sparesHint: "Spares for every hundred, and at the least of each line",
  arrived: "Arrived: put every position of this line on hand",
  notArrived: "Not arrived after all: put every position of this line back to be ordered",
  keep: "Keep this list: as an order that can be changed and quoted",
  nameWanted: "Nothing was read. An order needs a name.",
  noLines: "No line yet. Add one by its call-out.",
  addHint: "M8 washer, zinc; or a place, by its name",
  lineWanted: "Nothing was read. A line needs a call-out.",
  countWanted: "Read as no number. A whole number from 0 to 99999 is wanted, or nothing.",
  asksTheRule: "By rule",
  instead: "What would do instead, with a stroke between two",
  quoteHint: "What each line costs, how it comes and when it is here; nothing is ordered by it",
  asking: "Asking the supplier. It is asked up to three times; that may take some seconds.",
  quotedForFewer: "Quoted for fewer than are ordered now. Ask again.",
  notQuoted: "Not quoted. Ask again.",
  pricesWhere: "Prices are the supplier’s, in no country’s money.",
} as const;

/** How many more are ordered, and by how many they come: "10 % spare, at least 2, in packs of 25". */
export function orderRuleWords(rule: {
  readonly sparesPercent: number;
  readonly sparesAtLeast: number;
  readonly pack: number;
}): string {
  const { sparesPercent, sparesAtLeast, pack } = rule;
  return `${sparesPercent} % spare, at least ${sparesAtLeast}${pack === 1 ? "" : `, in packs of ${pack}`}`;
}

/** How many of a line are ordered, and why: "14: 12 needed, 2 spare"; in packs where they come so. */
export function orderedWords(
  {
    needed,
    spares,
    ordered,
    packs,
    onShelf = 0,
    byHand = false,
  }: {
    readonly needed: number;
    readonly spares: number;
    readonly ordered: number;
    readonly packs: number;
    readonly onShelf?: number;
    /** Whether how many are ordered was typed, and no rule was asked. */
    readonly byHand?: boolean;
  },
  pack: number,
): string {
  const why = [
    `${needed} needed`,
    ...(spares === 0 || byHand ? [] : [`${spares} spare`]),
    ...(onShelf === 0 ? [] : [`${onShelf} on the shelf`]),
    ...(byHand ? ["set by hand"] : []),
  ].join(", ");
  return pack > 1 ? `${packs} × ${pack} = ${ordered}: ${why}` : `${ordered}: ${why}`;
}

/** What of a quotation a line says. */
export interface QuotedRecord {
  readonly state: "stocked" | "out" | "not-sold";
  readonly pack: number;
  readonly packs: number;
  readonly price: number;
  readonly days: number;
}

const untilWords = (days: number) => {
  if (days === 0) return "here today";
  return days === 1 ? "here in 1 day" : `here in ${days} days`;
};

/** What a supplier says of a line: "In stock: 2 packs of 50, 3.10 a pack, here in 2 days". */
export function quotedWords({ state, pack, packs, price, days }: QuotedRecord): string {
  if (state === "not-sold") return "Not sold there";
  const priceWords = `${price.toFixed(2)} ${pack === 1 ? "each" : "a pack"}`;
  const of = pack === 1 ? "loose" : `in packs of ${pack}`;
  if (state === "out") return `None in stock: ${of}, ${priceWords}, ${untilWords(days)}`;
  const how =
    pack === 1 ? `${packs} loose` : `${packs} ${packs === 1 ? "pack" : "packs"} of ${pack}`;
  return `In stock: ${how}, ${priceWords}, ${untilWords(days)}`;
}

/** What all lines in stock cost together, and how many are not: "Together 12.40; 1 line is not in stock". */
export function quotationWords(lines: readonly QuotedRecord[]): string {
  const stocked = lines.filter(({ state }) => state === "stocked");
  const total = stocked.reduce((sum, { packs, price }) => sum + packs * price, 0);
  const missing = lines.length - stocked.length;
  if (missing === 0) return `Together ${total.toFixed(2)}`;
  const are = missing === 1 ? "1 line is" : `${missing} lines are`;
  return `Together ${total.toFixed(2)}; ${are} not in stock`;
}

/** How many places are left out of a list since they stand on an order: "3 more places stand on orders that are kept". */
export function onKeptWords(count: number): string {
  return count === 1
    ? "1 more place stands on an order that is kept."
    : `${count} more places stand on orders that are kept.`;
}

/** How many lines of an order have arrived: "2 of 5 lines arrived". */
export function arrivedWords(arrived: number, lines: number): string {
  return `${arrived} of ${lines} ${lines === 1 ? "line" : "lines"} arrived`;
}
