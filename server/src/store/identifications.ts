import type { IdentificationInput, IdentificationRecord, Write } from "@root-gauge/contract";
import { identify, summaryOf } from "@root-gauge/core";
import type { Store } from "./database";
import { pageOf, takenBefore, type Page } from "./page";
import { recordOf, type IdentificationRow } from "./stored-identification";
import { refusedUnderJob, type SavedUnderJob } from "./under-job";
import { wroteBy } from "./versions";

export type Saved = SavedUnderJob<IdentificationRecord>;

function contentOf(input: IdentificationInput) {
  return {
    job_id: input.jobId,
    position: input.position,
    readings: JSON.stringify(input.readings),
    options: JSON.stringify(input.options),
    notes: input.notes,
    replacement: input.replacement === null ? null : JSON.stringify(input.replacement),
    taken_at: input.takenAt,
    removed: input.removed === true ? 1 : 0,
  };
}

type Content = ReturnType<typeof contentOf>;

function isSame(row: IdentificationRow, content: Content): boolean {
  return (Object.keys(content) as (keyof Content)[]).every((key) => row[key] === content[key]);
}

/**
 * Identifies again and stores under the client's id. The same content twice is one record; other content takes the
 * place of a version that its writer has seen.
 */
export async function saveIdentification(
  store: Store,
  id: string,
  input: IdentificationInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<Saved> {
  const at = now.toISOString();
  const content = contentOf(input);
  // The server's own computation, never a client's claim.
  const result = JSON.stringify(summaryOf(identify(input.readings, input.options)));
  return store.transaction().execute(async (transaction): Promise<Saved> => {
    const existing = await transaction
      .selectFrom("identifications")
      .selectAll()
      .where("id", "=", id)
      .executeTakeFirst();
    if (existing !== undefined && isSame(existing, content)) {
      return { kind: "saved", record: recordOf(existing) };
    }
    const refused = await refusedUnderJob(transaction, input, existing, write, at);
    if (refused !== undefined) return refused;
    const changed = {
      ...content,
      result,
      updated_at: at,
      ...wroteBy(existing, write),
      // What could not be read of the row is kept beside what takes its place.
      set_aside: JSON.stringify(existing === undefined ? [] : recordOf(existing).unreadable),
    };
    const row = await transaction
      .insertInto("identifications")
      .values({ id, created_at: at, ...changed })
      .onConflict((conflict) => conflict.column("id").doUpdateSet(changed))
      .returningAll()
      .executeTakeFirstOrThrow();
    return { kind: "saved", record: recordOf(row) };
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

/** A page of a job's identifications, the last taken first. */
export async function identificationsOfJob(
  store: Store,
  jobId: string,
  after?: string,
): Promise<Page<IdentificationRecord>> {
  return pageOf(
    store
      .selectFrom("identifications")
      .selectAll()
      .where("job_id", "=", jobId)
      .where("removed", "=", 0)
      .where(takenBefore(after))
      .orderBy("taken_at", "desc")
      .orderBy("id"),
    recordOf,
    ({ takenAt, id }) => ({ at: takenAt, id }),
  );
}
