import { z } from "zod/mini";

export const jobIdSchema = z.uuid();

/** Takes a record out of every list; it is kept, and sent again without this it stands there again. */
export const removalSchema = z.optional(z.boolean());

/** Whether a record was taken out of the lists. */
export const removedSchema = z._default(z.boolean(), false);

/** What a client sends to make or rename a job: a machine and where it comes from. */
export const jobInputSchema = z.strictObject({
  name: z.string().check(z.trim(), z.minLength(1, "a job needs a name"), z.maxLength(120)),
  origin: z._default(z.string().check(z.trim(), z.maxLength(120)), ""),
  removed: removalSchema,
});

export const jobSchema = z.object({
  id: jobIdSchema,
  name: z.string(),
  origin: z.string(),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
  identifications: z.int().check(z.minimum(0)),
  /** Counted up by every change of the name or the origin. */
  version: z.int().check(z.minimum(1)),
  removed: removedSchema,
});

export const jobListSchema = z.object({
  jobs: z.array(jobSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type JobInput = z.infer<typeof jobInputSchema>;
export type Job = z.infer<typeof jobSchema>;
