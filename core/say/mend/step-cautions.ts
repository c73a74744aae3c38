import type { StepCaution } from "../../mend/repair";

export const STEP_CAUTION_WORDS: Readonly<Record<StepCaution, string>> = {
  "maker-rules": "The maker’s data rules.",
  "chips-in-oilway":
    "Chips in an oilway ruin more than the thread. A magnet does not lift aluminium.",
  "chips-in-flutes":
    "Grease in the flutes holds the chips: wind out and wipe every two turns. What falls in is not got out.",
  clamp: "Clamp it: a drill snatches at breakthrough.",
  eyes: "Glasses on.",
  "no-gloves":
    "No gloves, sleeves, rings or long hair near a turning drill; the key out of the chuck.",
  "magnesium-fire":
    "Magnesium chips burn: never water, dry sand at hand, tools sharp, no grinder near.",
  "tap-shards": "A tap that breaks throws shards.",
  "brush-not-fingers": "A brush, not fingers or breath.",
  "gloves-and-air": "Gloves for the compound, and fresh air.",
  "no-heat-near-seals": "No heat near seals, fuel or plated parts.",
  "hard-stub": "A broken extractor is harder than any drill.",
  "relieve-pressure": "Open nothing under pressure.",
  "work-hardens": "Never let a tool rub: it work-hardens.",
  snatches: "Brass snatches: flatten the drill’s lips.",
  fire: "Nothing that burns within reach; an extinguisher and a second pair of eyes.",
  "hot-part": "It stays hot: gloves for it, and a sign beside it.",
  "battery-off": "Battery off, electronics unplugged, the earth clamp beside the weld.",
  "licensed-spark": "Welding is for who has learnt it.",
  fumes: "Fresh air: hot plastic fumes.",
  "through-floor": "Stop if the part is thinner: a drill through the floor cannot be undone.",
};
