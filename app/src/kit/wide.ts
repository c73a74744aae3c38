import { useMemo } from "react";
import { useWindowDimensions } from "react-native";
import { textScale } from "./text-scale";

/** From this width the Bench stands in three columns. */
const WIDE_FROM = 1000;
/** Under this height, and at least so wide, what would stand one above the other stands side by side. */
const SHORT_UNDER = 520;
const SIDE_BY_SIDE_FROM = 560;

export interface Layout {
  readonly wide: boolean;
  /** A phone on its side, or a low window. */
  readonly short: boolean;
  /** The rooms stand on a rail beside what is shown, not in a bar under it. */
  readonly rail: boolean;
  readonly width: number;
  readonly height: number;
  /** How much larger than usual the device's text is. */
  readonly scale: number;
  /** Text so large that what stands side by side, or pinned, stands one below the other. */
  readonly large: boolean;
}

const LARGE_FROM = 1.3;

/** How the window is divided. With large text there is room for fewer columns, so the text's size counts with the window's. */
export function useLayout(): Layout {
  const { width, height } = useWindowDimensions();
  return useMemo(() => {
    const scale = textScale();
    const wide = width >= WIDE_FROM * scale;
    const short = !wide && height < SHORT_UNDER * scale && width >= SIDE_BY_SIDE_FROM * scale;
    return { wide, short, rail: wide || short, width, height, scale, large: scale >= LARGE_FROM };
  }, [width, height]);
}
