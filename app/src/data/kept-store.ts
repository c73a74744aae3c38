import type { z } from "zod/mini";
import { create, type StoreApi, type UseBoundStore } from "zustand";
import { persist, type PersistStorage } from "zustand/middleware";
import { otherTabChanged } from "./other-tab";
import { putAside } from "./put-aside";
import { storage as deviceStorage, type TextStorage } from "./text-storage";

export interface KeptParts<State> {
  readonly key: string;
  readonly schema: z.ZodMiniType<State>;
  readonly initial: () => State;
  /** What another tab is said to have changed, "The part on the Bench"; nothing where it goes without saying. */
  readonly says?: string;
  /** The device's own, but for a test. */
  readonly storage?: TextStorage;
}

/** What is kept under a key, if it can be believed; what cannot be read is put aside. */
function believed<State>({ key, schema }: KeptParts<State>, storage: TextStorage) {
  const kept = storage.getItem(key);
  if (kept === null) return null;
  try {
    const parsed = schema.safeParse(JSON.parse(kept));
    if (parsed.success) return { state: parsed.data };
  } catch {
    // Not JSON: put aside below like anything else that cannot be read.
  }
  putAside(storage, key);
  return null;
}

/**
 * A store that is kept on this device as it changes, and read anew when another tab changes it. A component redraws for
 * what its selector picks, and for nothing else.
 */
export function createKeptStore<State>(parts: KeptParts<State>): UseBoundStore<StoreApi<State>> {
  const { key, initial, says, storage = deviceStorage } = parts;
  const kept: PersistStorage<State> = {
    getItem: () => believed(parts, storage),
    setItem: (_key, { state }) => storage.setItem(key, JSON.stringify(state)),
    removeItem: () => storage.removeItem(key),
  };
  const store = create<State>()(
    persist(initial, {
      name: key,
      storage: kept,
      merge: (state) => (state as State | undefined) ?? initial(),
    }),
  );
  globalThis.addEventListener?.("storage", (event) => {
    if (event.key !== key) return;
    void store.persist.rehydrate();
    if (says !== undefined) otherTabChanged(says);
  });
  return store;
}
