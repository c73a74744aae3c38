import type { NutStyle, WasherStyle } from "../catalogue/fasteners";
import type { Drive, Finish, HeadStyle } from "../catalogue/looks";

/** What a word of the shop stands for. */
export type OwnMeaning =
  | { readonly kind: "head"; readonly head: HeadStyle }
  | { readonly kind: "drive"; readonly drive: Drive }
  | { readonly kind: "finish"; readonly finish: Finish }
  | { readonly kind: "nut"; readonly style: NutStyle }
  | { readonly kind: "washer"; readonly style: WasherStyle }
  /** It tells nothing that matters to the part. */
  | { readonly kind: "nothing" };

/** A word that a workshop has taught its readers. */
export interface OwnWord {
  readonly word: string;
  readonly means: OwnMeaning;
}

/** The first of the shop's words that has a meaning of this kind. */
export function ownMeaning<Kind extends OwnMeaning["kind"]>(
  words: readonly OwnWord[],
  kind: Kind,
): Extract<OwnMeaning, { kind: Kind }> | undefined {
  return words
    .map(({ means }) => means)
    .find((means): means is Extract<OwnMeaning, { kind: Kind }> => means.kind === kind);
}
