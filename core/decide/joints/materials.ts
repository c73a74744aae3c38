/** What a tapped hole is cut in. */
export const HOLE_MATERIAL_KINDS = [
  "steel",
  "cast-iron",
  "aluminium-cast",
  "aluminium-wrought",
  "magnesium",
  "brass",
  "plastic",
] as const;

export type HoleMaterial = (typeof HOLE_MATERIAL_KINDS)[number];

/** Ordinary metal of its kind. Figures are of common low grades, so estimates on the safe side. */
export interface HoleMaterialFacts {
  /** Shear strength of the threads, MPa: tensile strength by the share the metal holds in shear. */
  readonly shearMpa: number;
  /** The figure's origin: tensile strength, MPa, and the share. */
  readonly tensileMpa: number;
  readonly shearShare: number;
  /** Engagement never gone under unless calculation shows less to be sound, in diameters. */
  readonly leastDiameters: number;
}

function of(tensileMpa: number, shearShare: number, leastDiameters: number): HoleMaterialFacts {
  return { tensileMpa, shearShare, shearMpa: tensileMpa * shearShare, leastDiameters };
}

/**
 * Mild steel (EN 10025 S235), grey iron EN-GJL-200, gravity-cast aluminium of 160 MPa, 6082-T6, cast AZ91, CW614N
 * brass, unfilled PA 66. The person with the drawing knows better: these are estimates.
 */
export const HOLE_MATERIALS: Readonly<Record<HoleMaterial, HoleMaterialFacts>> = {
  steel: of(360, 0.6, 1),
  "cast-iron": of(200, 0.9, 1.5),
  "aluminium-cast": of(160, 0.6, 1.5),
  "aluminium-wrought": of(290, 0.6, 1.5),
  magnesium: of(160, 0.6, 1.5),
  brass: of(360, 0.6, 1.5),
  plastic: of(60, 0.6, 2),
};
