import { useSyncExternalStore } from "react";

/** How long it is said that another tab changed something, ms. */
const SAID_MS = 8000;

let said: string | undefined;
let ending: ReturnType<typeof setTimeout> | undefined;
const readers = new Set<() => void>();

function say(next: string | undefined): void {
  said = next;
  readers.forEach((reader) => reader());
}

/** Says for a while what another tab of this browser has changed under this one's hands. */
export function otherTabChanged(what: string): void {
  clearTimeout(ending);
  ending = setTimeout(() => say(undefined), SAID_MS);
  say(what);
}

/** What another tab has just changed; undefined when nothing. */
export function useOtherTab(): string | undefined {
  return useSyncExternalStore(
    (reader) => {
      readers.add(reader);
      return () => readers.delete(reader);
    },
    () => said,
    () => undefined,
  );
}
