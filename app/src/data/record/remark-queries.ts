import { useInfiniteQuery } from "@tanstack/react-query";
import { api } from "../server/api";
import { moreOf, paged } from "../server/paged";
import { QUERY_KEYS } from "../outbox/query-keys";
import { inLists, merged, useWaiting } from "../outbox/waiting";

/** What was noted of a position so far, what waits to be saved first. */
export function useRemarks(positionId: string) {
  const waiting = useWaiting();
  const query = useInfiniteQuery({
    ...paged(QUERY_KEYS.remarks(positionId), (after) => api.remarks(positionId, after)),
    enabled: !waiting.unsaved.has(positionId),
  });
  const stored = query.data?.pages.flatMap((page) => page.remarks) ?? [];
  const remarks = merged(waiting.remarks, stored)
    .filter((remark) => remark.positionId === positionId)
    .filter(inLists);
  return { query, stored, remarks, next: query.hasNextPage, more: moreOf(query) };
}
