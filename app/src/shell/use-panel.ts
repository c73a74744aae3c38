import { useDeferredValue, useSyncExternalStore } from "react";
import { createPanelHistory, type PanelHistory, type PanelName } from "./panel-history";

export type { PanelName } from "./panel-history";

let ofThisTab: PanelHistory | undefined;

function panelHistory(): PanelHistory {
  ofThisTab ??= createPanelHistory(window);
  return ofThisTab;
}

/**
 * The panel that is open on the bench, and how to open and close one. One that a touch asked for is drawn piece by piece,
 * so that the page answers meanwhile; one that a key asked for is there before the next key.
 */
export function usePanel(): Pick<PanelHistory, "open" | "close"> & {
  readonly panel: PanelName | undefined;
} {
  const { get, byKey, subscribe, open, close } = panelHistory();
  const asked = useSyncExternalStore(subscribe, get, get);
  const drawn = useDeferredValue(asked);
  return { panel: asked === undefined || byKey() ? asked : drawn, open, close };
}
