/** CSS pixels to the millimetre: the 96 to the inch that browsers hold to. */
export const PX_PER_MM = 96 / 25.4;

const SCALES = [0.1, 0.2, 0.25, 0.5, 0.75, 1, 1.5, 2, 3, 4, 5, 6, 8, 10, 15, 20, 30] as const;

/** The largest of the usual drawing scales at which a size stays within the room for it. */
export function fittingScale(sizeMm: number, roomPx: number): number {
  return SCALES.findLast((scale) => sizeMm * PX_PER_MM * scale <= roomPx) ?? SCALES[0];
}

const SCALE_WORDS: Readonly<Record<number, string>> = {
  0.1: "a tenth size",
  0.2: "a fifth size",
  0.25: "quarter size",
  0.5: "half size",
  0.75: "three quarters size",
  1: "full size",
  1.5: "one and a half times full size",
  2: "twice full size",
};

/** No browser says how large its screen is, so a scale is only as true as this. */
const ASSUMED = "at 96 px/in";

/** "about twice full size, at 96 px/in": a screen that was never measured is taken for the usual one. */
export function scaleWords(scale: number): string {
  return `about ${SCALE_WORDS[scale] ?? `${scale} times full size`}, ${ASSUMED}`;
}

/** A scale that was made to fit, said to two figures: "about 17 times full size, at 96 px/in". */
export function nearScaleWords(scale: number): string {
  return `about ${Number(scale.toPrecision(2))} times full size, ${ASSUMED}`;
}
