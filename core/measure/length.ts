/** Millimetres: the unit of every length inside the core unless a name says otherwise. */
export type Mm = number;

/** The two unit systems a figure can be asked for in. */
export const UNITS = ["mm", "in"] as const;

export type Units = (typeof UNITS)[number];

/** One inch in millimetres, exact by definition (ISO 31-1; the international inch of 1959). */
export const MM_PER_INCH = 25.4;

/** Inches to millimetres. One multiplication, so an exact inch figure is rounded only once. */
export function mmFromInches(inches: number): Mm {
  return inches * MM_PER_INCH;
}

/** Millimetres to inches. */
export function inchesFromMm(mm: Mm): number {
  return mm / MM_PER_INCH;
}

/** Threads per inch to pitch in millimetres. */
export function pitchMmFromTpi(tpi: number): Mm {
  return MM_PER_INCH / tpi;
}

/** Pitch in millimetres to threads per inch. */
export function tpiFromPitchMm(pitchMm: Mm): number {
  return MM_PER_INCH / pitchMm;
}
