import { createAsyncStoragePersister } from "@tanstack/query-async-storage-persister";
import { QueryClient } from "@tanstack/react-query";
import { persistQueryClient } from "@tanstack/react-query-persist-client";
import { del, get, set } from "idb-keyval";
import { ServerAway, ServerFault } from "./api";
import { browserStore } from "../kept/browser-store";

const DAY_MS = 24 * 60 * 60 * 1000;

/** How long an answer of the server is good for reading while it is away. */
const KEPT_MS = 30 * DAY_MS;

/** Counted up when what the server answers changes its shape: what was kept of the old one is dropped then. */
const SHAPE = "4";

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: false,
      // What is restored waits for whoever asks for it; no timer of a browser is as long as it is kept.
      gcTime: Infinity,
      // A server that is away is asked again until it is back; a refusal is final.
      refetchInterval: ({ state: { error } }) =>
        error instanceof ServerAway || error instanceof ServerFault ? 3000 : false,
      networkMode: "always",
    },
  },
});

/** What was read of the server is kept in the browser's database, to be read again while the server is away. */
function keepAnswers(): Promise<void> {
  if (globalThis.indexedDB === undefined) return Promise.resolve();
  const store = browserStore("root-gauge", "answers");
  const persister = createAsyncStoragePersister({
    storage: {
      getItem: async (key) => (await get<string>(key, store)) ?? null,
      setItem: (key, value: string) => set(key, value, store),
      removeItem: (key) => del(key, store),
    },
  });
  const [, restored] = persistQueryClient({
    queryClient,
    persister,
    maxAge: KEPT_MS,
    buster: SHAPE,
    // What is there is kept, also when asking for it again has failed since; what a few letters found is not.
    dehydrateOptions: {
      shouldDehydrateQuery: ({ state, queryKey }) =>
        state.data !== undefined && queryKey[0] !== "search",
    },
  });
  // A browser that forbids its database keeps nothing, and asks the server every time.
  return restored.catch(() => undefined);
}

let restoring = true;
const readers = new Set<() => void>();

void keepAnswers().then(() => {
  restoring = false;
  readers.forEach((reader) => reader());
});

/** Whether what was kept is still being read: nothing is asked of the server before that. */
export const isRestoring = () => restoring;

export function onRestored(reader: () => void): () => void {
  readers.add(reader);
  return () => readers.delete(reader);
}
