import type { Thread } from "../threads";

/** How commonly screws of a diameter stand in a shop: as usual, seldom, or hardly anywhere. */
export type Stocked = "usual" | "seldom" | "hardly";

/** Practice of counters, by diameter in millimetres. */
const METRIC: Readonly<Record<"seldom" | "hardly", ReadonlySet<number>>> = {
  seldom: new Set([1.4, 2.2, 3.5, 18, 22, 27, 33, 39, 45, 52, 60, 68, 76]),
  hardly: new Set([1.1, 1.8, 4.5, 5.5, 7, 9, 11, 15, 17, 25, 26, 28, 32, 35, 38, 40, 50, 55, 58]),
};

/** The same in thousandths of an inch: no. 12, 9/16, 1 1/8, 1 3/8; no. 1, no. 3, 5/32, 7/32 and the odd sixteenths. */
const INCH: Readonly<Record<"seldom" | "hardly", ReadonlySet<number>>> = {
  seldom: new Set([216, 563, 1125, 1375]),
  hardly: new Set([73, 99, 156, 219, 281, 688, 813, 938, 1063, 1188, 1313, 1438, 1563, 1688]),
};

/** How commonly screws of a thread's diameter are stocked: practice, no standard's. */
export function howStocked({ majorMm, majorInch }: Thread): Stocked {
  const sizes = majorInch === undefined ? METRIC : INCH;
  const size = majorInch === undefined ? majorMm : Math.round(majorInch * 1000);
  if (sizes.hardly.has(size)) return "hardly";
  return sizes.seldom.has(size) ? "seldom" : "usual";
}
