import type { Duty, Environment, PartMetal } from "../circumstances";

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
