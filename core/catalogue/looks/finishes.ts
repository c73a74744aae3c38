/** What a part is coated with, or made of instead. */
export const FINISHES = [
  "plain",
  "phosphate",
  "zinc",
  "zinc-yellow",
  "zinc-flake",
  "nickel",
  "galvanised",
  "stainless",
  "brass",
  "aluminium",
  "titanium",
  "plastic",
  "cadmium",
] as const;

export type Finish = (typeof FINISHES)[number];

/** What a part is made of instead of steel, and not coated with. */
const METALS_OF_PARTS = [
  "stainless",
  "brass",
  "aluminium",
  "titanium",
  "plastic",
] as const satisfies readonly Finish[];

const MADE_OF: ReadonlySet<Finish> = new Set(METALS_OF_PARTS);

/** Whether a finish is no coat: the part is of another metal than steel. */
export function isMadeOf(finish: Finish | undefined): boolean {
  return finish !== undefined && MADE_OF.has(finish);
}

/** Whether a part is of a metal whose strength no class of steel tells: anything but steel and stainless. */
export function isNoSteel(finish: Finish | undefined): boolean {
  return isMadeOf(finish) && finish !== "stainless";
}
