import { z } from "zod/mini";

/** How many parts of each thread a workshop has settled and kept, by the thread's id. */
export const metSchema = z.object({
  counts: z.record(z.string(), z.int().check(z.minimum(0))),
});

/** The place that is being read: what was found there says nothing of itself. */
export const metQuerySchema = z.object({ without: z.optional(z.uuid()) });
