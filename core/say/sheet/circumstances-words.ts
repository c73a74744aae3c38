import type { Circumstances, Duty, Environment, PartMetal } from "../../catalogue/circumstances";

export const DUTY_WORDS: Readonly<Record<Duty, string>> = {
  ordinary: "Ordinary",
  vibrating: "It vibrates",
  "safety-critical": "Safety hangs on it",
  pressure: "Holds pressure",
  electrical: "Carries current or earth",
};

export const ENVIRONMENT_WORDS: Readonly<Record<Environment, string>> = {
  indoor: "indoors",
  outdoor: "outdoors",
  wet: "wet",
  marine: "by the sea",
  hot: "hot",
  food: "near food",
};

export const PART_METAL_WORDS: Readonly<Record<PartMetal, string>> = {
  steel: "steel",
  "cast-iron": "cast iron",
  aluminium: "aluminium",
  magnesium: "magnesium",
  brass: "brass",
  stainless: "stainless",
  plastic: "plastic",
};

/** What goes in somewhere, and what it has to do there: "M10 x 40 hex bolt 8.8, Safety hangs on it, indoors, steel". */
export function goesInWords(
  callout: string,
  { duty, environment, metal }: Circumstances,
  acknowledgedAt: string | null,
): string {
  const where = [DUTY_WORDS[duty], ENVIRONMENT_WORDS[environment], PART_METAL_WORDS[metal]];
  const said = acknowledgedAt === null ? [] : ["caution acknowledged"];
  return [callout, ...where, ...said].join(", ");
}
