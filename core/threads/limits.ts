import type { Mm } from "../units";
import { isoBasicSizes, isoMetricLimits } from "./iso-metric-limits";
import type { Thread, ThreadLimits, ThreadSide } from "./thread";
import { unifiedBasicSizes, unifiedLimits } from "./unified-limits";

/**
 * Limits of size in millimetres.
 * @param toleranceClass default: 6g/6H (6h/5H up to M1.4) for metric, 2A/2B for unified
 * @throws RangeError when the family or the class has no limits in the catalogue
 */
export function limits(thread: Thread, side: ThreadSide, toleranceClass?: string): ThreadLimits {
  switch (thread.family) {
    case "iso-metric":
      return isoMetricLimits(thread, side, toleranceClass);
    case "unified":
      return unifiedLimits(thread, side, toleranceClass);
    default:
      throw new RangeError(`no limits are held for the family ${thread.family}`);
  }
}

/**
 * Major, pitch and minor diameter of the basic profile, in millimetres, rounded as the standard's table is
 * (ISO 724; ASME B1.1).
 * @throws RangeError when the family has no basic profile in the catalogue
 */
export function basicSizes(thread: Thread): { major: Mm; pitch: Mm; minor: Mm } {
  switch (thread.family) {
    case "iso-metric":
      return isoBasicSizes(thread);
    case "unified":
      return unifiedBasicSizes(thread);
    default:
      throw new RangeError(`no basic profile is held for the family ${thread.family}`);
  }
}
