import type { RepairInput } from "@root-gauge/contract";
import {
  storedDamage,
  type Damage,
  type RepairRecord,
  type RepairWork,
  optionKey,
} from "@root-gauge/core/mend/repair";
import { repairToolWords } from "@root-gauge/core/say/mend";
import { v4 as uuid } from "uuid";
import { wasStored, type MendState } from "../../data/kept/mend-state";
import { saveRepair } from "../../data/outbox/saving";

/** What a new hole's plan is called among what was begun. */
export const NEW_HOLE = "new";

/** The plan that is looked at, by its key. */
export function planKey({ chosen }: RepairWork): string {
  return chosen === undefined ? NEW_HOLE : optionKey(chosen);
}

/** What the plan's tools are, until somebody says what was really used. */
export function plannedTools({ steps }: RepairWork): string {
  const layOut = steps.find(({ code }) => code === "lay-out");
  return (layOut?.figures.tools ?? []).map((tool) => repairToolWords(tool)).join(", ");
}

/** What was said and done, as it is stored and printed. */
export function recordOf(state: MendState, damage: Damage, work: RepairWork): RepairRecord {
  const { drill, done, begun, former, used, outcome, notes } = state;
  const key = planKey(work);
  return {
    damage: storedDamage(damage),
    choice: {
      ...(key === NEW_HOLE ? {} : { option: key }),
      ...(drill === undefined ? {} : { drill }),
    },
    done: begun === key ? done : [],
    former,
    used: used ?? plannedTools(work),
    outcome,
    notes,
  };
}

/** Saves the repair under its machine, the first time under an id of its own. @returns its id */
export function storeRepair(state: MendState, machineId: string, record: RepairRecord): string {
  const { position, positionId, repairId: stored, saw, takenAt: first } = state;
  const repairId = stored ?? uuid();
  const takenAt = first ?? new Date().toISOString();
  const at = positionId === undefined ? {} : { positionId };
  const input: RepairInput = { machineId, position, ...at, record, takenAt };
  saveRepair(repairId, input, saw);
  wasStored(repairId, saw, takenAt);
  return repairId;
}
