import type { Job, JobInput, JobPlace, WholeJob } from "@root-gauge/contract";
import { countStates } from "@root-gauge/core/record";
import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api } from "../server/api";
import { changedFrom, newest, type ChangeOf } from "../outbox/changed-fields";
import { inputOfJob } from "./inputs";
import { moreOf, paged } from "../server/paged";
import type { Parcel } from "../outbox/parcel";
import { queryClient } from "../server/query-client";
import { QUERY_KEYS } from "../outbox/query-keys";
import { outbox, saveJob, useOutbox } from "../outbox/saving";
import { inLists, useWaiting, type Kept } from "../outbox/waiting";

type JobParcel = Extract<Parcel, { kind: "job" }>;

function useWaitingJobs(): readonly JobParcel[] {
  const { shown: parcels } = useOutbox();
  return useMemo(
    () => parcels.flatMap((parcel) => (parcel.kind === "job" ? [parcel] : [])),
    [parcels],
  );
}

/** A job that waits, as a list shows it: how its places stand is as the server last said. */
function jobToBe({ id, body, queuedAt, saw }: JobParcel, stored: Job | undefined): Kept<Job> {
  const at = new Date(queuedAt).toISOString();
  return {
    ...body,
    id,
    machines: stored?.machines ?? [],
    states: stored?.states ?? {},
    createdAt: stored?.createdAt ?? at,
    updatedAt: at,
    version: Math.max(1, saw),
    removed: body.removed === true,
    waiting: true,
  };
}

/** Open ones first, the soonest due before; then those that are done, as the server has them. */
const inOrder = (one: Job, other: Job) =>
  Number(one.done !== null) - Number(other.done !== null) ||
  (one.due ?? "9999").localeCompare(other.due ?? "9999");

/** All jobs so far, those that wait to be saved among them. */
export function useJobs() {
  const waiting = useWaitingJobs();
  const query = useInfiniteQuery(paged(QUERY_KEYS.jobs, api.jobs));
  const { data } = query;
  const jobs = useMemo(() => {
    const stored = data?.pages.flatMap((page) => page.jobs) ?? [];
    const ids = new Set(waiting.map(({ id }) => id));
    const kept = stored
      .filter(({ id }) => !ids.has(id))
      .map((job): Kept<Job> => ({ ...job, waiting: false }));
    const toBe = waiting.map((parcel) =>
      jobToBe(
        parcel,
        stored.find(({ id }) => id === parcel.id),
      ),
    );
    return [...kept, ...toBe].filter(inLists).sort(inOrder);
  }, [data, waiting]);
  return { query, jobs, more: moreOf(query) };
}

/** A job with what is worked at; of places that were just added no more is known than that they are of it. */
export function useJob(id: string | undefined) {
  const parcel = useWaitingJobs().find((one) => one.id === id);
  const { positions: changed, unsaved } = useWaiting();
  const query = useQuery({
    queryKey: QUERY_KEYS.job(id ?? ""),
    queryFn: () => api.job(id ?? ""),
    // What the server has never had it is not asked for.
    enabled: id !== undefined && !unsaved.has(id),
  });
  const { data } = query;
  const whole = useMemo(() => {
    if (data === undefined && parcel === undefined) return undefined;
    const job: Kept<Job> | undefined =
      parcel === undefined ? data && { ...data, waiting: false } : jobToBe(parcel, data);
    if (job === undefined) return undefined;
    const byId = new Map(data?.places.map((place) => [place.id, place]));
    const inHand = new Map(changed.map((position) => [position.id, position]));
    const places = job.positions.flatMap((positionId): JobPlace[] => {
      const place = byId.get(positionId);
      if (place === undefined) return [];
      const { state = place.state, alike = place.alike } = inHand.get(positionId) ?? {};
      return [{ ...place, state, alike }];
    });
    return { ...job, places, states: countStates(places) };
  }, [data, parcel, changed]);
  return { query, job: whole };
}

/** A job as it stands here now, whenever it was that it was shown. */
function asItStands(job: Job): Job {
  const waiting = outbox.get().shown.find(({ id }) => id === job.id);
  const stored = newest(job, queryClient.getQueryData<WholeJob>(QUERY_KEYS.job(job.id)));
  return waiting?.kind === "job" ? jobToBe(waiting, stored) : stored;
}

/**
 * Changes some of a job, and says which: what another device changed of the rest stays.
 * @param job as it is on the screen: what came since was not seen
 */
export function changeJob(job: Job, change: ChangeOf<Job, JobInput>): void {
  const now = asItStands(job);
  const { body, touched } = changedFrom(now, inputOfJob(now), change);
  if (touched.length > 0) saveJob(now.id, body, job.version, touched);
}
