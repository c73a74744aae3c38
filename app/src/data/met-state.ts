import type { MetThreads } from "@root-gauge/core";
import { createKeptStore } from "./kept-store";
import { schemasToCome } from "./schemas-to-come";

interface MetState {
  /** Parts of each thread that the workshop's records hold, as the server last had them. */
  readonly counts: MetThreads;
  /** Whether they are weighed. */
  readonly used: boolean;
}

export const useMetStore = createKeptStore<MetState>({
  key: "rg.met",
  schema: schemasToCome.then(({ met }) => met),
  initial: () => ({ counts: {}, used: true }),
});

/** What the workshop has met, where it is to be weighed. */
export function useMet(): MetThreads | undefined {
  return useMetStore(({ counts, used }) => (used ? counts : undefined));
}
