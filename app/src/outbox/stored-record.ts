import type { RecordKind } from "@root-gauge/contract";
import { api } from "../data/api";
import { inputOfMachine, inputOfPart, inputOfPosition, inputOfRepair } from "../data/inputs";
import { inputOfJob } from "../data/job-queries";
import { inputOfOrder } from "../data/order-queries";

/** A record as the server has it: its fields as they are sent, and its version. */
export interface StoredRecord {
  readonly fields: object;
  readonly version: number;
}

/** Lines of orders are with their order. */
export type StoredKind = Exclude<RecordKind, "line">;

type Fetch = (id: string) => Promise<StoredRecord>;

const whole = <Stored extends { readonly version: number; readonly removed: boolean }>(
  stored: Stored,
  fields: object | undefined,
): StoredRecord => ({ fields: { ...fields, removed: stored.removed }, version: stored.version });

/** How a record of each kind that can wait on a device is asked for. */
const FETCHED: Readonly<Record<StoredKind, Fetch>> = {
  machine: async (id) => {
    const stored = await api.machine(id);
    return whole(stored, inputOfMachine(stored));
  },
  position: async (id) => {
    const stored = await api.position(id);
    return whole(stored, inputOfPosition(stored));
  },
  identification: async (id) => {
    const stored = await api.identification(id);
    return whole(stored, inputOfPart(stored));
  },
  repair: async (id) => {
    const stored = await api.repair(id);
    return whole(stored, inputOfRepair(stored));
  },
  job: async (id) => {
    const stored = await api.job(id);
    return whole(stored, inputOfJob(stored));
  },
  order: async (id) => {
    const stored = await api.order(id);
    return whole(stored, inputOfOrder(stored));
  },
  remark: async (id) => {
    const stored = await api.remark(id);
    const { positionId, text, takenAt } = stored;
    return whole(stored, { positionId, text, takenAt });
  },
  word: async (id) => {
    const stored = await api.word(id);
    return whole(stored, { word: stored.word, means: stored.means });
  },
};

/**
 * What the server has of a record, whatever waits here.
 * @throws ServerAway, ServerRefused as any question of the server
 */
export const storedOf = (kind: StoredKind, id: string): Promise<StoredRecord> => FETCHED[kind](id);
