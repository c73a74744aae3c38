import { isoMetricThreads } from "./iso-metric";
import type { Thread } from "./thread";
import { unifiedThreads } from "./unified";

const THREADS: readonly Thread[] = Object.freeze([...isoMetricThreads(), ...unifiedThreads()]);
const BY_ID: ReadonlyMap<string, Thread> = new Map(THREADS.map((thread) => [thread.id, thread]));

/** Every thread held, by family, then diameter, then pitch from coarse to fine. The same array each time. */
export function catalogue(): readonly Thread[] {
  return THREADS;
}

/** The thread with this id, or undefined. */
export function threadById(id: string): Thread | undefined {
  return BY_ID.get(id);
}
