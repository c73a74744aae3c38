import { createPanelHistory } from "./panel-history";

/** A tab's history and session, with Back taking effect a moment later, as browsers do it. */
function fakeTab(kept?: string) {
  const entries: { state: unknown }[] = [{ state: null }];
  const session = new Map<string, string>(kept === undefined ? [] : [["rg.panel", kept]]);
  let at = 0;
  let onPop = () => {};
  const tab = {
    history: {
      get state() {
        return entries[at]?.state;
      },
      pushState: (state: unknown) => {
        at += 1;
        entries.splice(at, entries.length, { state });
      },
      replaceState: (state: unknown) => {
        entries[at] = { state };
      },
      back: () => {},
    },
    sessionStorage: {
      getItem: (key: string) => session.get(key) ?? null,
      setItem: (key: string, value: string) => session.set(key, value),
      removeItem: (key: string) => session.delete(key),
    },
    addEventListener: (_name: string, listener: () => void) => {
      onPop = listener;
    },
  };
  const back = () => {
    at -= 1;
    onPop();
  };
  return { tab: tab as unknown as Window, back, depth: () => at, session };
}

describe("the open panel and the browser's history", () => {
  it("is closed by Back", () => {
    const { tab, back, depth } = fakeTab();
    const panels = createPanelHistory(tab);
    panels.open("diameter");
    expect([panels.get(), depth()]).toEqual(["diameter", 1]);
    back();
    expect([panels.get(), depth()]).toEqual([undefined, 0]);
  });

  it("takes one step of history, however many panels follow each other", () => {
    const { tab, depth } = fakeTab();
    const panels = createPanelHistory(tab);
    panels.open("diameter");
    panels.open("pitch");
    expect([panels.get(), depth()]).toEqual(["pitch", 1]);
  });

  it("stays open when it was opened while the last one was still closing", () => {
    const { tab, back, depth } = fakeTab();
    const panels = createPanelHistory(tab);
    panels.open("find");
    panels.close();
    panels.open("keys");
    back();
    expect([panels.get(), depth()]).toEqual(["keys", 1]);
  });

  it("is open again after a reload, and then closed without leaving the page", () => {
    const { tab, session, depth } = fakeTab("pitch");
    const panels = createPanelHistory(tab);
    expect(panels.get()).toBe("pitch");
    panels.close();
    expect([panels.get(), session.size, depth()]).toEqual([undefined, 0, 0]);
  });

  it("forgets a name that is no panel", () => {
    expect(createPanelHistory(fakeTab("attic").tab).get()).toBeUndefined();
  });
});
