import {
  USUAL_CIRCUMSTANCES,
  type Circumstances,
  type PartMetal,
} from "../../catalogue/circumstances";
import type { HoleMaterial } from "../joints";
import { companionsOf, type Companions } from "../replace";
import type { Mm } from "../../measure";
import { nearestThatWorks, type OtherWay } from "./nearest-that-works";
import { lookedAt, specify, type HoleToFill, type LookedAt, type Specification } from "./specify";

/** The metal a fastener touches, of what a hole is cut in. */
const METAL_OF: Readonly<Record<HoleMaterial, PartMetal>> = {
  steel: "steel",
  "cast-iron": "cast-iron",
  "aluminium-cast": "aluminium",
  "aluminium-wrought": "aluminium",
  magnesium: "magnesium",
  brass: "brass",
  plastic: "plastic",
};

/** What may be offered for a hole: only what satisfies every check, or the nearest thing that does. */
type HoleOffer =
  | { readonly kind: "this-screw" }
  | { readonly kind: "advised-length"; readonly lengthMm: Mm }
  | ({ readonly kind: "other-way" } & OtherWay)
  | { readonly kind: "none" };

/** A hole, what it was led to, the screw looked at for it, and what may be offered. */
export interface FilledHole {
  readonly hole: HoleToFill;
  readonly found: Specification;
  readonly looked: LookedAt;
  readonly circumstances: Circumstances;
  readonly companions: Companions;
  readonly offer: HoleOffer;
}

function offerFor(hole: HoleToFill, found: Specification, looked: LookedAt): HoleOffer {
  if (looked.works) return { kind: "this-screw" };
  const advised = lookedAt(hole, found);
  if (advised?.works === true) {
    return { kind: "advised-length", lengthMm: advised.seating.lengthMm };
  }
  const other = nearestThatWorks(hole);
  return other === undefined ? { kind: "none" } : { kind: "other-way", ...other };
}

/**
 * Leads from a hole to the screw that fills it, with its companions.
 * @param lengthMm a length to look at in the place of the one advised
 * @returns undefined while the hole's depth is not known, or where the thread holds no bolts
 */
export function fillHole(hole: HoleToFill, lengthMm?: Mm): FilledHole | undefined {
  const found = specify(hole);
  const looked = found === undefined ? undefined : lookedAt(hole, found, lengthMm);
  if (found === undefined || looked === undefined) return undefined;
  const circumstances = { ...USUAL_CIRCUMSTANCES, metal: METAL_OF[hole.material] };
  return {
    hole,
    found,
    looked,
    circumstances,
    companions: companionsOf(looked.spec, circumstances),
    offer: offerFor(hole, found, looked),
  };
}
