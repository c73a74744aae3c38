import { inchesFromMm, type Mm, type Units } from "./length";

/** The typographic minus, which lines up with figures. */
const MINUS = "−";

/** Decimals of a table of limits: micrometres, or ten-thousandths of an inch. */
export function tableDecimals(units: Units): number {
  return units === "mm" ? 3 : 4;
}

/** A figure without its unit: 12.52 (two decimals of a millimetre) or 0.4929 (four of an inch). */
export function printFigure(mm: Mm, units: Units, decimals = units === "mm" ? 2 : 4): string {
  const value = units === "mm" ? mm : inchesFromMm(mm);
  const text = Math.abs(value).toFixed(decimals);
  return value < 0 && Number(text) !== 0 ? MINUS + text : text;
}

/** "12.52 mm" or "0.4929 in". */
export function printLength(mm: Mm, units: Units, decimals?: number): string {
  return `${printFigure(mm, units, decimals)} ${units}`;
}

/** "12.39–12.66 mm": a band of sizes, smallest first. */
export function printRange(minMm: Mm, maxMm: Mm, units: Units, decimals?: number): string {
  return `${printFigure(minMm, units, decimals)}–${printFigure(maxMm, units, decimals)} ${units}`;
}

/** A number with no more decimals than it needs: 1.25, 13, 11.5. */
export function printPlain(value: number, mostDecimals = 3): string {
  return String(Number(value.toFixed(mostDecimals)));
}
