import {
  lazy,
  Suspense,
  useState,
  useSyncExternalStore,
  type ComponentType,
  type ReactNode,
} from "react";
import { giveSchemas } from "../data/kept/schemas-to-come";

type Later = typeof import("../later");

let fetched: Later | undefined;
const readers = new Set<() => void>();

/** The rest of the app, fetched when it was not yet. */
export async function fetchLater(): Promise<Later> {
  if (fetched !== undefined) return fetched;
  fetched = await import("../later");
  giveSchemas(fetched.KEPT_SCHEMAS);
  readers.forEach((reader) => reader());
  return fetched;
}

/** The rest of the app when it is there, for what shows nothing until then. */
export function useFetched(): Later | undefined {
  return useSyncExternalStore(
    (reader) => {
      readers.add(reader);
      return () => readers.delete(reader);
    },
    () => fetched,
    () => undefined,
  );
}

/** A part of the rest, among the server's answers. */
function within<Props extends object>(
  { DataProvider }: Later,
  Part: ComponentType<Props>,
): ComponentType<Props> {
  return function WithData(props) {
    return (
      <DataProvider>
        <Part {...props} />
      </DataProvider>
    );
  };
}

/**
 * A part of the app whose code is fetched after the Bench has opened.
 * @param meanwhile shown until it is there
 */
export function fetchedLater<Props extends object>(
  pick: (later: Later) => ComponentType<Props>,
  meanwhile: ReactNode = null,
): ComponentType<Props> {
  let ready: ComponentType<Props> | undefined;
  const prepare = (later: Later) => (ready ??= within(later, pick(later)));
  const Part = lazy(async () => ({ default: prepare(await fetchLater()) }));
  return function FetchedLater(props) {
    // What is there already is shown in the same frame: React would hold a lazy part back for a third of a second.
    const [Known] = useState(() => (fetched === undefined ? Part : prepare(fetched)));
    return (
      <Suspense fallback={meanwhile}>
        <Known {...props} />
      </Suspense>
    );
  };
}

/** Long enough for the first screen to be ready; the rest is then fetched while nobody waits for it. */
const AFTER_MS = 1200;
/** How soon it is tried again while the server is away. */
const AGAIN_MS = 3000;

/** Fetches the rest of the app ahead, so that it opens at once, also when the server has gone away. */
export function fetchAhead(): () => void {
  let timer: ReturnType<typeof setTimeout>;
  const attempt = () =>
    void fetchLater()
      .then(async (later) => {
        later.warmUp();
        await Promise.all([import("../kit/chart-kit"), import("../kit/csv")]);
      })
      .catch(() => {
        timer = setTimeout(attempt, AGAIN_MS);
      });
  timer = setTimeout(attempt, AFTER_MS);
  return () => clearTimeout(timer);
}
