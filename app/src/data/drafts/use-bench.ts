import {
  identify,
  measuredSizes,
  partRead,
  sideRead,
  type Identification,
  type MeasuredSizes,
  type PartKind,
  type ThreadSide,
} from "@root-gauge/core";
import { useMemo } from "react";
import { useBenchPart } from "./bench";
import type { BenchPart } from "../kept/kept-schemas";
import { useMet, useMetOnMachine } from "../kept/met-state";
import { useSettings } from "../kept/settings";

export interface Bench {
  readonly onBench: BenchPart;
  readonly identification: Identification;
  readonly sizes: MeasuredSizes;
  /** What lies on the bench: as it was said, else as the readings let it seem. */
  readonly part: PartKind;
  readonly side: ThreadSide;
}

/** The bench and what its readings say, worked out anew whenever a reading changes. */
export function useBench(): Bench {
  const onBench = useBenchPart();
  const { tools } = useSettings();
  const met = useMet();
  const metOnMachine = useMetOnMachine(onBench.machineId);
  const { readings, options, skipped } = onBench;
  const identification = useMemo(
    () =>
      identify(readings, {
        ...options,
        tools,
        skip: skipped,
        ...(met === undefined ? {} : { met }),
        ...(metOnMachine === undefined ? {} : { metOnMachine }),
      }),
    [readings, options, tools, skipped, met, metOnMachine],
  );
  const sizes = useMemo(() => measuredSizes(readings), [readings]);
  return useMemo(() => {
    const part = partRead(readings, options.part);
    return { onBench, identification, sizes, part, side: sideRead(readings, part) };
  }, [onBench, identification, sizes, readings, options.part]);
}
