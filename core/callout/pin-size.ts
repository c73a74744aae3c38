import { readLength, roundTo, type Mm, type Units } from "../measure";

const PIN_SIZES = { minMm: 0.5, maxMm: 1000 };

/** Diameter and length of a pin, in the unit that it is ordered in. */
export interface PinSize {
  readonly diameterMm: Mm;
  readonly lengthMm?: Mm;
  readonly units: Units;
}

/**
 * Reads the size of a pin: "6 x 24", "1/8 x 1 1/2"; the length may stand by itself, "1/8 1 1/2". A figure without a unit is
 * in mm, beside a fraction or an inch in inches.
 * @returns undefined where that is no size, or more than one
 */
export function pinSizeIn(text: string): PinSize | undefined {
  const units: Units = /\/|"|in\b|(?<!\d)\.\d/i.test(text) ? "in" : "mm";
  const parts = text.split(/ ?x ?|(?<=^\d[\d./]*(?:mm|"| in)?) +(?=\d)/i);
  const read = parts.map((part) => readLength(part, units, PIN_SIZES));
  const [diameterMm, lengthMm] = read.map((one) => (one.ok ? roundTo(one.mm, 6) : undefined));
  if (diameterMm === undefined || parts.length > 2) return undefined;
  if (parts.length === 2 && lengthMm === undefined) return undefined;
  return { diameterMm, units, ...(lengthMm === undefined ? {} : { lengthMm }) };
}
