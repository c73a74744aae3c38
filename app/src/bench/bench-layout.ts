import type { Units } from "@root-gauge/core";
import type { Bench } from "../data/drafts/use-bench";
import type { PanelName } from "../shell/use-panel";

/** What lies on the bench and what can be done with it; the same while only a panel opens or closes. */
export interface BenchWork {
  readonly bench: Bench;
  readonly units: Units;
  /** Opens a panel for one more reading. */
  readonly onOpen: (panel: PanelName) => void;
  /** Opens a reading to be put right. */
  readonly onMend: (at: number) => void;
  readonly onWriteUp: () => void;
  readonly onStartAnother: () => void;
  readonly onStartAnotherLike: () => void;
}

/** What every layout of the bench is given. */
export interface BenchLayoutProps {
  readonly work: BenchWork;
  readonly panel: PanelName | undefined;
  readonly onClose: () => void;
}
