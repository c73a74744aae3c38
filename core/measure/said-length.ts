import type { Mm, Units } from "./length";
import { readLength } from "./read-length";
import { oneSpelling } from "./spelling";

/** What is said may be off the figure kept with it by no more than rounding, mm. */
const SAME_MM = 1e-4;
const ANY = { minMm: 1e-6, maxMm: 1e6 };

/** A length as somebody said it: the figure in their own spelling, and the unit. */
export interface SaidLength {
  /** "0.493", "1-1/2", "12.5": no digit more or less than was said. */
  readonly figure: string;
  readonly units: Units;
}

/**
 * A typed length in the spelling it is kept in: "12,52" in millimetres as "12.52 mm", `1 1/2"` as "1-1/2 in".
 * @param units the unit it was written in, as `readLength` found it
 */
export function saidText(typed: string, units: Units): string {
  const figure = oneSpelling(typed)
    .replace(/^,(\d)/u, "0.$1")
    .replace(/[^\d./\s-].*$/u, "")
    .trim()
    .replace(/^\./u, "0.")
    .replace(/\s*\/\s*/u, "/")
    .replace(/\s*-\s*|\s+/u, "-");
  return `${figure} ${units}`;
}

/**
 * What was said of a length, where it is that length; what says another is not repeated.
 * @param said as `saidText` writes it
 * @param mm the length that is kept with it
 */
export function saidLength(said: string | undefined, mm: Mm): SaidLength | undefined {
  if (said === undefined) return undefined;
  const read = readLength(said, "mm", ANY);
  if (!read.ok || Math.abs(read.mm - mm) > SAME_MM) return undefined;
  return { figure: said.trim().split(" ")[0] ?? said, units: read.writtenIn };
}
