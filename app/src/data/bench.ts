import { useSyncExternalStore } from "react";
import { v4 as uuid } from "uuid";
import {
  benchStateSchema,
  benchStep,
  emptyPart,
  partLike,
  type BenchAction,
  type BenchState,
} from "./bench-state";
import { createPersistentStore } from "./persistent-store";
import { storage } from "./text-storage";

const store = createPersistentStore<BenchState>({
  key: "rg.bench",
  schema: benchStateSchema,
  initial: () => ({ part: emptyPart(uuid(), new Date(), null), past: [], drafts: {} }),
  storage,
  says: "The part on the Bench",
});

/** The bench as it stands; every change is written down before the screen shows it. */
export function useBenchState(): BenchState {
  return useSyncExternalStore(store.subscribe, store.get, store.get);
}

export function changeBench(action: BenchAction): void {
  store.set(benchStep(store.get(), action));
}

/** Clears the bench for another part of the same job; undo brings the last one back. */
export function startAnother(): void {
  const { jobId } = store.get().part;
  changeBench({ type: "put-on-bench", part: emptyPart(uuid(), new Date(), jobId) });
}

/** Puts another part of the same kind and machine on the bench; undo brings the last one back. */
export function startAnotherLike(): void {
  changeBench({ type: "put-on-bench", part: partLike(store.get().part, uuid(), new Date()) });
}
