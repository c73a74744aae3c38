import { isMadeOf, type Finish } from "../catalogue/looks";
import { FINISH_PHRASES } from "./phrases";

/** What is put on a part after it is made; a plain part, or one of another metal, may go with others. */
export const isCoat = (finish: Finish | undefined) =>
  finish !== undefined && finish !== "plain" && !isMadeOf(finish);

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
