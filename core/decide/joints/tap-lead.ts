/** The hand taps of a set, in the order they are used. */
export const TAPS = ["taper", "second", "bottoming"] as const;

export type Tap = (typeof TAPS)[number];

/** Pitches of incomplete thread that the last tap used leaves at the bottom of a blind hole: the greater end of its range. */
const LEAD_PITCHES: Readonly<Record<Tap, number>> = { taper: 10, second: 5, bottoming: 2 };

/** Chamfer of a hand tap in pitches (ISO 8830, ASME B94.9: taper 7-10, plug 3-5, bottoming 1-2). */
export function tapLeadPitches(tap: Tap): number {
  return LEAD_PITCHES[tap];
}
