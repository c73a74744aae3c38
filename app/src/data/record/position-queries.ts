import type { PositionRow } from "@root-gauge/contract";
import { pathTo } from "@root-gauge/core/record";
import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type WantedOf } from "../server/api";
import { moreOf, paged, useEveryPage } from "../server/paged";
import { QUERY_KEYS } from "../outbox/query-keys";
import {
  inLists,
  useWaiting,
  type Kept,
  type Waiting,
  type WaitingPosition,
} from "../outbox/waiting";

/** A position that waits, as a tree shows it: what it holds is as the server last said, until something else goes in. */
function rowToBe(waiting: WaitingPosition, stored: PositionRow | undefined): Kept<PositionRow> {
  const { id, machineId, parentId, name, rank, alike, state, spec, version, archived } = waiting;
  const holds = spec?.callout ?? stored?.holds ?? "";
  return {
    ...{ id, machineId, parentId, name, rank, alike, state, holds, version, archived },
    waiting: true,
  };
}

function mergedRows(
  stored: readonly PositionRow[],
  { positions: waiting, merges }: Pick<Waiting, "positions" | "merges">,
  machineId: string,
): readonly Kept<PositionRow>[] {
  const byId = new Map(stored.map((row) => [row.id, row]));
  const changed = new Set(waiting.map(({ id }) => id));
  const here = waiting.filter((one) => one.machineId === machineId && inLists(one));
  const rows = [
    ...stored.filter(({ id }) => !changed.has(id)).map((row) => ({ ...row, waiting: false })),
    ...here.map((one) => rowToBe(one, byId.get(one.id))),
  ];
  const removed = new Set(waiting.flatMap((one) => (inLists(one) ? [] : [one.id])));
  const whole = removed.size === 0 ? rows : withoutInner(rows, removed);
  return merges.size === 0 ? whole : withMerges(whole, merges);
}

/** Rows without those that are made one with others, which then hold what stands within both. */
function withMerges(
  rows: readonly Kept<PositionRow>[],
  merges: ReadonlyMap<string, string>,
): readonly Kept<PositionRow>[] {
  return rows.flatMap((row) => {
    if (merges.has(row.id)) return [];
    const into = merges.get(row.parentId ?? "");
    return [into === undefined ? row : { ...row, parentId: into }];
  });
}

/** Rows without what stands within those that are taken out. */
function withoutInner<Row extends Pick<PositionRow, "id" | "parentId">>(
  rows: readonly Row[],
  removed: ReadonlySet<string>,
): readonly Row[] {
  const gone = new Set(removed);
  const isInner = ({ id, parentId }: Row) => !gone.has(id) && gone.has(parentId ?? "");
  for (let inner = rows.filter(isInner); inner.length > 0; inner = rows.filter(isInner)) {
    for (const { id } of inner) gone.add(id);
  }
  return rows.filter(({ id }) => !gone.has(id));
}

/** All positions of a machine, those that wait among them. A tree wants the whole of it: every page is fetched. */
export function usePositions(machineId: string | null) {
  const waiting = useWaiting();
  const query = useInfiniteQuery({
    ...paged(QUERY_KEYS.positions(machineId ?? ""), (after) =>
      api.positions(machineId ?? "", after),
    ),
    enabled: machineId !== null && !waiting.unsaved.has(machineId),
  });
  const { data } = query;
  useEveryPage(query);
  const positions = useMemo(
    () =>
      mergedRows(
        data?.pages.flatMap((page) => page.positions) ?? [],
        { positions: waiting.positions, merges: waiting.merges },
        machineId ?? "",
      ),
    [data, waiting.positions, waiting.merges, machineId],
  );
  const archived = useMemo(() => positions.filter((one) => one.archived), [positions]);
  const inWork = useMemo(
    () => (archived.length === 0 ? positions : withoutInner(positions, idsOf(archived))),
    [positions, archived],
  );
  return { query, positions: inWork, archived };
}

const idsOf = (rows: readonly { readonly id: string }[]) => new Set(rows.map(({ id }) => id));

/** One position, as it is here or on the server, with where it stands on its machine. */
export function usePosition(id: string) {
  const waiting = useWaiting().positions.find((position) => position.id === id);
  const query = useQuery({
    queryKey: QUERY_KEYS.position(id),
    queryFn: () => api.position(id),
    // What waits has no more than is known here.
    enabled: waiting === undefined,
  });
  const { positions } = usePositions(waiting?.machineId ?? null);
  const position = useMemo(() => {
    if (waiting === undefined) return query.data && { ...query.data, waiting: false };
    const path = pathTo(id, new Map(positions.map((row) => [row.id, row])));
    return { ...waiting, path: path === "" ? waiting.name : path };
  }, [waiting, query.data, positions, id]);
  return { query, position };
}

/** The positions whose parts are to be ordered; what waits to be changed is as it will be. */
export function useToOrder(of: WantedOf) {
  const { positions: waiting } = useWaiting();
  const query = useInfiniteQuery(paged(QUERY_KEYS.toOrder(of), (after) => api.toOrder(of, after)));
  useEveryPage(query);
  const positions = useMemo(() => {
    const stored = query.data?.pages.flatMap((page) => page.positions) ?? [];
    const changed = new Map(waiting.map((one) => [one.id, one]));
    const asTheyWillBe = stored.map((one) => ({ ...one, ...changed.get(one.id) }));
    return asTheyWillBe.filter((one) => one.state === "to-order" && inLists(one));
  }, [query.data, waiting]);
  return { query, positions };
}

/** Who changed what of a position, the last change first. */
export function useChanges(positionId: string) {
  const { unsaved } = useWaiting();
  const query = useInfiniteQuery({
    ...paged(QUERY_KEYS.changes(positionId), (after) => api.changes(positionId, after)),
    enabled: !unsaved.has(positionId),
  });
  const changes = query.data?.pages.flatMap((page) => page.changes) ?? [];
  return { changes, next: query.hasNextPage, more: moreOf(query) };
}
