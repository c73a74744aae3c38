import type { Units } from "@root-gauge/core";

/** What every panel that takes a size is given. */
export interface EntryProps {
  readonly units: Units;
  readonly onDone: () => void;
}
