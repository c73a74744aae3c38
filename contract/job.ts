import { z } from "zod/mini";

export const jobIdSchema = z.uuid();

/** What a client sends to make or rename a job: a machine and where it comes from. */
export const jobInputSchema = z.strictObject({
  name: z.string().check(z.trim(), z.minLength(1, "a job needs a name"), z.maxLength(120)),
  origin: z._default(z.string().check(z.trim(), z.maxLength(120)), ""),
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
});

export const jobListSchema = z.object({
  jobs: z.array(jobSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type JobInput = z.infer<typeof jobInputSchema>;
export type Job = z.infer<typeof jobSchema>;
