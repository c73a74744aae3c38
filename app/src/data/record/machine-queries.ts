import type { MachineRow } from "@root-gauge/contract";
import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { api } from "../server/api";
import { moreOf, paged } from "../server/paged";
import { queryClient } from "../server/query-client";
import { QUERY_KEYS, type MachinesBy } from "../outbox/query-keys";
import { useRested } from "../server/use-rested";
import { inLists, merged, useWaiting } from "../outbox/waiting";

/** What was asked a moment ago is not asked again for a letter that is taken back; a save asks for it anew. */
const MOMENT_MS = 5_000;
const SEARCHED = { staleTime: MOMENT_MS, gcTime: 60_000 };

const USUAL: MachinesBy = { sort: "changed" };

/**
 * All machines so far: those waiting to be saved first, then the server's, page by page.
 * @param staleTime how long the server is not asked again by another that shows them, ms
 */
export function useMachines(by: MachinesBy = USUAL, staleTime = 0) {
  const isUsual = by.sort === "changed" && by.state === undefined;
  const query = useInfiniteQuery({
    ...paged(isUsual ? QUERY_KEYS.machines : QUERY_KEYS.machinesBy(by), (after) =>
      api.machines(after, isUsual ? {} : by),
    ),
    staleTime,
  });
  const waiting = useWaiting();
  const stored = query.data?.pages.flatMap(({ machines }) => machines) ?? [];
  // What waits stands first where the last changed does; where it has its place in another order it is in that.
  const all = isUsual
    ? merged<MachineRow>(waiting.machines, stored)
    : stored.map(
        (machine) =>
          waiting.machines.find(({ id }) => id === machine.id) ?? { ...machine, waiting: false },
      );
  return { query, machines: all.filter(inLists), more: moreOf(query) };
}

const holds = (text: string) => (machine: MachineRow) =>
  `${machine.name} ${machine.origin}`.toLowerCase().includes(text.trim().toLowerCase());

/**
 * Machines that hold a text, the last touched first: those that are known here at once, the others as the server finds
 * them.
 */
export function useMachineSearch(text: string) {
  const known = useMachines(USUAL, MOMENT_MS);
  const asked = useRested(text.trim(), RESTED_MS);
  const search = useInfiniteQuery({
    ...paged(QUERY_KEYS.machineSearch(asked), (after) => api.machines(after, { q: asked })),
    ...SEARCHED,
    enabled: asked !== "" && known.query.hasNextPage,
  });
  const here = text.trim() === "" ? known.machines : known.machines.filter(holds(text));
  const found = (search.data?.pages.flatMap(({ machines }) => machines) ?? []).filter(holds(text));
  return {
    query: known.query,
    search,
    machines: merged<MachineRow>(here, found).filter(inLists),
    all: known.machines,
    more: moreOf(search),
  };
}

/** Machines that are not known here are asked for when no letter has followed for so long, ms. */
const RESTED_MS = 150;

const searchOf = (asked: string) => ({
  ...paged(QUERY_KEYS.search(asked), (after) => api.search(asked, after)),
  ...SEARCHED,
});

/** Asks the server which positions hold a text, for whoever shows them next. */
export function askSearch(text: string): void {
  const asked = text.trim();
  if (asked !== "") void queryClient.prefetchInfiniteQuery(searchOf(asked));
}

/** Positions of all machines that hold every word of a text, and the names of their threads, the best first. */
export function usePositionSearch(text: string) {
  const asked = text.trim();
  const query = useInfiniteQuery({ ...searchOf(asked), enabled: asked !== "" });
  const hits = asked === "" ? [] : (query.data?.pages.flatMap((page) => page.hits) ?? []);
  return { query, hits: hits.filter(({ kind }) => kind === "position"), more: moreOf(query) };
}

/** One machine, as it is here or on the server. */
export function useMachine(id: string) {
  const waiting = useWaiting().machines.find((machine) => machine.id === id);
  const query = useQuery({
    queryKey: QUERY_KEYS.machine(id),
    queryFn: () => api.machine(id),
    enabled: waiting === undefined,
  });
  const machine = waiting ?? (query.data && { ...query.data, waiting: false });
  return { query, machine };
}

/** A machine's name, when it is known here: from the list, else by asking for that machine. */
export function useMachineName(id: string | null): string | undefined {
  const { machines, query } = useMachines();
  const listed = machines.find((machine) => machine.id === id)?.name;
  const asked = useQuery({
    queryKey: QUERY_KEYS.machineName(id ?? ""),
    queryFn: async () => (await api.machine(id ?? "")).name,
    enabled: id !== null && listed === undefined && query.isSuccess,
  });
  return listed ?? asked.data;
}
