import { z } from "zod/mini";
import { RECORD_KINDS, type RecordKind } from "./record-kinds";

const kinds = Object.keys(RECORD_KINDS) as [RecordKind, ...RecordKind[]];

/** That a record was changed: which, and by which device. */
export const recordEventSchema = z.object({
  /** Counted up: where a screen goes on that was not there for a while. */
  id: z.int(),
  kind: z.enum(kinds),
  record: z.uuid(),
  /** Empty where no device named itself. */
  device: z.string(),
});

/** What was changed since an event. */
export const eventListSchema = z.object({
  events: z.array(recordEventSchema),
  /** The last event that there is. */
  last: z.int(),
  /** Whether more was changed than is told: all that is shown is to be asked for anew. */
  more: z.boolean(),
});

/** The event after which is asked; none for what comes from now on. */
export const eventsQuerySchema = z.object({
  after: z.optional(z.coerce.number().check(z.int(), z.minimum(0))),
});

export type RecordEvent = z.infer<typeof recordEventSchema>;
