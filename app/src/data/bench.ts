import type { Reading } from "@root-gauge/core";
import { v4 as uuid } from "uuid";
import { benchStep, emptyPart, partLike, type BenchAction } from "./bench-state";
import type { DraftField } from "./draft-fields";
import { clearDrafts } from "./drafts";
import type { BenchPart, BenchState } from "./kept-schemas";
import { createKeptStore } from "./kept-store";
import { schemasToCome } from "./schemas-to-come";

export const useBenchStore = createKeptStore<BenchState>({
  key: "rg.bench",
  schema: schemasToCome.then(({ bench }) => bench),
  initial: () => ({ part: emptyPart(uuid(), new Date(), null), past: [] }),
  says: "The part on the Bench",
});

/** The part on the bench. */
export function useBenchPart(): BenchPart {
  return useBenchStore(({ part }) => part);
}

/** Whether there is a step to go back. */
export function useCanUndo(): boolean {
  return useBenchStore(({ past }) => past.length > 0);
}

export function changeBench(action: BenchAction): void {
  useBenchStore.setState((state) => benchStep(state, action));
  if (action.type === "put-on-bench") clearDrafts();
}

/** Takes a reading, and clears the fields that it was typed in. */
export function takeReading(reading: Reading, draftsUsed: readonly DraftField[] = []): void {
  changeBench({ type: "take", reading });
  clearDrafts(draftsUsed);
}

/** Clears the bench for another part of the same job; undo brings the last one back. */
export function startAnother(): void {
  const { jobId } = useBenchStore.getState().part;
  changeBench({ type: "put-on-bench", part: emptyPart(uuid(), new Date(), jobId) });
}

/** Puts another part of the same kind and machine on the bench; undo brings the last one back. */
export function startAnotherLike(): void {
  const { part } = useBenchStore.getState();
  changeBench({ type: "put-on-bench", part: partLike(part, uuid(), new Date()) });
}
