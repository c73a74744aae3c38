import { MOST_LETTERS, UNITS } from "@root-gauge/core";
import {
  DUTIES,
  ENVIRONMENTS,
  PART_METALS,
  TIGHTENING_SURFACES,
  USUAL_CIRCUMSTANCES,
  isAcknowledged,
  type Circumstances,
} from "@root-gauge/core/catalogue/circumstances";
import { z } from "zod/mini";

/** The words of a counter; whether they read as a part is for the server to say. */
const calloutSchema = z
  .string()
  .check(z.trim(), z.minLength(1, "a call-out is wanted"), z.maxLength(MOST_LETTERS));

const duty = z.enum(DUTIES);
const environment = z.enum(ENVIRONMENTS);
const metal = z.enum(PART_METALS);
const surface = z.optional(z.enum(TIGHTENING_SURFACES));

export const circumstancesSchema: z.ZodMiniType<Circumstances> = z.strictObject({
  duty,
  environment,
  metal,
  surface,
});

/** The part that goes in, and what it has to do there. */
export const replacementSchema = z
  .strictObject({
    callout: calloutSchema,
    circumstances: circumstancesSchema,
    /** When the caution of a joint on which safety hangs was acknowledged. */
    acknowledgedAt: z.nullable(z.iso.datetime()),
  })
  .check(
    z.refine(({ circumstances, acknowledgedAt }) => isAcknowledged(circumstances, acknowledgedAt), {
      path: ["acknowledgedAt"],
      error: "the caution of a joint on which safety hangs must be acknowledged first",
    }),
  );

/** What a sheet on paper is asked for with, as the query of its address. */
export const sheetQuerySchema = z.object({
  callout: calloutSchema,
  duty: z._default(duty, USUAL_CIRCUMSTANCES.duty),
  environment: z._default(environment, USUAL_CIRCUMSTANCES.environment),
  metal: z._default(metal, USUAL_CIRCUMSTANCES.metal),
  surface,
  units: z._default(z.enum(UNITS), "mm"),
  /** The machine and the place on it. */
  title: z._default(z.string().check(z.trim(), z.maxLength(260)), ""),
});

export type Replacement = z.infer<typeof replacementSchema>;
