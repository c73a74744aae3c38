import { useDraft, writeDraft } from "../data/drafts";
import type { Where } from "../sheet/where-card";

/** Where a stored record belongs, as it is being changed. */
export function useEditedWhere(stored: { readonly jobId: string; readonly position: string }) {
  const jobId = useDraft("edit.job") || stored.jobId;
  const position = useDraft("edit.position") ?? stored.position;
  const change = (to: Partial<Where>) => {
    if (to.jobId) writeDraft("edit.job", to.jobId);
    if (to.position !== undefined) writeDraft("edit.position", to.position);
  };
  return { where: { jobId, position }, change };
}
