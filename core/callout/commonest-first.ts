import { commonnessWeight } from "../identify/weigh";
import type { Thread } from "../catalogue/threads";

/** Threads as bolts are met with them, the commonest first. */
export function commonestFirst(threads: readonly Thread[]): readonly Thread[] {
  return [...threads].sort((a, b) => commonnessWeight(b, "bolt") - commonnessWeight(a, "bolt"));
}
