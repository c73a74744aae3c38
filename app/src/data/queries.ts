import type { IdentificationRecord, Job, Repair } from "@root-gauge/contract";
import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useMemo } from "react";
import { api } from "./api";
import type { Parcel } from "./parcel";
import { queryClient } from "./query-client";
import { QUERY_KEYS } from "./query-keys";
import { recordToBe, repairToBe } from "./record-to-be";
import { useOutbox } from "./saving";

/** A record, and whether the server has it yet. */
export type Kept<Record> = Record & { readonly waiting: boolean };

function merged<Item extends { id: string }>(
  waiting: readonly Kept<Item>[],
  stored: readonly (Item & { readonly waiting?: boolean })[],
): Kept<Item>[] {
  const ids = new Set(waiting.map(({ id }) => id));
  return [
    ...waiting,
    ...stored.filter(({ id }) => !ids.has(id)).map((item) => ({ ...item, waiting: false })),
  ];
}

const inLists = ({ removed }: { readonly removed: boolean }) => !removed;

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
    const parts = identifications.filter(
      (record) => record.jobId === parcel.id && inLists(record),
    ).length;
    const stored = { createdAt: at, updatedAt: at, version: Math.max(1, parcel.saw) };
    const removed = parcel.body.removed === true;
    const job = { ...parcel.body, ...stored, removed, identifications: parts };
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
  return { query, jobs: merged(waiting.jobs, stored).filter(inLists), more: moreOf(query) };
}

const holds = (text: string) => (job: Job) =>
  `${job.name} ${job.origin}`.toLowerCase().includes(text.trim().toLowerCase());

/**
 * Jobs that hold a text, the last touched first: those that are known here at once, the others as the server finds
 * them.
 */
export function useJobSearch(text: string) {
  const known = useJobs();
  const asked = useDeferredValue(text.trim());
  const query = useQuery({
    queryKey: QUERY_KEYS.jobSearch(asked),
    queryFn: () => api.jobs(undefined, asked),
    enabled: asked !== "" && known.query.hasNextPage,
    gcTime: 60_000,
  });
  const here = text.trim() === "" ? known.jobs : known.jobs.filter(holds(text));
  const found = (query.data?.jobs ?? []).filter(holds(text));
  return { query: known.query, jobs: merged(here, found).filter(inLists), all: known.jobs };
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
    // One that waits to be moved or taken out stands here no more.
    identifications: merged(waiting.identifications, stored).filter(
      (record) => record.jobId === id && inLists(record),
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
  const repairs = merged(waiting.repairs, stored).filter(
    (repair) => repair.jobId === jobId && inLists(repair),
  );
  return { repairs, next: query.hasNextPage, more: moreOf(query) };
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
export function useIdentification(id: string | undefined) {
  const waiting = useWaiting().identifications.find((record) => record.id === id);
  const query = useQuery({
    queryKey: QUERY_KEYS.identification(id ?? ""),
    queryFn: () => api.identification(id ?? ""),
    enabled: id !== undefined && waiting === undefined,
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

/** The shop's own words as the server has them, whatever waits here; in every room, those without a provider too. */
export function useStoredWords() {
  return useQuery({ queryKey: QUERY_KEYS.words, queryFn: api.words }, queryClient);
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
