import {
  identifyOptionsSchema,
  readingsSchema,
  replacementSchema,
  resultSchema,
  type IdentificationInput,
  type IdentificationRecord,
} from "@root-gauge/contract";
import { identify, summaryOf } from "@root-gauge/core";
import type { Selectable } from "kysely";
import type { Store } from "./database";
import type { IdentificationsTable } from "./schema";

/**
 * Identifies again and stores under the client's id; the same id twice is one record, the later content winning.
 * @returns the record, or undefined when its job does not exist
 */
export async function saveIdentification(
  store: Store,
  id: string,
  input: IdentificationInput,
  now: Date,
): Promise<IdentificationRecord | undefined> {
  const at = now.toISOString();
  const content = {
    job_id: input.jobId,
    position: input.position,
    readings: JSON.stringify(input.readings),
    options: JSON.stringify(input.options),
    notes: input.notes,
    replacement: input.replacement === null ? null : JSON.stringify(input.replacement),
    // The server's own computation, never a client's claim.
    result: JSON.stringify(summaryOf(identify(input.readings, input.options))),
    taken_at: input.takenAt,
    updated_at: at,
  };
  return store.transaction().execute(async (transaction) => {
    const job = await transaction
      .updateTable("jobs")
      .set({ updated_at: at })
      .where("id", "=", input.jobId)
      .executeTakeFirst();
    if (job.numUpdatedRows === 0n) return undefined;
    const row = await transaction
      .insertInto("identifications")
      .values({ id, created_at: at, ...content })
      .onConflict((conflict) => conflict.column("id").doUpdateSet(content))
      .returningAll()
      .executeTakeFirstOrThrow();
    return recordOf(row);
  });
}

export async function findIdentification(
  store: Store,
  id: string,
): Promise<IdentificationRecord | undefined> {
  const row = await store
    .selectFrom("identifications")
    .selectAll()
    .where("id", "=", id)
    .executeTakeFirst();
  return row === undefined ? undefined : recordOf(row);
}

/** A job's identifications, the last taken first. */
export async function identificationsOfJob(
  store: Store,
  jobId: string,
): Promise<IdentificationRecord[]> {
  const rows = await store
    .selectFrom("identifications")
    .selectAll()
    .where("job_id", "=", jobId)
    .orderBy("taken_at", "desc")
    .orderBy("position")
    .execute();
  return rows.map(recordOf);
}

function recordOf(row: Selectable<IdentificationsTable>): IdentificationRecord {
  return {
    id: row.id,
    jobId: row.job_id,
    position: row.position,
    readings: readingsSchema.parse(JSON.parse(row.readings)),
    options: identifyOptionsSchema.parse(JSON.parse(row.options)),
    notes: row.notes,
    replacement:
      row.replacement === null ? null : replacementSchema.parse(JSON.parse(row.replacement)),
    result: resultSchema.parse(JSON.parse(row.result)),
    takenAt: row.taken_at,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
  };
}
