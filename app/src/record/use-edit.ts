import { clearDrafts, draftOf, useDraft, writeDraft } from "../data/drafts";
import { EDIT_DRAFTS } from "../data/draft-fields";

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
