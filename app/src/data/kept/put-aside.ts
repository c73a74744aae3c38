import type { TextStorage } from "./text-storage";

/** Under these keys stands what was put aside: nothing that was typed or stored is thrown away without being asked. */
const PREFIX = "rg.aside.";

/** Something that could not be read, or that made a screen fail. */
export interface PutAside {
  readonly key: string;
  /** What it was kept under. */
  readonly from: string;
  readonly text: string;
}

/**
 * Keeps a text aside, beside whatever was put aside from there before. The same text is kept once: a tab that was closed
 * before it was gone from where it stood, and a second tab that read it there, put it aside again.
 */
export function keepAside(storage: TextStorage, from: string, text: string): void {
  if (allPutAside(storage).some((kept) => kept.from === from && kept.text === text)) return;
  const taken = new Set(storage.keys());
  let at = 1;
  while (taken.has(`${PREFIX}${at}.${from}`)) at += 1;
  storage.setItem(`${PREFIX}${at}.${from}`, text);
}

/** Puts the text under a key aside. */
export function putAside(storage: TextStorage, from: string): void {
  const text = storage.getItem(from);
  if (text === null) return;
  keepAside(storage, from, text);
  storage.removeItem(from);
}

/** What is kept under these is not typed on a screen and cannot make one fail. */
const NOT_TYPED = /^rg\.(?:aside\.|outbox\.|settings$|device$)/;

/** Puts aside all that was typed on this device, for when it makes a screen fail. The page is to be loaded anew then. */
export function putAsideTyped(storage: TextStorage): void {
  for (const key of storage.keys()) {
    if (key.startsWith("rg.") && !NOT_TYPED.test(key)) putAside(storage, key);
  }
}

/** Everything that was put aside. */
export function allPutAside(storage: TextStorage): readonly PutAside[] {
  return storage
    .keys()
    .filter((key) => key.startsWith(PREFIX))
    .sort()
    .map((key) => ({
      key,
      from: key.slice(PREFIX.length).replace(/^\d+\./, ""),
      text: storage.getItem(key) ?? "",
    }));
}
