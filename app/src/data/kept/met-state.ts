import type { MetThreads } from "@root-gauge/core";
import { createKeptStore } from "./kept-store";
import { schemasToCome } from "./schemas-to-come";

interface MetState {
  /** Parts of each thread that the workshop's records hold, as the server last had them. */
  readonly counts: MetThreads;
  /** Whether they are weighed. */
  readonly used: boolean;
  /** The same of the machine at hand, the place at hand left out. */
  readonly onMachine: MetThreads;
  /** The machine that was counted; null while none was. */
  readonly machineId: string | null;
  readonly machineUsed: boolean;
}

export const useMetStore = createKeptStore<MetState>({
  key: "rg.met",
  schema: schemasToCome.then(({ met }) => met),
  initial: () => ({
    counts: {},
    used: true,
    onMachine: {},
    machineId: null,
    machineUsed: true,
  }),
});

/** What the workshop has met, where it is to be weighed. */
export function useMet(): MetThreads | undefined {
  return useMetStore(({ counts, used }) => (used ? counts : undefined));
}

/** What was found on a machine, where it is to be weighed. */
export function useMetOnMachine(id: string | null | undefined): MetThreads | undefined {
  return useMetStore(({ onMachine, machineId, machineUsed }) =>
    machineUsed && id !== undefined && machineId === id ? onMachine : undefined,
  );
}
