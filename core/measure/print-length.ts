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

const usualDecimals = (units: Units) => (units === "mm" ? 2 : 4);
const MOST_DECIMALS = 5;

/**
 * Two lengths that are compared in a sentence, with as many decimals as it takes to see which is larger: figures
 * rounded for the screen never contradict what they are said for.
 */
export function printCompared(first: Mm, second: Mm, units: Units): readonly [string, string] {
  let decimals = usualDecimals(units);
  const at = (mm: Mm) => printLength(mm, units, decimals);
  while (decimals < MOST_DECIMALS && first !== second && at(first) === at(second)) decimals += 1;
  return [at(first), at(second)];
}

/** A band of lengths that do, its ends rounded inwards, so that whatever is read off it does. */
export function printWindow(minMm: Mm, maxMm: Mm, units: Units): string {
  const inside = (decimals: number): readonly [number, number] => {
    const step = 10 ** decimals;
    const [min, max] = [minMm, maxMm].map((mm) => (units === "mm" ? mm : inchesFromMm(mm)));
    // A figure that is whole at this step may lie a rounding error beside it.
    return [
      Math.ceil((min ?? 0) * step - 1e-6) / step,
      Math.floor((max ?? 0) * step + 1e-6) / step,
    ];
  };
  let decimals = usualDecimals(units);
  while (decimals < MOST_DECIMALS && inside(decimals)[0] > inside(decimals)[1]) decimals += 1;
  const [min, max] = inside(decimals);
  return `${min.toFixed(decimals)} to ${max.toFixed(decimals)} ${units}`;
}
