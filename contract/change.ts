import { z } from "zod/mini";

/** What is changed of a record, as its history names it. */
const CHANGED_FIELDS = [
  "made",
  "machine",
  "position",
  "place",
  "name",
  "origin",
  "year",
  "stands",
  "parent",
  "rank",
  "alike",
  "state",
  "spec",
  "notes",
  "opened",
  "due",
  "done",
  "positions",
  "rule",
  "lines",
  "order",
  "callout",
  "alternates",
  "needed",
  "shelf",
  "ordered",
  "for",
  "arrived",
  "quotation",
  "readings",
  "options",
  "record",
  "text",
  "taken",
  "word",
  "means",
  "found",
  "mended",
  "remark",
  "picture",
  "archived",
  "merged",
  "removed",
] as const;

/** One field of a record as it was and as it became: by whom, and when. */
const changeSchema = z.object({
  id: z.int(),
  at: z.iso.datetime(),
  /** The name that was typed on the device; empty where none was. */
  who: z.string(),
  field: z.enum(CHANGED_FIELDS),
  was: z.string(),
  became: z.string(),
});

export const changeListSchema = z.object({
  changes: z.array(changeSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type ChangedField = (typeof CHANGED_FIELDS)[number];
export type Change = z.infer<typeof changeSchema>;
