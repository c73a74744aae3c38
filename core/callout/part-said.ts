import { isMadeOf, type Finish } from "../catalogue/looks";
import type { CalloutProblem } from "./fastener-spec";
import { holdingBolts, type ReadWith } from "./pieces";
import { styleOf } from "./read-nut";
import { styleOfKinds, type KindRow } from "./kinds";
import type { Meaning } from "./meaning";
import type { ThreadAndLength } from "./read-thread";
import type { Said } from "./said";
import type { Item } from "./sections";
import { AGAINST, type Reading } from "./weigh";

type Role = Meaning["role"];

/** How many marks of each role a part has a place for; what is said more often is named. */
export type Places = Readonly<Record<Role, number>>;

/** Places that every part has. */
export const PLACES_OF_ALL = {
  part: 1,
  quantity: 1,
  tolerance: 1,
  pitch: 1,
  tpi: 1,
  hardness: 0,
  thickness: 0,
  fit: 0,
  "pin-number": 0,
  class: 1,
  finish: 1,
  kind: Infinity,
  "own-kind": 1,
  standard: Infinity,
  "left-hand": Infinity,
  with: Infinity,
  for: 1,
  thread: Infinity,
  nothing: Infinity,
  "not-held": Infinity,
} as const satisfies Places;

/** Marks for which the part has no place, but for those that say again what is said. */
export function withoutPlace(
  said: Said,
  places: Places,
  saysAgain: (means: Meaning, first: Meaning) => boolean,
): readonly Item[] {
  const first = new Map<Role, Meaning>();
  const count = new Map<Role, number>();
  return said.items.filter(({ mark }) => {
    if (mark === undefined) return false;
    const { means } = mark;
    const taken = count.get(means.role) ?? 0;
    const before = first.get(means.role);
    if (before === undefined) first.set(means.role, means);
    if (before !== undefined && saysAgain(means, before)) return false;
    count.set(means.role, taken + 1);
    return taken >= places[means.role];
  });
}

/** What it is coated with or made of: the first that is said. */
export const finishOf = (said: Said): Finish | undefined => said.all("finish")[0]?.means.finish;

/** How many are wanted, where that was said. */
export function quantityOf(said: Said): { readonly quantity?: number } {
  const quantity = said.all("quantity")[0]?.means.count;
  return quantity === undefined ? {} : { quantity };
}

/** The call-out, with the standards and the number that are said of this part. */
export const readWithOf = (read: string, said: Said): ReadWith => ({
  read,
  standards: said.all("standard").map(({ means }) => means.standard),
  ...quantityOf(said),
});

/** What part is meant by its kinds; those that are not of one style are handed back. */
export interface Styled<Style> {
  readonly style: Style;
  readonly unplaced: readonly Item[];
}

/** Kinds that every plain part may have said of it. */
const SAYS_NO_MORE: ReadonlySet<string> = new Set(["hex", "full"]);

/** The kinds that are said of a part, each with its item. */
export const kindsOf = (said: Said): readonly { readonly kind: string; readonly item: Item }[] => [
  ...said.all("kind").map(({ means, item }) => ({ kind: means.kind, item })),
  ...said
    .all("part")
    .flatMap(({ means, item }) => (means.kind === undefined ? [] : [{ kind: means.kind, item }])),
];

/** The style that its words say, or a standard where those say none. */
export function styled<Style extends string>(
  said: Said,
  rows: readonly KindRow<Style>[],
  plain: Style,
  defined: Style | undefined,
): Styled<Style> {
  const own = said.all("own-kind")[0]?.means.style as Style | undefined;
  const kinds = kindsOf(said);
  const style = styleOfKinds(
    rows,
    kinds.map(({ kind }) => kind),
  );
  const odd = style === undefined ? kinds.filter(({ kind }) => !SAYS_NO_MORE.has(kind)) : [];
  return { style: styleOf(style, own, defined, plain), unplaced: odd.map(({ item }) => item) };
}

/** What speaks against a number that only a comma tells. */
function againstCount(said: Said): number {
  const byComma = said.all("quantity")[0]?.means.byComma === true;
  return byComma && !said.isOfSeveral() ? AGAINST.countOfOne : 0;
}

/**
 * What of a part is left out, in the words it was written in, and what speaks against reading it so.
 * @param extra marks that the part has no place for
 */
export function leftOut(
  said: Said,
  { unplaced }: Styled<string>,
  extra: readonly Item[],
): { readonly unknown: readonly string[]; readonly against: number } {
  return {
    unknown: said.unplaced([...unplaced, ...extra]),
    against:
      extra.length * AGAINST.unplaced +
      (unplaced.length > 0 ? AGAINST.kinds : 0) +
      againstCount(said),
  };
}

/** A part that no table holds, or one of two metals: that is answered before its size is looked for. */
export function refused(read: string, said: Said): Reading | undefined {
  const [notHeld] = said.all("not-held");
  const ofOthers = said.all("standard").map(({ means }) => means.standard.notHeld);
  const part =
    notHeld === undefined
      ? ofOthers.find((one) => one !== undefined)
      : said.written(notHeld.item.from, notHeld.item.to);
  if (part !== undefined) {
    return { result: { code: "callout-not-held", read, part }, cost: AGAINST.notHeld };
  }
  const metals = new Set(
    said
      .all("finish")
      .map(({ means }) => means.finish)
      .filter(isMadeOf),
  );
  const [one, other] = metals;
  return one === undefined || other === undefined
    ? undefined
    : {
        result: { code: "callout-two-metals", read, metals: [one, other] },
        cost: AGAINST.notHeld,
      };
}

/** What a size that is not one thread is answered with. */
export function sizeProblem(
  read: string,
  sized: Exclude<ThreadAndLength, { kind: "found" }>,
  unknown: readonly string[],
): Reading {
  const cost = sized.kind === "choices" ? AGAINST.choices : AGAINST.noThread;
  const problem = (): CalloutProblem => {
    if (unknown.length > 0) return { code: "callout-not-understood", read, words: unknown };
    switch (sized.kind) {
      case "choices":
        return { code: "callout-which-thread", read, threads: holdingBolts(sized.threads) };
      case "length-unreadable":
        return { code: "callout-not-understood", read, words: [sized.length] };
      case "problem":
        return { code: "callout-thread", read, problem: sized.problem };
    }
  };
  return { result: problem(), cost };
}
