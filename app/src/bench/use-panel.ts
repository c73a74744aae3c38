import { useCallback, useEffect, useState } from "react";

export const PANELS = ["diameter", "pitch", "ruled-out", "find", "keys"] as const;

/** What is laid over or beside the bench. */
export type PanelName = (typeof PANELS)[number];

const KEY = "benchPanel";

function panelOf(state: unknown): PanelName | undefined {
  const name: unknown = (state as Record<string, unknown> | null)?.[KEY];
  return PANELS.find((panel) => panel === name);
}

/** The browser's history remembers the open panel, so that Back closes it and a reload keeps it open. */
export function usePanel() {
  const [panel, setPanel] = useState(() => panelOf(window.history.state));

  useEffect(() => {
    const onPop = (event: PopStateEvent) => setPanel(panelOf(event.state));
    window.addEventListener("popstate", onPop);
    return () => window.removeEventListener("popstate", onPop);
  }, []);

  const open = useCallback((name: PanelName) => {
    const state = { ...(window.history.state as object | null), [KEY]: name };
    if (panelOf(window.history.state) === undefined) window.history.pushState(state, "");
    else window.history.replaceState(state, "");
    setPanel(name);
  }, []);

  const close = useCallback(() => {
    if (panelOf(window.history.state) === undefined) setPanel(undefined);
    else window.history.back();
  }, []);

  return { panel, open, close };
}
