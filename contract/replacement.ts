import type {
  Circumstances,
  Duty,
  Environment,
  PartMetal,
  TighteningSurface,
} from "@root-gauge/core";
import { z } from "zod";
import { ACCEPTED } from "./accepted";

const dutySchema: z.ZodType<Duty> = z.enum([
  "ordinary",
  "vibrating",
  "safety-critical",
  "pressure",
  "electrical",
]);

const environmentSchema: z.ZodType<Environment> = z.enum([
  "indoor",
  "outdoor",
  "wet",
  "marine",
  "hot",
  "food",
]);

const metalSchema: z.ZodType<PartMetal> = z.enum([
  "steel",
  "cast-iron",
  "aluminium",
  "magnesium",
  "brass",
  "stainless",
  "plastic",
]);

const surfaceSchema: z.ZodType<TighteningSurface> = z.enum([
  "dry-plain",
  "dry-zinc",
  "oiled",
  "anti-seize",
  "stainless",
]);

/** The words of a counter; whether they read as a part is for the server to say. */
const calloutSchema = z.string().trim().min(1, "a call-out is wanted").max(ACCEPTED.callout.max);

export const circumstancesSchema: z.ZodType<Circumstances> = z.strictObject({
  duty: dutySchema,
  environment: environmentSchema,
  metal: metalSchema,
  surface: surfaceSchema.optional(),
});

/** Joints on which people's safety hangs. */
const GRAVE: ReadonlySet<Duty> = new Set(["safety-critical", "pressure"]);

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
      acknowledgedAt !== null || !GRAVE.has(circumstances.duty),
    {
      path: ["acknowledgedAt"],
      error: "the caution of a joint on which safety hangs must be acknowledged first",
    },
  );

/** What a sheet on paper is asked for with, as the query of its address. */
export const sheetQuerySchema = z.object({
  callout: calloutSchema,
  duty: dutySchema.default("ordinary"),
  environment: environmentSchema.default("indoor"),
  metal: metalSchema.default("steel"),
  surface: surfaceSchema.optional(),
  units: z.enum(["mm", "in"]).default("mm"),
  /** The machine and the place on it. */
  title: z.string().trim().max(260).default(""),
});

export type Replacement = z.infer<typeof replacementSchema>;
export type SheetQuery = z.infer<typeof sheetQuerySchema>;
