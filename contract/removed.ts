import { z } from "zod/mini";

/** What can be put back by itself once it was taken out of the lists. */
const REMOVABLE = [
  "machine",
  "position",
  "identification",
  "repair",
  "remark",
  "job",
  "order",
  "word",
] as const;

/** Something that was taken out of the lists: what it is, and when. */
const removedRowSchema = z.object({
  id: z.uuid(),
  kind: z.enum(REMOVABLE),
  name: z.string(),
  /** Of what stands on a machine, that and where on it; empty else. */
  machine: z.string(),
  at: z.iso.datetime(),
});

export const removedListSchema = z.object({
  removed: z.array(removedRowSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type RemovedRow = z.infer<typeof removedRowSchema>;
