import type { Units } from "@root-gauge/core";
import type { Bench } from "../data/use-bench";
import type { PanelName } from "../shell/use-panel";

/** What both layouts of the bench are given. */
export interface BenchLayoutProps {
  readonly bench: Bench;
  readonly units: Units;
  readonly panel: PanelName | undefined;
  /** Opens a panel for one more reading. */
  readonly onOpen: (panel: PanelName) => void;
  /** Opens a reading to be put right. */
  readonly onMend: (at: number) => void;
  readonly onClose: () => void;
  readonly onWriteUp: () => void;
  readonly onStartAnother: () => void;
  readonly onStartAnotherLike: () => void;
}
