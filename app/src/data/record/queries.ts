import type { FindingRow, RepairRow, StoredWord } from "@root-gauge/contract";
import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { api, type FoundAt } from "../server/api";
import { moreOf, paged } from "../server/paged";
import { queryClient } from "../server/query-client";
import { QUERY_KEYS } from "../outbox/query-keys";
import { inLists, merged, useWaiting, type Waiting } from "../outbox/waiting";

/** Whether a record belongs there: what waits to be moved stands in its new place only. */
const isAt =
  (at: FoundAt) =>
  ({ machineId, positionId }: { readonly machineId: string; readonly positionId: string | null }) =>
    "machineId" in at
      ? machineId === at.machineId && (at.placed === undefined || positionId === null)
      : positionId === at.positionId;

/** Whether the server knows the place yet. */
function isOnServer(at: FoundAt, { unsaved }: Waiting): boolean {
  return !unsaved.has("machineId" in at ? at.machineId : at.positionId);
}

/** What was found there so far, what waits to be saved first. */
export function useFindings(at: FoundAt) {
  const waiting = useWaiting();
  const query = useInfiniteQuery({
    ...paged(QUERY_KEYS.findings(at), (after) => api.findings(at, after)),
    enabled: isOnServer(at, waiting),
  });
  const stored = query.data?.pages.flatMap(({ identifications }) => identifications) ?? [];
  return {
    query,
    findings: merged<FindingRow>(waiting.identifications, stored).filter(isAt(at)).filter(inLists),
    more: moreOf(query),
  };
}

/** What was mended there so far, what waits to be saved first. */
export function useRepairs(at: FoundAt) {
  const waiting = useWaiting();
  const query = useInfiniteQuery({
    ...paged(QUERY_KEYS.repairs(at), (after) => api.repairs(at, after)),
    enabled: isOnServer(at, waiting),
  });
  const stored = query.data?.pages.flatMap(({ repairs }) => repairs) ?? [];
  const repairs = merged<RepairRow>(waiting.repairs, stored).filter(isAt(at)).filter(inLists);
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

/** Whatever is typed is read with all of them. */
async function everyWord() {
  const words: StoredWord[] = [];
  let after: string | undefined;
  do {
    const page = await api.words(after);
    words.push(...page.words);
    after = page.next ?? undefined;
  } while (after !== undefined);
  return { words };
}

/** The shop's own words as the server has them, whatever waits here; in every room, those without a provider too. */
export function useStoredWords() {
  return useQuery({ queryKey: QUERY_KEYS.words, queryFn: everyWord }, queryClient);
}
