import { limits } from "./limits";
import type { Thread, ThreadSide } from "./thread";

/** The thread as a drawing calls it out, with its class: "M10 x 1.25 - 6g" (ISO 965-1), "1/2-13 UNC-2A" (ASME B1.1). */
export function threadCallout(thread: Thread, side: ThreadSide): string {
  const { toleranceClass } = limits(thread, side);
  return thread.family === "unified"
    ? `${thread.designation}-${toleranceClass}`
    : `${thread.designation} - ${toleranceClass}`;
}
