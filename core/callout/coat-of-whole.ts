import type { Finish } from "../catalogue/looks";
import { isCoat } from "./coats";
import type { Said } from "./said";

/**
 * A coat that is said last, straight behind what goes with a part, and nowhere before, is on the whole: "nut and washer,
 * zinc".
 */
export function coatOfWhole(all: readonly Said[]): Finish | undefined {
  const last = all.at(-1);
  const [coat, ...others] = all.flatMap((said) => said.all("finish"));
  const noun = last?.all("part").at(-1)?.item;
  if (all.length < 2 || last === undefined || coat === undefined || noun === undefined) {
    return undefined;
  }
  const behind = last.items.filter(({ from }) => from >= noun.to);
  const isStraight = behind.at(-1) === coat.item && behind.slice(0, -1).every(({ mark }) => !mark);
  return others.length === 0 && isStraight && isCoat(coat.means.finish)
    ? coat.means.finish
    : undefined;
}
