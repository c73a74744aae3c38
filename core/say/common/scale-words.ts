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
export const ASSUMED_SCREEN = "at 96 px/in";

/** "about twice full size, at 96 px/in": a screen that was never measured is taken for the usual one. */
export function scaleWords(scale: number): string {
  return `about ${SCALE_WORDS[scale] ?? `${scale} times full size`}, ${ASSUMED_SCREEN}`;
}
