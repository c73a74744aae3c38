import type { Reading } from "@root-gauge/core";
import { v4 as uuid } from "uuid";
import { benchStep, emptyPart, partLike, type BenchAction } from "./bench-state";
import type { DraftField } from "../kept/draft-fields";
import { clearDrafts } from "./drafts";
import { useBenchStore } from "./bench-store";
import type { BenchPart } from "../kept/kept-schemas";
import { mendingAt, mendingDone } from "./mending";

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
  // Words on the part move no reading; anything else may have.
  if (action.type !== "describe") mendingDone();
  if (action.type === "put-on-bench") clearDrafts();
}

/** Takes a reading, in the place of the one that is being put right if one is, and clears the fields it was typed in. */
export function takeReading(reading: Reading, draftsUsed: readonly DraftField[] = []): void {
  const at = mendingAt();
  changeBench(at === undefined ? { type: "take", reading } : { type: "mend", at, reading });
  clearDrafts(draftsUsed);
}

/** Clears the bench for another part of the same machine; undo brings the last one back. */
export function startAnother(): void {
  const { machineId } = useBenchStore.getState().part;
  changeBench({ type: "put-on-bench", part: emptyPart(uuid(), new Date(), machineId) });
}

/** Puts another part of the same kind and machine on the bench; undo brings the last one back. */
export function startAnotherLike(): void {
  const { part } = useBenchStore.getState();
  changeBench({ type: "put-on-bench", part: partLike(part, uuid(), new Date()) });
}
