import type { Job, JobInput, Write } from "@root-gauge/contract";
import { sql, type SqlBool } from "kysely";
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
    "jobs.removed",
    eb
      .selectFrom("identifications")
      .select((of) => of.fn.countAll<number>().as("count"))
      .whereRef("identifications.job_id", "=", "jobs.id")
      .where("identifications.removed", "=", 0)
      .$asScalar()
      .$notNull()
      .as("identifications"),
  ]);
}

interface JobRow extends Omit<Job, "removed"> {
  readonly removed: number;
}

const jobOf = ({ removed, ...job }: JobRow): Job => ({ ...job, removed: removed === 1 });

/** A text that is looked for as it stands: what LIKE takes for a sign of its own is not. */
const holding = (text: string) => `%${text.replace(/[\\%_]/g, "\\$&")}%`;

/**
 * A page of the jobs, the last touched first, each with how many identifications it holds.
 * @param search what the name or the origin is to hold, in either case
 */
export function listJobs(store: Store, after?: string, search = ""): Promise<Page<Job>> {
  const from = placeIn(after);
  let query = jobsWithCounts(store)
    .where("jobs.removed", "=", 0)
    .orderBy("jobs.updated_at", "desc")
    .orderBy("jobs.id");
  if (search !== "") {
    const like = holding(search);
    query = query.where(
      sql<SqlBool>`(jobs.name like ${like} escape '\\' or jobs.origin like ${like} escape '\\')`,
    );
  }
  if (from !== undefined) {
    query = query.where((eb) =>
      eb.or([
        eb("jobs.updated_at", "<", from.at),
        eb.and([eb("jobs.updated_at", "=", from.at), eb("jobs.id", ">", from.id)]),
      ]),
    );
  }
  return pageOf(query, jobOf, ({ updatedAt, id }) => ({ at: updatedAt, id }));
}

export async function findJob(store: Store, id: string): Promise<Job | undefined> {
  const row = await jobsWithCounts(store).where("jobs.id", "=", id).executeTakeFirst();
  return row === undefined ? undefined : jobOf(row);
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
    const { name, origin } = input;
    const removed = input.removed === true ? 1 : 0;
    const same =
      existing?.name === name && existing.origin === origin && existing.removed === removed;
    if (!same && !maySave(existing, write)) return undefined;
    if (!same) {
      const changed = { name, origin, removed, updated_at: at, ...wroteBy(existing, write) };
      await transaction
        .insertInto("jobs")
        .values({ id, created_at: at, ...changed })
        .onConflict((conflict) => conflict.column("id").doUpdateSet(changed))
        .execute();
    }
    return jobOf(
      await jobsWithCounts(transaction).where("jobs.id", "=", id).executeTakeFirstOrThrow(),
    );
  });
}
