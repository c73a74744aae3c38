import type { RecordKind } from "@root-gauge/contract";
import { api } from "../data/api";
import { inputOfMachine, inputOfPart, inputOfPosition, inputOfRepair } from "../data/inputs";
import { inputOfJob } from "../data/job-queries";
import { inputOfOrder } from "../data/order-queries";
import type { Parcel } from "../data/parcel";

/** A record as the server has it: its fields as they are sent, and its version. */
export interface StoredRecord {
  readonly fields: object;
  readonly version: number;
}

/** Lists whose records are sought in them, a page after the other. */
async function sought<Item extends { readonly id: string }>(
  id: string,
  page: (
    after?: string,
  ) => Promise<{ readonly items: readonly Item[]; readonly next: string | null }>,
): Promise<Item | undefined> {
  for (let after: string | undefined; ;) {
    const { items, next } = await page(after);
    const found = items.find((item) => item.id === id);
    if (found !== undefined || next === null) return found;
    after = next;
  }
}

type Fetch = (parcel: Parcel) => Promise<StoredRecord | undefined>;

const whole = <Stored extends { readonly version: number; readonly removed: boolean }>(
  stored: Stored,
  fields: object | undefined,
): StoredRecord => ({ fields: { ...fields, removed: stored.removed }, version: stored.version });

/** How a record of each kind that can wait on a device is asked for. */
const FETCHED: Readonly<Record<Exclude<RecordKind, "line">, Fetch>> = {
  machine: async ({ id }) => {
    const stored = await api.machine(id);
    return whole(stored, inputOfMachine(stored));
  },
  position: async ({ id }) => {
    const stored = await api.position(id);
    return whole(stored, inputOfPosition(stored));
  },
  identification: async ({ id }) => {
    const stored = await api.identification(id);
    return whole(stored, inputOfPart(stored));
  },
  repair: async ({ id }) => {
    const stored = await api.repair(id);
    return whole(stored, inputOfRepair(stored));
  },
  job: async ({ id }) => {
    const stored = await api.job(id);
    return whole(stored, inputOfJob(stored));
  },
  order: async ({ id }) => {
    const stored = await api.order(id);
    return whole(stored, inputOfOrder(stored));
  },
  remark: async (parcel) => {
    if (parcel.kind !== "remark") return undefined;
    const stored = await sought(parcel.id, async (after) => {
      const { remarks, next } = await api.remarks(parcel.body.positionId, after);
      return { items: remarks, next };
    });
    return stored && whole(stored, stored);
  },
  word: async ({ id }) => {
    const stored = await sought(id, async (after) => {
      const { words, next } = await api.words(after);
      return { items: words, next };
    });
    return stored && whole(stored, stored);
  },
};

/**
 * What the server has of a record that waits here.
 * @throws ServerAway, ServerRefused as any question of the server
 */
export async function storedOf(parcel: Parcel): Promise<StoredRecord | null> {
  return (await FETCHED[parcel.kind](parcel)) ?? null;
}
