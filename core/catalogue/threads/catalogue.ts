import { FAMILIES } from "./families";
import type { Thread } from "./thread";

const THREADS: readonly Thread[] = Object.freeze(
  Object.values(FAMILIES).flatMap(({ threads }) => threads),
);

const BY_ID: ReadonlyMap<string, Thread> = new Map(THREADS.map((thread) => [thread.id, thread]));

/** Every thread held, family by family, each by diameter or as its standard lists it. The same array each time. */
export function catalogue(): readonly Thread[] {
  return THREADS;
}

/** The thread with this id, or undefined. */
export function threadById(id: string): Thread | undefined {
  return BY_ID.get(id);
}
