import type { Job, JobInput, Write } from "@root-gauge/contract";
import type { Store } from "./database";
import { pageOf, placeIn, type Page } from "./page";
import { maySave, wroteBy } from "./versions";

function jobsWithCounts(store: Store) {
  return store.selectFrom("jobs").select((eb) => [
    "jobs.id",
    "jobs.name",
    "jobs.origin",
    "jobs.created_at as createdAt",
    "jobs.updated_at as updatedAt",
    "jobs.version",
    eb
      .selectFrom("identifications")
      .select((of) => of.fn.countAll<number>().as("count"))
      .whereRef("identifications.job_id", "=", "jobs.id")
      .$asScalar()
      .$notNull()
      .as("identifications"),
  ]);
}

/** A page of the jobs, the last touched first, each with how many identifications it holds. */
export function listJobs(store: Store, after?: string): Promise<Page<Job>> {
  const from = placeIn(after);
  let query = jobsWithCounts(store).orderBy("jobs.updated_at", "desc").orderBy("jobs.id");
  if (from !== undefined) {
    query = query.where((eb) =>
      eb.or([
        eb("jobs.updated_at", "<", from.at),
        eb.and([eb("jobs.updated_at", "=", from.at), eb("jobs.id", ">", from.id)]),
      ]),
    );
  }
  return pageOf(
    query,
    (job) => job,
    ({ updatedAt, id }) => ({ at: updatedAt, id }),
  );
}

export function findJob(store: Store, id: string): Promise<Job | undefined> {
  return jobsWithCounts(store).where("jobs.id", "=", id).executeTakeFirst();
}

/**
 * Makes the job, or renames it when its writer has seen it as it is: saying it twice is saying it once.
 * @returns undefined when another device has changed it since; nothing was stored
 */
export async function saveJob(
  store: Store,
  id: string,
  input: JobInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<Job | undefined> {
  const at = now.toISOString();
  return store.transaction().execute(async (transaction) => {
    const existing = await transaction
      .selectFrom("jobs")
      .selectAll()
      .where("id", "=", id)
      .executeTakeFirst();
    const same = existing?.name === input.name && existing.origin === input.origin;
    if (!same && !maySave(existing, write)) return undefined;
    if (!same) {
      const changed = { ...input, updated_at: at, ...wroteBy(existing, write) };
      await transaction
        .insertInto("jobs")
        .values({ id, created_at: at, ...changed })
        .onConflict((conflict) => conflict.column("id").doUpdateSet(changed))
        .execute();
    }
    return jobsWithCounts(transaction).where("jobs.id", "=", id).executeTakeFirstOrThrow();
  });
}
