import {
  identify,
  measuredSizes,
  sideRead,
  type Identification,
  type MeasuredSizes,
  type PartKind,
  type Reading,
  type ThreadSide,
} from "@root-gauge/core";
import { useMemo } from "react";
import { useBenchState } from "../data/bench";
import type { BenchPart, BenchState } from "../data/bench-state";
import { useSettings } from "../data/settings";
import { lastReading } from "./last-reading";

export interface Bench {
  readonly state: BenchState;
  readonly identification: Identification;
  readonly sizes: MeasuredSizes;
  /** What lies on the bench: as it was said, else as the readings let it seem. */
  readonly part: PartKind;
  readonly side: ThreadSide;
}

/** The part as it was called; else a nut when a bore was read, a fitting when it does that, or a bolt. */
function partOf({
  options,
  readings,
}: Pick<BenchPart, "options"> & { readings: readonly Reading[] }): PartKind {
  if (options.part !== undefined) return options.part;
  const inside = sideRead(readings, undefined) === "internal";
  const fitting = lastReading(readings, "function")?.what === "pipe-fitting";
  if (fitting) return inside ? "pipe-female" : "pipe-male";
  return inside ? "nut" : "bolt";
}

/** The bench and what its readings say, worked out anew whenever a reading changes. */
export function useBench(): Bench {
  const state = useBenchState();
  const { tools } = useSettings();
  const { readings, options, skipped } = state.part;
  const identification = useMemo(
    () => identify(readings, { ...options, tools, skip: skipped }),
    [readings, options, tools, skipped],
  );
  const sizes = useMemo(() => measuredSizes(readings), [readings]);
  const part = partOf(state.part);
  return { state, identification, sizes, part, side: sideRead(readings, part) };
}
