import { useEffect } from "react";
import { clearDrafts, draftOf, useDraft, writeDraft } from "../data/drafts/drafts";
import { EDIT_DRAFTS } from "../data/kept/draft-fields";

/** Which record is being changed; what is typed of it is kept over a reload like every draft. */
export function useEdit(id: string) {
  const editing = useDraft("edit.of") === id;
  return {
    editing,
    begin: () => {
      if (draftOf("edit.of") !== id) clearDrafts(EDIT_DRAFTS);
      writeDraft("edit.of", id);
    },
    leave: () => clearDrafts(EDIT_DRAFTS),
  };
}

/**
 * A record that is being changed, with the version of it that was on the screen when that began: kept with what is typed, so
 * that neither a reload nor what another device sends meanwhile counts as seen.
 * @param editing whether it is being changed now
 */
export function useAsBegun<Stored extends { readonly version: number }>(
  record: Stored,
  at: "edit.saw" | "line.saw" = "edit.saw",
  editing = true,
): Stored {
  const saw = useDraft(at);
  useEffect(() => {
    if (editing && saw === undefined) writeDraft(at, String(record.version));
  }, [at, editing, saw, record.version]);
  return saw === undefined || !editing ? record : { ...record, version: Number(saw) };
}
