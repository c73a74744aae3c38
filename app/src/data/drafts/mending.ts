import type { Reading } from "@root-gauge/core";
import { useBenchStore } from "./bench-store";
import { READING_FIELDS } from "../kept/draft-fields";
import { clearDrafts, draftOf, useDraft } from "./drafts";

/** Where the reading stands that is being put right; kept with the drafts, so that a reload does not lose it. */
export const MENDING = "mending";

function placeOf(text: string | undefined, readings: readonly Reading[]): number | undefined {
  const at = text === undefined || text === "" ? NaN : Number(text);
  return at in readings ? at : undefined;
}

/** The place of the reading that is being put right, if one is. */
export function mendingAt(): number | undefined {
  return placeOf(draftOf(MENDING), useBenchStore.getState().part.readings);
}

/** The reading that is being put right, if one is. */
export function useMended(): Reading | undefined {
  const text = useDraft(MENDING);
  const readings = useBenchStore(({ part }) => part.readings);
  const at = placeOf(text, readings);
  return at === undefined ? undefined : readings[at];
}

/** Nothing is put right any more: the fields that were filled for it are empty again. */
export function mendNothing(): void {
  if (mendingAt() !== undefined) clearDrafts([...READING_FIELDS, MENDING]);
}

/** What was taken stands: the next reading is one more. */
export function mendingDone(): void {
  if (draftOf(MENDING) !== undefined) clearDrafts([MENDING]);
}
