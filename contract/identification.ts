import { LONGEST } from "@root-gauge/core/record";
import type { IdentificationSummary } from "@root-gauge/core";
import { HANDS, THREAD_SIDES, VERDICTS } from "@root-gauge/core/lists";
import { z } from "zod/mini";
import { machineIdSchema } from "./machine";
import { positionIdSchema, positionPathSchema } from "./position";
import { identifyOptionsSchema, readingsSchema } from "./reading";
import { replacementSchema } from "./replacement";
import { field, inputSchemaOf } from "./record-fields";
import { removalSchema, removedSchema, storedFields } from "./stored";

export const IDENTIFICATION_FIELDS = {
  machineId: field("machine", machineIdSchema, "machine", "machine_id"),
  /** Where it was found, in one line: a position of that name is made where there is none. */
  position: field("place", positionPathSchema, "text", "position"),
  /** The position itself, where it is known; its name stands above all the same. */
  positionId: field("position", z.optional(positionIdSchema), "place", "position_id"),
  readings: field("readings", readingsSchema, "json"),
  options: field("options", identifyOptionsSchema, "json"),
  notes: field("notes", z.string().check(z.maxLength(LONGEST.notes))),
  /** What goes in; null while nobody has said. */
  replacement: field(
    "spec",
    z._default(z.nullable(replacementSchema), null),
    "json",
    "replacement",
  ),
  takenAt: field("taken", z.iso.datetime(), "text", "taken_at"),
  removed: field("removed", removalSchema, "flag"),
};

/**
 * What a client sends to save an identification under an id of its own making. It carries readings, never a
 * result: the server identifies again.
 */
export const identificationInputSchema = inputSchemaOf(IDENTIFICATION_FIELDS).check(
  z.refine(({ readings, replacement }) => readings.length > 0 || replacement !== null, {
    path: ["readings"],
    error: "an identification needs a reading, or a call-out of what goes in",
  }),
);

const share = z.number().check(z.minimum(0), z.maximum(1));

/** The outcome as the server computed it from the readings, cut to the likeliest threads. */
export const resultSchema: z.ZodMiniType<IdentificationSummary> = z.object({
  verdict: z.enum(VERDICTS),
  unknown: share,
  side: z.optional(z.enum(THREAD_SIDES)),
  hand: z.optional(z.enum(HANDS)),
  candidates: z.array(
    z.object({
      threadId: z.string(),
      designation: z.string(),
      probability: share,
    }),
  ),
});

export const identificationSchema = z.object({
  id: z.uuid(),
  machineId: machineIdSchema,
  /** Where its position stands on the machine; empty where no place was named. */
  position: z.string(),
  positionId: z.nullable(positionIdSchema),
  readings: readingsSchema,
  options: identifyOptionsSchema,
  notes: z.string(),
  replacement: z.nullable(replacementSchema),
  result: resultSchema,
  takenAt: z.iso.datetime(),
  ...storedFields,
  /** What is stored of it and cannot be read any more, as it is stored; also what an older writing-up set aside. */
  unreadable: z.array(z.string()),
  removed: removedSchema,
});

/** A finding as lists show it. */
const findingRowSchema = z.omit(identificationSchema, {
  notes: true,
  createdAt: true,
});

export const identificationListSchema = z.object({
  identifications: z.array(findingRowSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type IdentificationInput = z.infer<typeof identificationInputSchema>;
export type IdentificationRecord = z.infer<typeof identificationSchema>;
export type FindingRow = z.infer<typeof findingRowSchema>;
