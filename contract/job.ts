import { z } from "zod";

export const jobIdSchema = z.uuid();

/** What a client sends to make or rename a job: a machine and where it comes from. */
export const jobInputSchema = z.strictObject({
  name: z.string().trim().min(1, "a job needs a name").max(120),
  origin: z.string().trim().max(120).default(""),
});

export const jobSchema = z.object({
  id: jobIdSchema,
  name: z.string(),
  origin: z.string(),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
  identifications: z.number().int().min(0),
  /** Counted up by every change of the name or the origin. */
  version: z.number().int().min(1),
});

export const jobListSchema = z.object({
  jobs: z.array(jobSchema),
  /** Where the list goes on; null at its end. */
  next: z.string().nullable(),
});

export type JobInput = z.infer<typeof jobInputSchema>;
export type Job = z.infer<typeof jobSchema>;
