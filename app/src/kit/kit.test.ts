import { PALETTE, type ColourRole } from "./palette";
import { verdictTone } from "./verdict-tone";

/** Relative luminance and contrast by WCAG 2.2. */
function luminance(hex: string): number {
  const channels = [1, 3, 5].map((at) => {
    const value = parseInt(hex.slice(at, at + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  });
  const [red = 0, green = 0, blue = 0] = channels;
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}

function contrast(a: string, b: string): number {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light + 0.05) / (dark + 0.05);
}

const READ_ON: readonly (readonly [ColourRole, ColourRole])[] = [
  ["ink", "plate"],
  ["ink", "card"],
  ["card", "ink"],
  ["quiet", "plate"],
  ["quiet", "card"],
  ["scribe", "marking"],
  ["onScribe", "scribe"],
  ["quietOnScribe", "scribe"],
  ["onBrass", "brass"],
  ["settled", "card"],
  ["open", "card"],
  ["clash", "card"],
];

describe.each(["daylight", "lamp"] as const)("the palette by %s", (theme) => {
  it.each(READ_ON)("%s can be read on %s", (text, ground) => {
    expect(contrast(PALETTE[theme][text], PALETTE[theme][ground])).toBeGreaterThanOrEqual(4.5);
  });
});

describe("a verdict's plate", () => {
  it("is told by its shape as well as by its colour", () => {
    const tones = (["settled", "open", "contradictory"] as const).map(verdictTone);
    expect(new Set(tones.map(({ shape }) => shape)).size).toBe(3);
    expect(new Set(tones.map(({ colour }) => colour)).size).toBe(3);
  });
});
