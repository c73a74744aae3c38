import type { IdentificationSummary } from "@root-gauge/core";
import { z } from "zod";
import { jobIdSchema, jobSchema } from "./job";
import { identifyOptionsSchema, readingsSchema } from "./reading";
import { replacementSchema } from "./replacement";

/**
 * What a client sends to save an identification under an id of its own making. It carries readings, never a
 * result: the server identifies again.
 */
export const identificationInputSchema = z
  .strictObject({
    jobId: jobIdSchema,
    position: z.string().trim().max(120),
    readings: readingsSchema,
    options: identifyOptionsSchema,
    notes: z.string().max(4000),
    /** What goes in; null while nobody has said. */
    replacement: replacementSchema.nullable().default(null),
    takenAt: z.iso.datetime(),
  })
  .refine(({ readings, replacement }) => readings.length > 0 || replacement !== null, {
    path: ["readings"],
    error: "an identification needs a reading, or a call-out of what goes in",
  });

/** The outcome as the server computed it from the readings, cut to the likeliest threads. */
export const resultSchema: z.ZodType<IdentificationSummary> = z.object({
  verdict: z.enum(["settled", "narrowed", "open", "contradictory"]),
  unknown: z.number().min(0).max(1),
  side: z.enum(["external", "internal"]).optional(),
  hand: z.enum(["right", "left"]).optional(),
  candidates: z.array(
    z.object({
      threadId: z.string(),
      designation: z.string(),
      probability: z.number().min(0).max(1),
    }),
  ),
});

export const identificationSchema = z.object({
  id: z.uuid(),
  jobId: jobIdSchema,
  position: z.string(),
  readings: readingsSchema,
  options: identifyOptionsSchema,
  notes: z.string(),
  replacement: replacementSchema.nullable(),
  result: resultSchema,
  takenAt: z.iso.datetime(),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
  /** Counted up by every change. */
  version: z.number().int().min(1),
  /** What is stored of it and cannot be read any more, as it is stored; also what an older writing-up set aside. */
  unreadable: z.array(z.string()),
});

export const jobWithIdentificationsSchema = z.object({
  job: jobSchema,
  identifications: z.array(identificationSchema),
  /** Where the list goes on; null at its end. */
  next: z.string().nullable(),
});

export type IdentificationInput = z.infer<typeof identificationInputSchema>;
export type IdentificationRecord = z.infer<typeof identificationSchema>;
export type JobWithIdentifications = z.infer<typeof jobWithIdentificationsSchema>;
