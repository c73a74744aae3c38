import type { EndReading } from "@root-gauge/core";
import type { PanelName } from "../shell/use-panel";

/** The panel in which a reading is taken, and put right. */
export function panelOfReading({ kind }: EndReading): PanelName {
  switch (kind) {
    case "external-diameter":
    case "diameter-between":
    case "internal-diameter":
      return "diameter";
    case "leaf":
    case "count":
    case "crest-to-crest":
      return "pitch";
    case "flank-angle":
    case "crest-form":
    case "hand":
    case "origin":
    case "function":
      return "form";
    case "taper":
    case "taper-measured":
      return "taper";
    case "head-mark":
    case "head-style":
    case "finish":
    case "magnet":
      return "head";
    case "trial-fit":
      return "trial";
    case "across-flats":
      return "flats";
    case "thread-depth":
      return "depth";
    case "length":
    case "thread-length":
      return "length";
  }
}
