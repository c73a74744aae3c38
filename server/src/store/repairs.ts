import {
  repairRecordSchema,
  type Repair,
  type RepairInput,
  type RepairRow,
  type Write,
} from "@root-gauge/contract";
import { progressWords, repairSummary } from "@root-gauge/core/say/mend";
import type { Selectable, Transaction } from "kysely";
import { noteAtPlaces } from "./changes";
import type { Store } from "./database";
import { standsAt, type FoundAt } from "./found-at";
import { kept, setAside } from "./kept-json";
import { pathOf, pathsOf } from "./machine-places";
import { pageOf, takenBefore, type Page } from "./page";
import { saveRecord } from "./save-record";
import type { RepairsTable, Tables } from "./schema";
import { indexUpTo } from "./search-index";
import { settlePlace, type SavedUnderMachine } from "./settle-place";

type Row = Selectable<RepairsTable>;

/** A row as a record: its words are worked out from the damage each time, never a client's claim. */
function repairOf(row: Row, path: string): Repair {
  const record = kept(row.record, repairRecordSchema);
  const summary = record.value === undefined ? undefined : repairSummary(record.value);
  return {
    id: row.id,
    machineId: row.machine_id,
    position: path,
    positionId: row.position_id,
    record: record.value ?? null,
    thread: summary?.thread ?? "",
    title: summary?.title ?? "",
    steps: summary?.steps ?? 0,
    takenAt: row.taken_at,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    version: row.version,
    unreadable: [...setAside(row), ...record.unreadable],
    removed: row.removed === 1,
  };
}

async function withPath(store: Store | Transaction<Tables>, row: Row): Promise<Repair> {
  return repairOf(row, await pathOf(store, row));
}

/** Where a repair was done and how far it has come, for the history of its position. */
function mendedIn(row: Row | undefined) {
  if (row === undefined || row.removed === 1) return { at: row?.position_id ?? null, text: "" };
  const { title, steps, record } = repairOf(row, "");
  const how =
    record === null ? "" : progressWords(record.outcome, record.done.length, steps).toLowerCase();
  return { at: row.position_id, text: [title, how].filter((part) => part !== "").join(", ") };
}

/** Stores a repair under the client's id; the same content twice is one record. */
export async function saveRepair(
  store: Store,
  id: string,
  input: RepairInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<SavedUnderMachine<Repair>> {
  const writing = { write, at: now.toISOString() };
  return store.transaction().execute(async (transaction): Promise<SavedUnderMachine<Repair>> => {
    const saved = await saveRecord<Row, "no-machine">(transaction, "repair", id, input, writing, {
      settle: (wanted, before) => settlePlace(transaction, input, wanted, before, writing),
    });
    if (saved.kind === "conflict") return saved;
    if (saved.kind === "refused") return { kind: saved.refused };
    if (saved.kind === "saved") {
      const { row, before } = saved;
      await noteAtPlaces(transaction, "mended", mendedIn(before), mendedIn(row), writing);
      if (row.position_id !== null) await indexUpTo(transaction, row.position_id);
    }
    return { kind: "saved", record: await withPath(transaction, saved.row) };
  });
}

export async function findRepair(store: Store, id: string): Promise<Repair | undefined> {
  const row = await store.selectFrom("repairs").selectAll().where("id", "=", id).executeTakeFirst();
  return row === undefined ? undefined : withPath(store, row);
}

/** A repair as a list shows it: what it is, and how far it has come. */
function shownOf({ createdAt: _createdAt, record, ...row }: Repair): RepairRow {
  if (record === null) return { ...row, record };
  const { outcome, done } = record;
  return { ...row, record: { outcome, done: done.map(({ code }) => ({ code })) } };
}

/** A page of the repairs that were done there, the last taken first. */
export function repairsAt(store: Store, at: FoundAt, after?: string): Promise<Page<RepairRow>> {
  return pageOf(
    store
      .selectFrom("repairs")
      .selectAll()
      .where(standsAt(at))
      .where(takenBefore(after))
      .orderBy("taken_at", "desc")
      .orderBy("id"),
    async (rows) => {
      const paths = await pathsOf(store, rows);
      return rows.map((row, i) => shownOf(repairOf(row, paths[i] ?? row.position)));
    },
    ({ takenAt, id }) => ({ at: takenAt, id }),
  );
}
