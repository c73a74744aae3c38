import type { Machine } from "@root-gauge/contract";
import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { useDeferredValue } from "react";
import { api } from "./api";
import { PAGED, moreOf } from "./paged";
import { QUERY_KEYS, type MachinesBy } from "./query-keys";
import { inLists, merged, useWaiting } from "./waiting";

const USUAL: MachinesBy = { sort: "changed" };

/** All machines so far: those waiting to be saved first, then the server's, page by page. */
export function useMachines(by: MachinesBy = USUAL) {
  const isUsual = by.sort === "changed" && by.state === undefined;
  const query = useInfiniteQuery({
    queryKey: isUsual ? QUERY_KEYS.machines : QUERY_KEYS.machinesBy(by),
    queryFn: ({ pageParam }) => api.machines(pageParam ?? undefined, isUsual ? {} : by),
    ...PAGED,
  });
  const waiting = useWaiting();
  const stored = query.data?.pages.flatMap(({ machines }) => machines) ?? [];
  // What waits stands first where the last changed does; where it has its place in another order it is in that.
  const all = isUsual
    ? merged(waiting.machines, stored)
    : stored.map(
        (machine) =>
          waiting.machines.find(({ id }) => id === machine.id) ?? { ...machine, waiting: false },
      );
  return { query, machines: all.filter(inLists), more: moreOf(query) };
}

const holds = (text: string) => (machine: Machine) =>
  `${machine.name} ${machine.origin}`.toLowerCase().includes(text.trim().toLowerCase());

/**
 * Machines that hold a text, the last touched first: those that are known here at once, the others as the server finds
 * them.
 */
export function useMachineSearch(text: string, by: MachinesBy = USUAL) {
  const known = useMachines(by);
  const asked = useDeferredValue(text.trim());
  const query = useQuery({
    queryKey: QUERY_KEYS.machineSearch(asked),
    queryFn: () => api.machines(undefined, { q: asked }),
    enabled: asked !== "" && known.query.hasNextPage,
    gcTime: 60_000,
  });
  const here = text.trim() === "" ? known.machines : known.machines.filter(holds(text));
  const found = (query.data?.machines ?? []).filter(holds(text));
  return {
    query: known.query,
    machines: merged(here, found).filter(inLists),
    all: known.machines,
    more: known.more,
  };
}

/** Positions of all machines that hold every word of a text, and the names of their threads, the best first. */
export function usePositionSearch(text: string) {
  const asked = useDeferredValue(text.trim());
  const query = useInfiniteQuery({
    queryKey: QUERY_KEYS.search(asked),
    queryFn: ({ pageParam }) => api.search(asked, pageParam ?? undefined),
    ...PAGED,
    enabled: asked !== "",
    gcTime: 60_000,
  });
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

/** What the server has of a machine, whatever waits here. */
export function useStoredMachine(id: string) {
  return useQuery({ queryKey: QUERY_KEYS.machine(id), queryFn: () => api.machine(id) });
}
