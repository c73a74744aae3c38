import { useSyncExternalStore } from "react";
import { createPanelHistory, type PanelHistory, type PanelName } from "./panel-history";

export type { PanelName } from "./panel-history";

let ofThisTab: PanelHistory | undefined;

function panelHistory(): PanelHistory {
  ofThisTab ??= createPanelHistory(window);
  return ofThisTab;
}

/** The panel that is open on the bench, and how to open and close one. */
export function usePanel(): Pick<PanelHistory, "open" | "close"> & {
  readonly panel: PanelName | undefined;
} {
  const { get, subscribe, open, close } = panelHistory();
  return { panel: useSyncExternalStore(subscribe, get, get), open, close };
}
