import { identify, measuredSizes, type Identification, type MeasuredSizes } from "@root-gauge/core";
import { useMemo } from "react";
import { useBenchState } from "../data/bench";
import type { BenchState } from "../data/bench-state";

export interface Bench {
  readonly state: BenchState;
  readonly identification: Identification;
  readonly sizes: MeasuredSizes;
}

/** The bench and what its readings say, worked out anew whenever a reading changes. */
export function useBench(): Bench {
  const state = useBenchState();
  const { readings, options } = state.part;
  const identification = useMemo(() => identify(readings, options), [readings, options]);
  const sizes = useMemo(() => measuredSizes(readings), [readings]);
  return { state, identification, sizes };
}
