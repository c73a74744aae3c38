import type { IdentificationRecord, Job } from "@root-gauge/contract";
import { identify, summaryOf } from "@root-gauge/core";
import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api } from "./api";
import type { Parcel } from "./outbox";
import { useOutbox } from "./saving";

/** A record, and whether the server has it yet. */
export type Kept<Record> = Record & { readonly waiting: boolean };

type IdentificationParcel = Extract<Parcel, { kind: "identification" }>;

/** What a waiting parcel will become, computed here until the server has computed it. */
function recordOf({ id, body, queuedAt }: IdentificationParcel): Kept<IdentificationRecord> {
  const at = new Date(queuedAt).toISOString();
  const result = summaryOf(identify(body.readings, body.options));
  return { ...body, id, result, createdAt: at, updatedAt: at, waiting: true };
}

function merged<Item extends { id: string }>(
  waiting: readonly Kept<Item>[],
  stored: readonly Item[],
): Kept<Item>[] {
  const ids = new Set(waiting.map(({ id }) => id));
  return [
    ...waiting,
    ...stored.filter(({ id }) => !ids.has(id)).map((item) => ({ ...item, waiting: false })),
  ];
}

interface Waiting {
  readonly jobs: readonly Kept<Job>[];
  readonly identifications: readonly Kept<IdentificationRecord>[];
}

function waitingOf(parcels: readonly Parcel[]): Waiting {
  const identifications = parcels.flatMap((parcel) =>
    parcel.kind === "identification" ? [recordOf(parcel)] : [],
  );
  const jobs = parcels.flatMap((parcel): Kept<Job>[] => {
    if (parcel.kind !== "job") return [];
    const at = new Date(parcel.queuedAt).toISOString();
    const parts = identifications.filter(({ jobId }) => jobId === parcel.id).length;
    const job = { ...parcel.body, createdAt: at, updatedAt: at, identifications: parts };
    return [{ ...job, id: parcel.id, waiting: true }];
  });
  return { jobs, identifications };
}

/** Identifies what waits once for each change of the outbox, not at every render that asks for a job's name. */
function useWaiting(): Waiting {
  const { parcels } = useOutbox();
  return useMemo(() => waitingOf(parcels), [parcels]);
}

/** All jobs: those waiting to be saved first, then the server's. */
export function useJobs() {
  const query = useQuery({ queryKey: ["jobs"], queryFn: api.jobs });
  const waiting = useWaiting();
  return { query, jobs: merged(waiting.jobs, query.data?.jobs ?? []) };
}

/** One job with its identifications, those waiting to be saved among them. */
export function useJob(id: string) {
  const waiting = useWaiting();
  const waitingJob = waiting.jobs.find((job) => job.id === id);
  const query = useQuery({
    queryKey: ["jobs", id],
    queryFn: () => api.job(id),
    enabled: waitingJob === undefined,
  });
  return {
    query,
    job: waitingJob ?? query.data?.job,
    identifications: merged(
      waiting.identifications.filter(({ jobId }) => jobId === id),
      query.data?.identifications ?? [],
    ),
  };
}

/** One stored identification. */
export function useIdentification(id: string) {
  const waiting = useWaiting().identifications.find((record) => record.id === id);
  const query = useQuery({
    queryKey: ["identifications", id],
    queryFn: () => api.identification(id),
    enabled: waiting === undefined,
  });
  const record = waiting ?? (query.data && { ...query.data, waiting: false });
  return { query, record };
}

/** A job's name, when it is known here. */
export function useJobName(id: string | null): string | undefined {
  return useJobs().jobs.find((job) => job.id === id)?.name;
}
