import type { Thread, Units } from "@root-gauge/core";

/** Two threads drawn against each other: the first solid, the second dashed. */
export interface ComparedThreads {
  readonly first: Thread;
  readonly second: Thread;
  readonly units: Units;
}
