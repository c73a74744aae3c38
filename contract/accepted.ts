/** What a reading may be, both ends included; outside it the figure is a slip, not a part for this bench. */
export const ACCEPTED = {
  /** Diameter over the crests, mm. */
  diameter: { minMm: 0.5, maxMm: 200 },
  /** A length along the thread, for a count or from crest to crest, mm. */
  span: { minMm: 0.5, maxMm: 500 },
  /** Threads counted, or pitches spanned. */
  threads: { min: 1, max: 400 },
  /** A year that a machine is older than. */
  year: { min: 1800, max: 2100 },
} as const;
