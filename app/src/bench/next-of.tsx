import type { BenchWork } from "./bench-layout";
import { NextCard } from "./next-card";

/** The next step for what lies on the bench. */
export function NextOf({ work }: { work: BenchWork }) {
  const { bench, ...how } = work;
  const { identification, sizes, onBench } = bench;
  return (
    <NextCard {...how} identification={identification} readings={onBench.readings} sizes={sizes} />
  );
}
