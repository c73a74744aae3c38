import type { z } from "zod";
import { otherTabChanged } from "./other-tab";
import { putAside } from "./put-aside";
import type { TextStorage } from "./text-storage";

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
  /** What another tab is said to have changed, "The part on the Bench"; nothing where it goes without saying. */
  readonly says?: string;
}

function readKept<Value>({ key, schema, initial, storage }: StoreParts<Value>): Value {
  const kept = storage.getItem(key);
  if (kept === null) return initial();
  try {
    const parsed = schema.safeParse(JSON.parse(kept));
    if (parsed.success) return parsed.data;
  } catch {
    // Not JSON: put aside below like anything else that cannot be read.
  }
  putAside(storage, key);
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
    if (parts.says !== undefined) otherTabChanged(parts.says);
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
