import type { Mm } from "../../measure";

/** ISO 286-2: limits of a fit in micrometres over the nominal, by the upper end of its diameter step, mm. */
type FitRow = readonly [upToMm: Mm, leastUm: number, mostUm: number];

const FITS: Readonly<Record<string, readonly FitRow[]>> = {
  m6: [
    [3, 2, 8],
    [6, 4, 12],
    [10, 6, 15],
    [18, 7, 18],
    [30, 8, 21],
    [50, 9, 25],
  ],
  h6: [
    [3, -6, 0],
    [6, -8, 0],
    [10, -9, 0],
    [18, -11, 0],
    [30, -13, 0],
    [50, -16, 0],
  ],
  h8: [
    [3, -14, 0],
    [6, -18, 0],
    [10, -22, 0],
    [18, -27, 0],
    [30, -33, 0],
    [50, -39, 0],
  ],
  h11: [
    [3, -60, 0],
    [6, -75, 0],
    [10, -90, 0],
    [18, -110, 0],
    [30, -130, 0],
    [50, -160, 0],
  ],
  H7: [
    [3, 0, 10],
    [6, 0, 12],
    [10, 0, 15],
    [18, 0, 18],
    [30, 0, 21],
    [50, 0, 25],
  ],
  H11: [
    [3, 0, 60],
    [6, 0, 75],
    [10, 0, 90],
    [18, 0, 110],
    [30, 0, 130],
    [50, 0, 160],
  ],
  H12: [
    [3, 0, 100],
    [6, 0, 120],
    [10, 0, 150],
    [18, 0, 180],
    [30, 0, 210],
    [50, 0, 250],
  ],
};

/** The limits of a fit at a diameter, mm (ISO 286-2); undefined for a fit or a size that is not held. */
export function fitLimits(
  fit: string,
  diameterMm: Mm,
): { readonly leastMm: Mm; readonly mostMm: Mm } | undefined {
  const row = FITS[fit]?.find(([upToMm]) => diameterMm <= upToMm + 1e-9);
  if (row === undefined) return undefined;
  const [, leastUm, mostUm] = row;
  return { leastMm: diameterMm + leastUm / 1000, mostMm: diameterMm + mostUm / 1000 };
}
