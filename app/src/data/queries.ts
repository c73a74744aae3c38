import type { IdentificationRecord, Job, Repair } from "@root-gauge/contract";
import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api } from "./api";
import type { Parcel } from "./parcel";
import { QUERY_KEYS } from "./query-keys";
import { recordToBe, repairToBe } from "./record-to-be";
import { useOutbox } from "./saving";

/** A record, and whether the server has it yet. */
export type Kept<Record> = Record & { readonly waiting: boolean };

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
  readonly repairs: readonly Kept<Repair>[];
}

function waitingOf(parcels: readonly Parcel[]): Waiting {
  const identifications = parcels.flatMap((parcel) =>
    parcel.kind === "identification" ? [{ ...recordToBe(parcel), waiting: true }] : [],
  );
  const jobs = parcels.flatMap((parcel): Kept<Job>[] => {
    if (parcel.kind !== "job") return [];
    const at = new Date(parcel.queuedAt).toISOString();
    const parts = identifications.filter(({ jobId }) => jobId === parcel.id).length;
    const stored = { createdAt: at, updatedAt: at, version: Math.max(1, parcel.saw) };
    const job = { ...parcel.body, ...stored, identifications: parts };
    return [{ ...job, id: parcel.id, waiting: true }];
  });
  const repairs = parcels.flatMap((parcel) =>
    parcel.kind === "repair" ? [{ ...repairToBe(parcel), waiting: true }] : [],
  );
  return { jobs, identifications, repairs };
}

/** Identifies what waits once for each change of the outbox, not at every render that asks for a job's name. */
function useWaiting(): Waiting {
  const { parcels } = useOutbox();
  return useMemo(() => waitingOf(parcels), [parcels]);
}

interface HasMore {
  readonly hasNextPage: boolean;
  readonly isFetchingNextPage: boolean;
  fetchNextPage(): Promise<unknown>;
}

/** Fetches the next page of a list, where there is one and it is not on its way. */
const moreOf = (query: HasMore) => () => {
  if (query.hasNextPage && !query.isFetchingNextPage) void query.fetchNextPage();
};

/** All jobs so far: those waiting to be saved first, then the server's, page by page. */
export function useJobs() {
  const query = useInfiniteQuery({
    queryKey: QUERY_KEYS.jobs,
    queryFn: ({ pageParam }) => api.jobs(pageParam),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: ({ next }) => next ?? undefined,
  });
  const waiting = useWaiting();
  const stored = query.data?.pages.flatMap(({ jobs }) => jobs) ?? [];
  return { query, jobs: merged(waiting.jobs, stored), more: moreOf(query) };
}

/** One job with its identifications so far, those waiting to be saved among them. */
export function useJob(id: string) {
  const waiting = useWaiting();
  const waitingJob = waiting.jobs.find((job) => job.id === id);
  const query = useInfiniteQuery({
    queryKey: QUERY_KEYS.job(id),
    queryFn: ({ pageParam }) => api.job(id, pageParam),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: ({ next }) => next ?? undefined,
    enabled: waitingJob === undefined,
  });
  const stored = query.data?.pages.flatMap(({ identifications }) => identifications) ?? [];
  return {
    query,
    job: waitingJob ?? query.data?.pages[0]?.job,
    identifications: merged(
      waiting.identifications.filter(({ jobId }) => jobId === id),
      stored,
    ),
    more: moreOf(query),
  };
}

/** A job's repairs so far, those waiting to be saved first. */
export function useRepairs(jobId: string) {
  const waiting = useWaiting();
  const query = useInfiniteQuery({
    queryKey: QUERY_KEYS.repairs(jobId),
    queryFn: ({ pageParam }) => api.repairs(jobId, pageParam),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: ({ next }) => next ?? undefined,
    enabled: !waiting.jobs.some(({ id }) => id === jobId),
  });
  const stored = query.data?.pages.flatMap(({ repairs }) => repairs) ?? [];
  const own = waiting.repairs.filter((repair) => repair.jobId === jobId);
  return { repairs: merged(own, stored), next: query.hasNextPage, more: moreOf(query) };
}

/** One stored repair. */
export function useRepair(id: string) {
  const waiting = useWaiting().repairs.find((repair) => repair.id === id);
  const query = useQuery({
    queryKey: QUERY_KEYS.repair(id),
    queryFn: () => api.repair(id),
    enabled: waiting === undefined,
  });
  const repair = waiting ?? (query.data && { ...query.data, waiting: false });
  return { query, repair };
}

/** One stored identification. */
export function useIdentification(id: string) {
  const waiting = useWaiting().identifications.find((record) => record.id === id);
  const query = useQuery({
    queryKey: QUERY_KEYS.identification(id),
    queryFn: () => api.identification(id),
    enabled: waiting === undefined,
  });
  const record = waiting ?? (query.data && { ...query.data, waiting: false });
  return { query, record };
}

/** What the server has of an identification, whatever waits here. */
export function useStoredIdentification(id: string) {
  return useQuery({
    queryKey: QUERY_KEYS.identification(id),
    queryFn: () => api.identification(id),
  });
}

/** What the server has of a repair, whatever waits here. */
export function useStoredRepair(id: string) {
  return useQuery({ queryKey: QUERY_KEYS.repair(id), queryFn: () => api.repair(id) });
}

/** A job's name, when it is known here: from the list, else by asking for that job. */
export function useJobName(id: string | null): string | undefined {
  const { jobs, query } = useJobs();
  const listed = jobs.find((job) => job.id === id)?.name;
  const asked = useQuery({
    queryKey: QUERY_KEYS.jobName(id ?? ""),
    queryFn: async () => (await api.job(id ?? "")).job.name,
    enabled: id !== null && listed === undefined && query.isSuccess,
  });
  return listed ?? asked.data;
}
