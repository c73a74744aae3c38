import { useDraft, writeDraft } from "../data/drafts/drafts";
import type { Where } from "../shared/where";

/** What is typed or chosen of the place. */
export const WHERE_DRAFTS = ["edit.machine", "edit.position", "edit.at"] as const;

interface StoredWhere {
  readonly machineId: string;
  readonly position: string;
  readonly positionId: string | null;
}

/** Where a stored record belongs, as it is being changed: at its position, until another place is named. */
export function useEditedWhere(stored: StoredWhere) {
  const machineId = useDraft("edit.machine") || stored.machineId;
  const named = useDraft("edit.position");
  const chosen = useDraft("edit.at");
  const stays = named === undefined && machineId === stored.machineId;
  const positionId = (stays ? stored.positionId : chosen) || undefined;
  const change = (to: Partial<Where>) => {
    if (to.machineId) writeDraft("edit.machine", to.machineId);
    if (to.position !== undefined) writeDraft("edit.position", to.position);
    writeDraft("edit.at", to.positionId ?? "");
  };
  const where = { machineId, position: named ?? stored.position };
  return { where: positionId === undefined ? where : { ...where, positionId }, change };
}
