import type { Found, Meaning, Row } from "./meaning";
import { isSeries } from "./thread-words";

type Counting = (found: Found) => Meaning | undefined;
const count = (of: (figure: number) => number): Counting => {
  return ({ figures }): Meaning => ({ role: "quantity", count: of(Number(figures[0] ?? 1)) });
};
const each = count((figure) => figure);
const dozens = count((figure) => 12 * figure);

/** A figure straight before a series is a size: "6 UNC". */
const ofParts: Counting = (found) => (isSeries(found.next) ? undefined : each(found));
/** Fewer, between a size and a noun, are a size. */
const SEVERAL = 10;
const several: Counting = (found) => (Number(found.figures[0]) < SEVERAL ? undefined : each(found));
const listed: Counting = ({ figures }) => ({
  role: "quantity",
  count: Number(figures[0]),
  byComma: true,
});
/** Nothing else that stands at the end has so large a figure. */
const FEWEST = 13;
const many: Counting = (found) => (Number(found.figures[0]) < FEWEST ? undefined : each(found));

const PACK = "box|pack|bag|carton";
const SAID = "off|pcs|no|nr|each|ea|set|sets|unit|units|places|plcs";

/** How many; a figure that no word tells is read so only where nothing else fits as well. */
export const QUANTITY_ROWS: readonly Row[] = [
  ["M8 nut qty 20", ["( qty|quantity N )", "qty|quantity N"], each],
  ["box of 100 M5 nuts", [`${PACK} of|x? N`, "set of N"], each],
  ["M8 nuts 100/box", [`N per|a ${PACK}`, `N / ${PACK}`], each],
  ["M8 nuts 50 pack", ["N pack"], many],
  ["half a dozen M8 nuts", ["1/2 a? dozen of?"], { role: "quantity", count: 6 }],
  ["2 dozen M8 nuts", ["N dozen of?"], dozens],
  ["a dozen M8 nuts", ["a? dozen of?"], { role: "quantity", count: 12 }],
  ["a pair of M8 nuts", ["a? pair|couple of?"], { role: "quantity", count: 2 }],
  ["20 off M8 nut", [`( N ${SAID} )`, `N ${SAID} of?`, "^ N of"], each],
  ["M8 nut (20)", ["( x? N )"], each],
  ["M8 nuts, need 20", ["need|want N"], each],
  ["20 x M8 nut", ["^ N x", "^ N @", "^ x N"], each, 1],
  ["M8 x 20 nuts", ["x N"], several, 1],
  ["20 M8 nuts", ["^ N"], ofParts, 1],
  ["M8 nuts, 20", [", N $"], listed, 0.3],
  ["M8 nuts x 20", ["x N $"], each, 0.2],
  ["M8 nuts 2H - 16", ["- N $"], many, 2],
  ["M8 nuts 100", ["N $"], many, 2],
];
