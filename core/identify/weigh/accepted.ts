/** What a reading may be, both ends included; outside it the figure is a slip, not a part for this bench. */
export const ACCEPTED = {
  /** Diameter over the crests, mm. */
  diameter: { minMm: 0.5, maxMm: 200 },
  /** The bore of a nut or hole, mm. */
  bore: { minMm: 0.4, maxMm: 200 },
  /** Across the flats of a head or nut, mm. */
  flats: { minMm: 1, maxMm: 200 },
  /** From the crests to the roots, mm. */
  depth: { minMm: 0.1, maxMm: 20 },
  /** How long a part is, mm. */
  length: { minMm: 1, maxMm: 1000 },
  /** The distance between two diameters on a taper, mm. */
  apart: { minMm: 1, maxMm: 200 },
  /** Turns after which a known part bound. */
  turns: { min: 0, max: 100 },
  /** Letters of a mark or a thread's name. */
  text: { max: 40 },
  /** What a leaf may be marked with: its pitch, mm, or its threads per inch. */
  leafPitch: { minMm: 0.1, maxMm: 12 },
  leafTpi: { min: 2, max: 200 },
  /** Threads that a leaf was laid over. */
  engaged: { min: 1, max: 100 },
  /** A length along the thread, for a count or from crest to crest, mm. */
  span: { minMm: 0.5, maxMm: 500 },
  /** The pitch that a count or a length comes to, mm: the finest watch thread to the coarsest press screw. */
  pitch: { minMm: 0.15, maxMm: 26 },
  /** Threads counted, or pitches spanned. */
  threads: { min: 1, max: 400 },
  /** A year that a machine is older than. */
  year: { min: 1800, max: 2100 },
} as const;
