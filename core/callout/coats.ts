import type { Finish } from "../looks";
import { FINISH_PHRASES } from "./phrases";

const UNCOATED: ReadonlySet<Finish> = new Set(["plain", "stainless", "brass"]);

/** What is put on a part after it is made; a plain, a stainless or a brass part may go with others. */
export const isCoat = (finish: Finish | undefined) => finish !== undefined && !UNCOATED.has(finish);

const COATS = FINISH_PHRASES.filter(({ means }) => isCoat(means));

/** Whether a coat is said anywhere in a text. */
export const saysCoat = (text: string) => COATS.some(({ read }) => read.test(text));

/** The coat that is said last, straight behind a nut or a washer: "flat washer, zinc". */
export function coatAtEnd(text: string): string | undefined {
  const found = COATS.map(({ read }) => read.exec(text)).find(
    (one) => one !== null && one.index + one[0].length === text.length,
  );
  const before = text.slice(0, found?.index ?? 0);
  return /(?:nuts?|washers?)[ ,-]*$/i.test(before) ? found?.[0] : undefined;
}
