import { createHoldingStorage, memoryStorage, type TextStorage } from "../data/kept/text-storage";

const PANELS = [
  "diameter",
  "pitch",
  "form",
  "length",
  "head",
  "flats",
  "depth",
  "taper",
  "trial",
  "part",
  "machine",
  "tools",
  "compare",
  "ruled-out",
  "find",
  "keys",
  "filters",
] as const;

/** What is laid over or beside a room: all but the filters belong to the bench. */
export type PanelName = (typeof PANELS)[number];

/** Marks the history entry that an open panel stands on, so that Back closes the panel. */
const HISTORY_KEY = "panel";
/** Remembers the open panel over a reload of this tab. */
const SESSION_KEY = "rg.panel";

/** The open panel: kept over a reload, closed by Back. One for the tab, whatever the router mounts anew. */
export interface PanelHistory {
  get(): PanelName | undefined;
  /** Whether it was opened by a key: the next key is meant for it, so it may not be waited for. */
  byKey(): boolean;
  subscribe(onChange: () => void): () => void;
  open(name: PanelName, byKey?: boolean): void;
  close(): void;
}

function asPanel(name: unknown): PanelName | undefined {
  return PANELS.find((panel) => panel === name);
}

/** The tab's own storage; where the browser forbids it the open panel is not remembered. */
function sessionOf(tab: Window): TextStorage {
  try {
    const { sessionStorage } = tab;
    return createHoldingStorage({
      getItem: (key) => sessionStorage.getItem(key),
      setItem: (key, value) => sessionStorage.setItem(key, value),
      removeItem: (key) => sessionStorage.removeItem(key),
      keys: () => [],
    });
  } catch {
    return memoryStorage();
  }
}

export function createPanelHistory(tab: Window): PanelHistory {
  const { history } = tab;
  const session = sessionOf(tab);
  const readers = new Set<() => void>();
  let panel = asPanel(session.getItem(SESSION_KEY));
  let byKey = false;
  // Going back takes a moment; a panel opened meanwhile must not be closed by it.
  let goingBack = false;
  let openAfterwards: PanelName | undefined;

  const show = (name: PanelName | undefined) => {
    panel = name;
    if (name === undefined) session.removeItem(SESSION_KEY);
    else session.setItem(SESSION_KEY, name);
    readers.forEach((reader) => reader());
  };
  const standsOnPanel = () => {
    const state = history.state as Record<string, unknown> | null;
    return asPanel(state?.[HISTORY_KEY]) !== undefined;
  };
  const markHistory = (name: PanelName) => {
    const state = { ...(history.state as object | null), [HISTORY_KEY]: name };
    if (standsOnPanel()) history.replaceState(state, "");
    else history.pushState(state, "");
  };

  tab.addEventListener("popstate", () => {
    const next = openAfterwards;
    goingBack = false;
    openAfterwards = undefined;
    if (next !== undefined) markHistory(next);
    show(next);
  });

  return {
    get: () => panel,
    byKey: () => byKey,
    subscribe: (reader) => {
      readers.add(reader);
      return () => readers.delete(reader);
    },
    open: (name, key = false) => {
      byKey = key;
      if (goingBack) openAfterwards = name;
      else markHistory(name);
      show(name);
    },
    close: () => {
      show(undefined);
      openAfterwards = undefined;
      if (goingBack || !standsOnPanel()) return;
      goingBack = true;
      history.back();
    },
  };
}
