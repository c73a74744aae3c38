import { useCallback, useEffect, useRef, useState } from "react";

const PANELS = ["diameter", "pitch", "ruled-out", "find", "keys"] as const;

/** What is laid over or beside the bench. */
export type PanelName = (typeof PANELS)[number];

/** Marks the history entry that an open panel stands on, so that Back closes the panel. */
const HISTORY_KEY = "benchPanel";
/** Remembers the open panel over a reload of this tab. */
const SESSION_KEY = "rg.bench-panel";

function asPanel(name: unknown): PanelName | undefined {
  return PANELS.find((panel) => panel === name);
}

function standsOnPanel(): boolean {
  const state = window.history.state as Record<string, unknown> | null;
  return asPanel(state?.[HISTORY_KEY]) !== undefined;
}

function markHistory(name: PanelName): void {
  const state = { ...(window.history.state as object | null), [HISTORY_KEY]: name };
  if (standsOnPanel()) window.history.replaceState(state, "");
  else window.history.pushState(state, "");
}

function remember(name: PanelName | undefined): void {
  if (name === undefined) sessionStorage.removeItem(SESSION_KEY);
  else sessionStorage.setItem(SESSION_KEY, name);
}

/** The open panel: kept over a reload, closed by Back. */
export function usePanel() {
  const [panel, setPanel] = useState(() => asPanel(sessionStorage.getItem(SESSION_KEY)));
  // Going back takes a moment; a panel opened meanwhile must not be closed by it.
  const goingBack = useRef(false);
  const reopen = useRef<PanelName>(undefined);

  const show = useCallback((name: PanelName | undefined) => {
    remember(name);
    setPanel(name);
  }, []);

  useEffect(() => {
    const kept = asPanel(sessionStorage.getItem(SESSION_KEY));
    if (kept !== undefined && !standsOnPanel()) markHistory(kept);
    const onPop = () => {
      const next = reopen.current;
      goingBack.current = false;
      reopen.current = undefined;
      if (next !== undefined) markHistory(next);
      show(next);
    };
    window.addEventListener("popstate", onPop);
    return () => window.removeEventListener("popstate", onPop);
  }, [show]);

  const open = useCallback(
    (name: PanelName) => {
      if (goingBack.current) reopen.current = name;
      else markHistory(name);
      show(name);
    },
    [show],
  );

  const close = useCallback(() => {
    show(undefined);
    if (goingBack.current) {
      reopen.current = undefined;
    } else if (standsOnPanel()) {
      goingBack.current = true;
      window.history.back();
    }
  }, [show]);

  return { panel, open, close };
}
