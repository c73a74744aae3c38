import type { Job, JobInput } from "@root-gauge/contract";
import type { Store } from "./database";

function jobsWithCounts(store: Store) {
  return store
    .selectFrom("jobs")
    .leftJoin("identifications", "identifications.job_id", "jobs.id")
    .select((eb) => [
      "jobs.id",
      "jobs.name",
      "jobs.origin",
      "jobs.created_at as createdAt",
      "jobs.updated_at as updatedAt",
      eb.fn.count<number>("identifications.id").as("identifications"),
    ])
    .groupBy("jobs.id");
}

/** All jobs, the last touched first, each with how many identifications it holds. */
export function listJobs(store: Store): Promise<Job[]> {
  return jobsWithCounts(store).orderBy("jobs.updated_at", "desc").orderBy("jobs.name").execute();
}

export function findJob(store: Store, id: string): Promise<Job | undefined> {
  return jobsWithCounts(store).where("jobs.id", "=", id).executeTakeFirst();
}

/** Makes the job, or renames it when it is there: saying it twice is saying it once. */
export async function saveJob(store: Store, id: string, input: JobInput, now: Date): Promise<Job> {
  const at = now.toISOString();
  await store
    .insertInto("jobs")
    .values({ id, ...input, created_at: at, updated_at: at })
    .onConflict((conflict) => conflict.column("id").doUpdateSet({ ...input, updated_at: at }))
    .execute();
  return jobsWithCounts(store).where("jobs.id", "=", id).executeTakeFirstOrThrow();
}
