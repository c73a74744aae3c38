/** The fields in which a reading is typed. */
export const READING_FIELDS = [
  "diameter",
  "gauge.over",
  "gauge.not-over",
  "bore",
  "leaf",
  "count.threads",
  "count.span",
  "crests.pitches",
  "crests.length",
  "length",
  "flats",
  "taper.small",
  "taper.large",
  "taper.apart",
  "trial.with",
  "trial.turns",
] as const;

/** Every field in which something can be typed, or chosen, before it is taken. */
export const DRAFT_FIELDS = [
  ...READING_FIELDS,
  "mending",
  "pitch.way",
  "head.mark",
  "find",
  "job.name",
  "job.origin",
  "fastener.position",
  "fastener.job",
  "out.callout",
  "out.duty",
  "out.environment",
  "out.metal",
  "out.surface",
  "out.acknowledged",
] as const;

export type DraftField = (typeof DRAFT_FIELDS)[number];
