import type { z } from "zod";

/** Where text is kept between visits: the browser's localStorage, or a stand-in with the same calls. */
export interface TextStorage {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
  keys(): string[];
}

/** A value that is kept as it changes, and tells its readers. */
export interface PersistentStore<Value> {
  get(): Value;
  /** Replaces the value and writes it down before returning. */
  set(next: Value): void;
  /** Calls back after each change, also one made in another tab. Returns how to stop. */
  subscribe(onChange: () => void): () => void;
}

interface StoreParts<Value> {
  readonly key: string;
  readonly schema: z.ZodType<Value>;
  readonly initial: () => Value;
  readonly storage: TextStorage;
}

/** Where a value is put aside when it can no longer be read, so that nothing stored is lost. */
const setAsideKey = (key: string) => `${key}.unreadable`;

function readKept<Value>({ key, schema, initial, storage }: StoreParts<Value>): Value {
  const kept = storage.getItem(key);
  if (kept === null) return initial();
  try {
    const parsed = schema.safeParse(JSON.parse(kept));
    if (parsed.success) return parsed.data;
  } catch {
    // Not JSON: put aside below like anything else that cannot be read.
  }
  storage.setItem(setAsideKey(key), kept);
  return initial();
}

/** Makes a store on a storage; what is kept there is checked against the schema before it is believed. */
export function createPersistentStore<Value>(parts: StoreParts<Value>): PersistentStore<Value> {
  let value = readKept(parts);
  const readers = new Set<() => void>();
  const tell = () => readers.forEach((reader) => reader());
  const onOtherTab = (event: StorageEvent) => {
    if (event.key !== parts.key) return;
    value = readKept(parts);
    tell();
  };
  return {
    get: () => value,
    set: (next) => {
      value = next;
      parts.storage.setItem(parts.key, JSON.stringify(next));
      tell();
    },
    subscribe: (reader) => {
      if (readers.size === 0) globalThis.addEventListener?.("storage", onOtherTab);
      readers.add(reader);
      return () => {
        readers.delete(reader);
        if (readers.size === 0) globalThis.removeEventListener?.("storage", onOtherTab);
      };
    },
  };
}

/** The browser's storage; where it is refused (private windows of some browsers), memory, so that work can go on. */
function browserStorage(): TextStorage {
  try {
    const { localStorage } = globalThis;
    localStorage.setItem("rg.probe", "1");
    localStorage.removeItem("rg.probe");
    return {
      getItem: (key) => localStorage.getItem(key),
      setItem: (key, value) => localStorage.setItem(key, value),
      removeItem: (key) => localStorage.removeItem(key),
      keys: () => Object.keys(localStorage),
    };
  } catch {
    return memoryStorage();
  }
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

/** Where this device keeps what was done. */
export const storage = browserStorage();
