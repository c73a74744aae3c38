import {
  DUTIES,
  ENVIRONMENTS,
  PART_METALS,
  calloutProblemWords,
  isCalloutProblem,
  needsAcknowledgement,
  parseCallout,
  type Circumstances,
} from "@root-gauge/core";
import { z } from "zod";

const MOST_CALLOUT = 200;

/** A call-out that reads as a part. */
const calloutSchema = z
  .string()
  .trim()
  .max(MOST_CALLOUT)
  .superRefine((text, context) => {
    const read = parseCallout(text);
    if (isCalloutProblem(read)) {
      context.addIssue({ code: "custom", message: calloutProblemWords(read) });
    }
  });

export const circumstancesSchema: z.ZodType<Circumstances> = z.strictObject({
  duty: z.enum(DUTIES),
  environment: z.enum(ENVIRONMENTS),
  metal: z.enum(PART_METALS),
});

/** The part that goes in, and what it has to do there. */
export const replacementSchema = z
  .strictObject({
    callout: calloutSchema,
    circumstances: circumstancesSchema,
    /** When the caution of a joint on which safety hangs was acknowledged. */
    acknowledgedAt: z.iso.datetime().nullable(),
  })
  .refine(
    ({ circumstances, acknowledgedAt }) =>
      acknowledgedAt !== null || !needsAcknowledgement(circumstances),
    {
      path: ["acknowledgedAt"],
      error: "the caution of a joint on which safety hangs must be acknowledged first",
    },
  );

/** What a sheet on paper is asked for with, as the query of its address. */
export const sheetQuerySchema = z.object({
  callout: calloutSchema,
  duty: z.enum(DUTIES).default("ordinary"),
  environment: z.enum(ENVIRONMENTS).default("indoor"),
  metal: z.enum(PART_METALS).default("steel"),
  units: z.enum(["mm", "in"]).default("mm"),
  /** The machine and the place on it. */
  title: z.string().trim().max(260).default(""),
});

export type Replacement = z.infer<typeof replacementSchema>;
export type SheetQuery = z.infer<typeof sheetQuerySchema>;
