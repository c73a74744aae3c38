import type { Mm, Units } from "./length";
import { readLength, type LengthRange } from "./read-length";

/** A figure as it would have been written with its unit, had the other one been meant. */
export interface OtherUnit {
  /** What was typed, with the unit. */
  readonly text: string;
  readonly units: Units;
  readonly mm: Mm;
}

/**
 * The likely slip of unit: a figure typed without one, read in the other.
 * @param units the unit that it was taken in
 * @param accepted what the measure can be
 * @returns undefined where the unit was written, or where the figure is no such measure in the other unit either
 */
export function inOtherUnit(
  text: string,
  units: Units,
  accepted: LengthRange,
): OtherUnit | undefined {
  const typed = text.trim();
  const other = units === "mm" ? "in" : "mm";
  // A fraction is inches already, whatever the unit is set to.
  if (!/^[\d.,]+$/.test(typed)) return undefined;
  const read = readLength(typed, other, accepted);
  return read.ok ? { text: `${typed} ${other}`, units: other, mm: read.mm } : undefined;
}
