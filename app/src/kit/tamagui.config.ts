import { createFont, createTamagui, createTokens } from "@tamagui/core";
import { PALETTE } from "./palette";
import { rem } from "./text-scale";

const steps = { 0: 0, 1: 4, 2: 8, 3: 12, 4: 16, 5: 20, 6: 24, 8: 32, 12: 48, true: 16 };

const tokens = createTokens({
  size: steps,
  space: steps,
  radius: { 0: 0, 1: 4, true: 4 },
  zIndex: { 0: 0, 1: 1, 2: 2, true: 0 },
  color: {},
});

/**
 * Sizes of text by name, for a device whose text is the usual 16: 14 the smallest but in drawings, 16 body, 20 heading,
 * 32 the reading, 44 the verdict. They are written in rem, so that they grow with the text of the device.
 */
const SIZES = {
  fine: { size: 13, line: 16 },
  small: { size: 14, line: 18 },
  detail: { size: 15, line: 20 },
  body: { size: 16, line: 22 },
  name: { size: 18, line: 22 },
  heading: { size: 20, line: 26 },
  title: { size: 22, line: 26 },
  figure: { size: 24, line: 28 },
  reading: { size: 32, line: 38 },
  verdict: { size: 44, line: 48 },
  true: { size: 16, line: 22 },
} as const;

type SizeName = keyof typeof SIZES;

function inRem(part: "size" | "line"): Record<SizeName, number> {
  const names = Object.keys(SIZES) as SizeName[];
  const sizes = names.map((name) => [name, rem(SIZES[name][part])]);
  return Object.fromEntries(sizes) as Record<SizeName, number>;
}

const size = inRem("size");
const lineHeight = inRem("line");

const textFont = createFont({
  family: "Barlow, sans-serif",
  size,
  lineHeight,
  weight: { true: "400" },
  letterSpacing: { true: 0 },
});

const figureFont = createFont({
  family: '"Barlow Semi Condensed", Barlow, sans-serif',
  size,
  lineHeight,
  weight: { true: "600" },
  letterSpacing: { true: 0 },
});

/** Tamagui writes rules only for themes of these two names. */
export const THEME_KEY = { daylight: "light", lamp: "dark" } as const;

export const tamaguiConfig = createTamagui({
  tokens,
  themes: { [THEME_KEY.daylight]: PALETTE.daylight, [THEME_KEY.lamp]: PALETTE.lamp },
  fonts: { body: textFont, figure: figureFont },
  media: {},
  settings: {
    defaultFont: "body",
    // Absolute children stand in their parent, as in React Native.
    defaultPosition: "relative",
    disableSSR: true,
    allowedStyleValues: "somewhat-strict-web",
  },
});

type AppConfig = typeof tamaguiConfig;

declare module "@tamagui/core" {
  // Tamagui takes an app's own tokens and themes into its types by this merging.
  interface TamaguiCustomConfig extends AppConfig {}
}
