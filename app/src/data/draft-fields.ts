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
  "depth",
  "taper.small",
  "taper.large",
  "taper.apart",
  "trial.with",
  "trial.turns",
] as const;

/** The fields in which a stored record is changed. */
export const EDIT_DRAFTS = [
  "edit.of",
  "edit.machine",
  "edit.name",
  "edit.origin",
  "edit.year",
  "edit.stands",
  "edit.alike",
  "edit.within",
  "edit.position",
  "edit.at",
  "edit.notes",
  "edit.callout",
  "edit.duty",
  "edit.environment",
  "edit.metal",
  "edit.surface",
  "edit.acknowledged",
] as const;

/** Every field in which something can be typed, or chosen, before it is taken. */
export const DRAFT_FIELDS = [
  ...READING_FIELDS,
  "mending",
  "pitch.way",
  "head.mark",
  "find",
  "wanted",
  "machine.find",
  "position.name",
  "machine.name",
  "machine.origin",
  "fastener.position",
  "fastener.at",
  "fastener.machine",
  "out.callout",
  "out.duty",
  "out.environment",
  "out.metal",
  "out.surface",
  "out.acknowledged",
  ...EDIT_DRAFTS,
] as const;

export type DraftField = (typeof DRAFT_FIELDS)[number];
