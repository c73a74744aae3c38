import { isMadeOf, type Finish } from "../catalogue/looks";
import { FINISH_PHRASES } from "./phrases";

const METALS = FINISH_PHRASES.filter(({ means }) => isMadeOf(means));

/** The metals that a part is said to be of, where those are two: one of them is wrong. */
export function twoMetals(text: string): readonly [Finish, Finish] | undefined {
  const said = METALS.filter(({ read }) => read.test(text)).map(({ means }) => means);
  const [one, other] = [...new Set(said)];
  return one === undefined || other === undefined ? undefined : [one, other];
}
