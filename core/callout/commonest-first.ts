import { commonnessWeight } from "../identify";
import type { Thread } from "../threads";

/** Threads as bolts are met with them, the commonest first. */
export function commonestFirst(threads: readonly Thread[]): readonly Thread[] {
  return [...threads].sort((a, b) => commonnessWeight(b, "bolt") - commonnessWeight(a, "bolt"));
}
