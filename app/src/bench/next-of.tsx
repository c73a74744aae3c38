import type { BenchWork } from "./bench-layout";
import { useFetched } from "../shell/fetched-later";
import { NextCard } from "./next-card";

/** The next step for what lies on the bench. */
export function NextOf({ work }: { work: BenchWork }) {
  const { bench, ...how } = work;
  const { identification, sizes, onBench, part } = bench;
  const { readings } = onBench;
  const later = useFetched();
  const isStud = part === "stud" && readings.length > 0;
  return (
    <>
      <NextCard {...how} identification={identification} readings={readings} sizes={sizes} />
      {isStud && later ? <later.OtherEnd readings={readings} units={how.units} /> : null}
    </>
  );
}
