import type { z } from "zod/mini";
import { create, type Mutate, type StoreApi, type UseBoundStore } from "zustand";
import { persist, type PersistStorage } from "zustand/middleware";
import { keptJson } from "./older-names";
import { otherTabChanged } from "./other-tab";
import { putAside } from "./put-aside";
import { storage as deviceStorage, type TextStorage } from "./text-storage";

type Schema<State> = z.ZodMiniType<State>;

export type KeptStore<State> = UseBoundStore<Mutate<StoreApi<State>, [["zustand/persist", State]]>>;

export interface KeptParts<State> {
  readonly key: string;
  /** What must hold of it to be believed; one that is still to come keeps the store waiting where something is kept. */
  readonly schema: Schema<State> | Promise<Schema<State>>;
  readonly initial: () => State;
  /** What another tab is said to have changed, "The part on the Bench"; nothing where it goes without saying. */
  readonly says?: string;
  /** The device's own, but for a test. */
  readonly storage?: TextStorage;
}

/** What is kept under a key, if it can be believed; what cannot be read is put aside. */
function believed<State>(key: string, schema: Schema<State>, storage: TextStorage) {
  const kept = storage.getItem(key);
  if (kept === null) return null;
  try {
    const parsed = schema.safeParse(keptJson(kept));
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
export function createKeptStore<State>({
  key,
  schema,
  initial,
  says,
  storage = deviceStorage,
}: KeptParts<State>): KeptStore<State> {
  const kept: PersistStorage<State> = {
    getItem: () => {
      if (storage.getItem(key) === null) return null;
      return schema instanceof Promise
        ? schema.then((come) => believed(key, come, storage))
        : believed(key, schema, storage);
    },
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
