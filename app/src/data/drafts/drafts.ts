import { useShallow } from "zustand/react/shallow";
import { DRAFT_FIELDS, type DraftField } from "../kept/draft-fields";
import type { Drafts } from "../kept/kept-schemas";
import { createKeptStore } from "../kept/kept-store";
import { keptJson } from "../kept/older-names";
import { schemasToCome } from "../kept/schemas-to-come";
import { storage } from "../kept/text-storage";

/** What was typed while drafts were still kept with the part. */
function draftsOfOldBench(): Drafts {
  try {
    const kept = keptJson(storage.getItem("rg.bench")) as { drafts?: unknown } | null;
    const typed = Object.entries(kept?.drafts ?? {}).filter(
      ([field, text]) => DRAFT_FIELDS.some((known) => known === field) && typeof text === "string",
    );
    return Object.fromEntries(typed);
  } catch {
    return {};
  }
}

export const useDraftStore = createKeptStore<Drafts>({
  key: "rg.drafts",
  schema: schemasToCome.then(({ drafts }) => drafts),
  initial: draftsOfOldBench,
});

/** What is typed in a field and not yet taken; a reload loses none of it. */
export function useDraft(field: DraftField): string | undefined {
  return useDraftStore((drafts) => drafts[field]);
}

/** What is typed in several fields that are shown as one. */
export function useDrafts<Field extends DraftField>(
  fields: readonly Field[],
): Partial<Record<Field, string>> {
  return useDraftStore(
    useShallow((drafts) => {
      const typed: Partial<Record<Field, string>> = {};
      for (const field of fields) typed[field] = drafts[field];
      return typed;
    }),
  );
}

/** What is typed in a field now. */
export function draftOf(field: DraftField): string | undefined {
  return useDraftStore.getState()[field];
}

export function writeDraft(field: DraftField, text: string): void {
  useDraftStore.setState({ [field]: text });
}

/** Clears fields whose text was taken; all of them for another part. */
export function clearDrafts(fields: readonly DraftField[] = DRAFT_FIELDS): void {
  const left = Object.entries(useDraftStore.getState()).filter(
    ([field]) => !fields.some((taken) => taken === field),
  );
  useDraftStore.setState(Object.fromEntries(left), true);
}
