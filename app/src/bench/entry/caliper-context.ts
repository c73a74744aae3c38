import type { Units } from "@root-gauge/core";
import { createContext, type ReactNode } from "react";

export interface LiveCaliperProps {
  readonly units: Units;
  /** Takes the display's figure into the field. */
  readonly onUse: (mm: number) => void;
}

/** The display of a caliper that sends, for the pads of the Bench: its code is fetched when it is asked for. */
export const CaliperContext = createContext<(props: LiveCaliperProps) => ReactNode>(() => null);
