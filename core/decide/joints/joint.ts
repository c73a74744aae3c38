import type { Mm } from "../../measure";
import type { HoleMaterial } from "./materials";
import type { Tap } from "./tap-lead";

interface Clamped {
  /** Thickness clamped between head and nut, or head and the face of the hole; of a sunk head, from the surface. */
  readonly gripMm: Mm;
  /** Thickness of all washers together. */
  readonly washersMm?: Mm;
}

/** Head one side, nut the other. */
interface ThroughJoint extends Clamped {
  readonly kind: "through";
  readonly nutHeightMm: Mm;
}

/** The hole is tapped right through its part. */
export interface TappedJoint extends Clamped {
  readonly kind: "tapped";
  /** Thickness of the tapped part. */
  readonly depthMm: Mm;
  readonly material: HoleMaterial;
}

/** A tapped hole with a bottom. */
export interface BlindJoint extends Clamped {
  readonly kind: "blind";
  /** Depth of the drilled hole to its full-width bottom. */
  readonly depthMm: Mm;
  readonly material: HoleMaterial;
  /** The last tap that went in. */
  readonly tap: Tap;
}

export type Joint = ThroughJoint | TappedJoint | BlindJoint;
