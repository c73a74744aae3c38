import { MM_PER_INCH, type Mm } from "./length";

/** A mixed inch fraction such as 1 3/16: `whole` 1, `numerator` 3, `denominator` 16. Zero or positive. */
export interface InchFraction {
  readonly whole: number;
  readonly numerator: number;
  readonly denominator: number;
}

/** The denominators on a workshop rule; 64ths are the finest division in trade use. */
export const FRACTION_DENOMINATORS = [2, 4, 8, 16, 32, 64] as const;

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}

/** The same value in lowest terms, improper parts carried into the whole: 0 18/16 becomes 1 1/8. */
export function reduceFraction(fraction: InchFraction): InchFraction {
  const total = fraction.whole * fraction.denominator + fraction.numerator;
  const whole = Math.floor(total / fraction.denominator);
  const rest = total - whole * fraction.denominator;
  const divisor = greatestCommonDivisor(rest, fraction.denominator);
  return { whole, numerator: rest / divisor, denominator: fraction.denominator / divisor };
}

/** Fraction of an inch to millimetres; 1/64 in gives exactly 0.396875. */
export function mmFromFraction(fraction: InchFraction): Mm {
  const total = fraction.whole * fraction.denominator + fraction.numerator;
  // 254/10 rather than 25.4, which binary cannot hold: whole numbers keep the result to one rounding.
  return (total * 254) / (fraction.denominator * 10);
}

/** "1 3/16", "7/8", "2" or "0": lowest terms, no unit. */
export function printFraction(fraction: InchFraction): string {
  const { whole, numerator, denominator } = reduceFraction(fraction);
  if (numerator === 0) return String(whole);
  return whole === 0 ? `${numerator}/${denominator}` : `${whole} ${numerator}/${denominator}`;
}

/**
 * The nearest fraction of an inch with at most the given denominator.
 * @param mm length in millimetres, zero or positive
 * @returns the fraction in lowest terms and `differenceMm` = mm minus the fraction (positive: the length is over it)
 */
export function nearestFraction(
  mm: Mm,
  denominator: (typeof FRACTION_DENOMINATORS)[number] = 64,
): { fraction: InchFraction; differenceMm: Mm } {
  const parts = Math.round((mm * denominator) / MM_PER_INCH);
  const fraction = reduceFraction({ whole: 0, numerator: parts, denominator });
  return { fraction, differenceMm: mm - mmFromFraction(fraction) };
}
