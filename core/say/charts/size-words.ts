import type { SizeRange } from "../../catalogue/threads";
import { printLength, printRange, tableDecimals, type Units } from "../../measure";

/** A band of sizes, or its one end: "9.732–9.968 mm", "10.000 mm at least". */
export function sizeRangeWords({ min, max }: SizeRange, units: Units): string {
  const decimals = tableDecimals(units);
  if (min !== undefined && max !== undefined) return printRange(min, max, units, decimals);
  if (max !== undefined) return `${printLength(max, units, decimals)} at most`;
  return min === undefined ? "free" : `${printLength(min, units, decimals)} at least`;
}

/** How a class is spoken of: "6g", "class A", "medium", or that its limits are an estimate. */
export function classNameWords(toleranceClass: string): string {
  if (toleranceClass === "A" || toleranceClass === "B") return `class ${toleranceClass}`;
  return toleranceClass === "internal" ? "standard" : toleranceClass;
}
