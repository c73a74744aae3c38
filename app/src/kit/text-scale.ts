/** What a rem is on a device whose text is as it came, px. */
const USUAL_TEXT = 16;

/** How much larger than usual the device's text is: what stands at a fixed height grows with it. */
export function textScale(): number {
  if (typeof document === "undefined") return 1;
  return parseFloat(getComputedStyle(document.documentElement).fontSize) / USUAL_TEXT || 1;
}

/**
 * A size of text that grows with the device's. The web takes a length with its unit where the types, made for every
 * platform, know numbers only.
 * @param px the size where text is as usual
 */
export function rem(px: number): number {
  return `${px / USUAL_TEXT}rem` as unknown as number;
}
