import type { WorkMaterial } from "../holes";
import type { Damage } from "./damage";
import type { StepCaution, StepCode } from "./steps";

const OF_METAL: Readonly<Partial<Record<WorkMaterial, StepCaution>>> = {
  magnesium: "magnesium-fire",
  stainless: "work-hardens",
  brass: "snatches",
};

/** What has to be minded at a step, in this metal and with this behind it. */
export function cautionsAt(
  code: StepCode,
  { material, behind = false }: Pick<Damage, "material" | "behind">,
): readonly StepCaution[] {
  const ofMetal = OF_METAL[material];
  const metal = ofMetal === undefined ? [] : [ofMetal];
  switch (code) {
    case "protect":
      return ["chips-in-oilway"];
    case "align":
    case "centre":
      return ["clamp"];
    case "pilot":
    case "drill":
    case "left-drill":
    case "drill-out":
      return ["eyes", "no-gloves", ...metal];
    case "tap":
      return [...(behind ? (["chips-in-flutes"] as const) : []), "tap-shards", ...metal];
    case "clean":
      return ["brush-not-fingers"];
    case "tang":
      return ["eyes"];
    case "compound":
    case "cure":
      return ["gloves-and-air"];
    case "heat":
      return ["no-heat-near-seals", "hot-part", ...metal];
    case "shock":
    case "drive-in":
    case "tap-fingers":
    case "cut-nut":
    case "head-off":
    case "open-mate":
    case "deburr":
    case "countersink":
      return ["eyes"];
    case "nut-on":
    case "weld":
      return ["fire", "battery-off", "licensed-spark"];
    case "erode":
      return ["eyes", "hard-stub"];
    case "melt-in":
      return ["fumes", "hot-part"];
    case "guard-bore":
      return ["chips-in-oilway"];
    case "ask-floor":
      return ["through-floor"];
    case "extractor":
      return ["hard-stub"];
    case "depressurise":
      return ["relieve-pressure"];
    case "acknowledge":
    case "tighten":
      return ["maker-rules"];
    default:
      return [];
  }
}
