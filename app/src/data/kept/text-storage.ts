/** Where text is kept between visits: the browser's localStorage, or a stand-in with the same calls. */
export interface TextStorage {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
  keys(): string[];
}

/** Why text is held for this visit only: the device's storage is full, or the browser forbids it. */
type HoldingReason = "full" | "forbidden";

/** A storage that never fails: what cannot be kept is held, and kept as soon as it can be. */
export interface HoldingStorage extends TextStorage {
  /** Why something is only held now; undefined while all of it is kept. */
  holding(): HoldingReason | undefined;
  subscribe(onChange: () => void): () => void;
  /** Tries again to keep what is held. */
  keepHeld(): void;
}

/** A storage that forgets at the end of the visit. */
export function memoryStorage(): TextStorage {
  const kept = new Map<string, string>();
  return {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
    keys: () => [...kept.keys()],
  };
}

const isQuota = (error: unknown) =>
  error instanceof Error && /quota/i.test(`${error.name} ${error.message}`);

/** Puts a storage that may be full or forbidden behind one that holds what it does not take. */
export function createHoldingStorage(below: TextStorage): HoldingStorage {
  /** What is not kept below: its text, or null where it is to be removed. */
  const held = new Map<string, string | null>();
  const readers = new Set<() => void>();
  let reason: HoldingReason | undefined;

  const say = (next: HoldingReason | undefined) => {
    if (next === reason) return;
    reason = next;
    readers.forEach((reader) => reader());
  };
  const write = (key: string, value: string | null): boolean => {
    try {
      if (value === null) below.removeItem(key);
      else below.setItem(key, value);
      held.delete(key);
      return true;
    } catch (error) {
      held.set(key, value);
      say(isQuota(error) ? "full" : "forbidden");
      return false;
    }
  };
  const keepHeld = () => {
    // What is removed makes room for what is to be kept.
    const removalsFirst = [...held].sort(([, a], [, b]) => Number(a !== null) - Number(b !== null));
    const kept = removalsFirst.map(([key, value]) => write(key, value));
    if (kept.every(Boolean)) say(undefined);
  };
  const set = (key: string, value: string | null) => {
    if (write(key, value)) keepHeld();
  };
  return {
    getItem: (key) => {
      const value = held.get(key);
      if (value !== undefined) return value;
      try {
        return below.getItem(key);
      } catch {
        return null;
      }
    },
    setItem: (key, value) => set(key, value),
    removeItem: (key) => set(key, null),
    keys: () => {
      let kept: string[] = [];
      try {
        kept = below.keys();
      } catch {
        // Forbidden: only what is held is there.
      }
      const all = new Set([...kept, ...held.keys()]);
      return [...all].filter((key) => held.get(key) !== null);
    },
    holding: () => reason,
    subscribe: (reader) => {
      readers.add(reader);
      return () => readers.delete(reader);
    },
    keepHeld,
  };
}

/** localStorage as it is found at each call: a browser may forbid it at any time. */
const browserStorage: TextStorage = {
  getItem: (key) => globalThis.localStorage.getItem(key),
  setItem: (key, value) => globalThis.localStorage.setItem(key, value),
  removeItem: (key) => globalThis.localStorage.removeItem(key),
  keys: () => Object.keys(globalThis.localStorage),
};

/** Where this device keeps what was done. */
export const storage = createHoldingStorage(browserStorage);
