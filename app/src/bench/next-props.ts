import type { Identification, MeasuredSizes, Reading, Units } from "@root-gauge/core";
import type { PanelName } from "../shell/use-panel";

/** What the card of the next step is given. */
export interface NextCardProps {
  readonly identification: Identification;
  readonly readings: readonly Reading[];
  readonly sizes: MeasuredSizes;
  readonly units: Units;
  readonly onOpen: (panel: PanelName) => void;
  /** Opens the reading in this place to be taken again or put right. */
  readonly onMend: (at: number) => void;
  readonly onWriteUp: () => void;
  readonly onStartAnother: () => void;
  readonly onStartAnotherLike: () => void;
}
