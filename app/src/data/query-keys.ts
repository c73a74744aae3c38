import type { Parcel } from "./parcel";

/** What each answer of the server is kept under. A list of jobs, one job, its name, one part: a change touches its own. */
export const QUERY_KEYS = {
  jobs: ["jobs"] as const,
  jobSearch: (text: string) => ["jobs", text] as const,
  job: (id: string) => ["job", id] as const,
  jobName: (id: string) => ["job-name", id] as const,
  identification: (id: string) => ["identification", id] as const,
  repairs: (jobId: string) => ["repairs", jobId] as const,
  repair: (id: string) => ["repair", id] as const,
  words: ["words"] as const,
  met: ["met"] as const,
};

/** The answers that a save changes. */
export function keysOf(
  parcel: Pick<Parcel, "kind" | "id" | "body">,
): readonly (readonly string[])[] {
  if (parcel.kind === "job") {
    return [QUERY_KEYS.jobs, QUERY_KEYS.job(parcel.id), QUERY_KEYS.jobName(parcel.id)];
  }
  if (parcel.kind === "word") return [QUERY_KEYS.words];
  const { jobId } = parcel.body as { jobId: string };
  // It may have stood in another job before: the lists of all jobs are asked for again as they are shown.
  if (parcel.kind === "repair") {
    return [QUERY_KEYS.jobs, QUERY_KEYS.repairs(jobId), ["repairs"], QUERY_KEYS.repair(parcel.id)];
  }
  return [
    QUERY_KEYS.jobs,
    QUERY_KEYS.job(jobId),
    ["job"],
    QUERY_KEYS.identification(parcel.id),
    QUERY_KEYS.met,
  ];
}
