import { sentFields, type RecordKind } from "@root-gauge/contract";
import { api } from "../data/server/api";
import {
  inputOfJob,
  inputOfMachine,
  inputOfOrder,
  inputOfPart,
  inputOfPosition,
  inputOfRemark,
  inputOfRepair,
} from "../data/record/inputs";

/** A record as the server has it: its fields as they are sent, and its version. */
export interface StoredRecord {
  readonly fields: object;
  readonly version: number;
}

/** Lines of orders are with their order. */
export type StoredKind = Exclude<RecordKind, "line">;

type Fetch = (id: string) => Promise<StoredRecord>;

/** Asks for a record, and has its fields as they are sent. */
const by =
  <Stored extends { readonly version: number; readonly removed: boolean }>(
    ask: (id: string) => Promise<Stored>,
    fieldsOf: (stored: Stored) => object | undefined,
  ): Fetch =>
  async (id) => {
    const stored = await ask(id);
    const { version, removed } = stored;
    return { fields: { ...fieldsOf(stored), removed }, version };
  };

/** How a record of each kind that can wait on a device is asked for. */
const FETCHED: Readonly<Record<StoredKind, Fetch>> = {
  machine: by(api.machine, inputOfMachine),
  position: by(api.position, inputOfPosition),
  identification: by(api.identification, inputOfPart),
  repair: by(api.repair, inputOfRepair),
  job: by(api.job, inputOfJob),
  order: by(api.order, inputOfOrder),
  remark: by(api.remark, inputOfRemark),
  word: by(api.word, (word) => sentFields("word", word)),
};

/**
 * What the server has of a record, whatever waits here.
 * @throws ServerAway, ServerRefused as any question of the server
 */
export const storedOf = (kind: StoredKind, id: string): Promise<StoredRecord> => FETCHED[kind](id);
