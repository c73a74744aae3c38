import { createFont, createTamagui, createTokens } from "@tamagui/core";
import { PALETTE } from "./palette";

const steps = { 0: 0, 1: 4, 2: 8, 3: 12, 4: 16, 5: 20, 6: 24, 8: 32, 12: 48, true: 16 };

const tokens = createTokens({
  size: steps,
  space: steps,
  radius: { 0: 0, 1: 4, true: 4 },
  zIndex: { 0: 0, 1: 1, 2: 2, true: 0 },
  color: {},
});

/** Sizes by name: 14 the smallest, 16 body, 20 heading, 32 the reading, 44 the verdict. */
const size = { small: 14, body: 16, heading: 20, reading: 32, verdict: 44, true: 16 };
const lineHeight = { small: 18, body: 22, heading: 26, reading: 38, verdict: 48, true: 22 };

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
