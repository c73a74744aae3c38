import {
  repairRecordSchema,
  type Repair,
  type RepairInput,
  type Write,
} from "@root-gauge/contract";
import { repairSummary } from "@root-gauge/core/repair-words";
import type { Selectable } from "kysely";
import type { Store } from "./database";
import { kept, setAside } from "./kept-json";
import { pageOf, takenBefore, type Page } from "./page";
import type { RepairsTable } from "./schema";
import { refusedUnderJob, type SavedUnderJob } from "./under-job";
import { wroteBy } from "./versions";

type RepairRow = Selectable<RepairsTable>;

/** A row as a record: its words are worked out from the damage each time, never a client's claim. */
function repairOf(row: RepairRow): Repair {
  const record = kept(row.record, repairRecordSchema);
  const summary = record.value === undefined ? undefined : repairSummary(record.value);
  return {
    id: row.id,
    jobId: row.job_id,
    position: row.position,
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

/** Stores a repair under the client's id; the same content twice is one record. */
export async function saveRepair(
  store: Store,
  id: string,
  input: RepairInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<SavedUnderJob<Repair>> {
  const at = now.toISOString();
  const content = {
    job_id: input.jobId,
    position: input.position,
    record: JSON.stringify(input.record),
    taken_at: input.takenAt,
    removed: input.removed === true ? 1 : 0,
  };
  return store.transaction().execute(async (transaction): Promise<SavedUnderJob<Repair>> => {
    const existing = await transaction
      .selectFrom("repairs")
      .selectAll()
      .where("id", "=", id)
      .executeTakeFirst();
    const same =
      existing !== undefined &&
      Object.entries(content).every(([key, value]) => existing[key as keyof RepairRow] === value);
    if (same) return { kind: "saved", record: repairOf(existing) };
    const refused = await refusedUnderJob(transaction, input, existing, write, at);
    if (refused !== undefined) return refused;
    const changed = {
      ...content,
      updated_at: at,
      ...wroteBy(existing, write),
      set_aside: JSON.stringify(existing === undefined ? [] : repairOf(existing).unreadable),
    };
    const row = await transaction
      .insertInto("repairs")
      .values({ id, created_at: at, ...changed })
      .onConflict((conflict) => conflict.column("id").doUpdateSet(changed))
      .returningAll()
      .executeTakeFirstOrThrow();
    return { kind: "saved", record: repairOf(row) };
  });
}

export async function findRepair(store: Store, id: string): Promise<Repair | undefined> {
  const row = await store.selectFrom("repairs").selectAll().where("id", "=", id).executeTakeFirst();
  return row === undefined ? undefined : repairOf(row);
}

/** A page of a job's repairs, the last taken first. */
export function repairsOfJob(store: Store, jobId: string, after?: string): Promise<Page<Repair>> {
  return pageOf(
    store
      .selectFrom("repairs")
      .selectAll()
      .where("job_id", "=", jobId)
      .where("removed", "=", 0)
      .where(takenBefore(after))
      .orderBy("taken_at", "desc")
      .orderBy("id"),
    repairOf,
    ({ takenAt, id }) => ({ at: takenAt, id }),
  );
}
