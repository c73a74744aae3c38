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
  "cadmium",
] as const;

export type Finish = (typeof FINISHES)[number];
