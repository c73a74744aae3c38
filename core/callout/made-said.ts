import type { Finish } from "../catalogue/looks";
import type { Meaning } from "./meaning";
import { finishOf } from "./part-said";
import type { Said } from "./said";
import type { Item } from "./sections";

/** A steel of parts that have no strength class: "A4", "316". */
function steelOf(means: Meaning | undefined): string | undefined {
  if (means?.role !== "class" || means.named.by !== "steel") return undefined;
  return means.named.strength === undefined ? means.named.steel : undefined;
}

/** What a part without a strength class is made of and coated with, and a class that it cannot have. */
export interface MadeSaid {
  readonly made: { readonly finish?: Finish; readonly steel?: string };
  readonly unplaced: readonly Item[];
}

/** Reads finish and steel of a washer, a pin or a plug. */
export function madeSaid(said: Said): MadeSaid {
  const [steel] = said.all("class");
  const ofSteel = steelOf(steel?.means);
  if (ofSteel !== undefined) return { made: { finish: "stainless", steel: ofSteel }, unplaced: [] };
  const finish = finishOf(said);
  return {
    made: finish === undefined ? {} : { finish },
    unplaced: steel === undefined ? [] : [steel.item],
  };
}

/** The same finish by another name says nothing new. */
export const sameFinish = (means: Meaning, first: Meaning): boolean =>
  means.role === "finish" && first.role === "finish" && first.finish === means.finish;
