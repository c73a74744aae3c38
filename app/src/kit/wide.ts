import { useWindowDimensions } from "react-native";

/** From this width the Bench stands in three columns and the rooms on a rail. */
const WIDE_FROM = 1000;

export interface Layout {
  readonly wide: boolean;
  readonly width: number;
  readonly height: number;
}

export function useLayout(): Layout {
  const { width, height } = useWindowDimensions();
  return { wide: width >= WIDE_FROM, width, height };
}
