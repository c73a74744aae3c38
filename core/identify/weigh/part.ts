import type { ThreadSide } from "../../catalogue/threads";

/** What lies on the bench, as far as it decides which sizes can be taken of it. */
export const PART_KINDS = [
  "bolt",
  "stud",
  "nut",
  "tapped-hole",
  "pipe-male",
  "pipe-female",
] as const;

export type PartKind = (typeof PART_KINDS)[number];

/** The side of the thread that a part shows. */
export function sideOf(part: PartKind): ThreadSide {
  return part === "nut" || part === "tapped-hole" || part === "pipe-female"
    ? "internal"
    : "external";
}
