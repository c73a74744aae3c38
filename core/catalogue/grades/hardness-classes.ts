/** Hardness classes of screws that are not pulled, weakest first (ISO 898-5): set screws. */
export const HARDNESS_CLASSES = ["14H", "22H", "33H", "45H"] as const;

export type HardnessClass = (typeof HARDNESS_CLASSES)[number];

/** ISO 898-5:2012, table 3: least and greatest Vickers hardness. */
const VICKERS: Readonly<Record<HardnessClass, readonly [min: number, max: number]>> = {
  "14H": [140, 290],
  "22H": [220, 300],
  "33H": [330, 440],
  "45H": [450, 560],
};

/** Between which Vickers hardnesses a class lies, HV (ISO 898-5, table 3). */
export function vickersOf(hardness: HardnessClass): readonly [min: number, max: number] {
  return VICKERS[hardness];
}

/** Whether a class is at least as hard as another. */
export function isAsHard(hardness: HardnessClass, other: HardnessClass): boolean {
  return HARDNESS_CLASSES.indexOf(hardness) >= HARDNESS_CLASSES.indexOf(other);
}
