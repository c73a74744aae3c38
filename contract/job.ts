import { z } from "zod/mini";
import { stateCountsSchema } from "./machine";
import { positionIdSchema, positionRowSchema } from "./position";
import { field, inputSchemaOf } from "./record-fields";
import { removalSchema, removedSchema, storedFields, nameSchema, notesSchema } from "./stored";

/** More places than one piece of work has. */
export const MOST_PLACES = 1000;

const day = z.iso.date();

export const JOB_FIELDS = {
  name: field("name", nameSchema("a job")),
  opened: field("opened", day),
  /** The day it is to be done by. */
  due: field("due", z._default(z.nullable(day), null)),
  /** The day it was done; null while it is open. */
  done: field("done", z._default(z.nullable(day), null)),
  notes: field("notes", notesSchema),
  /** What is worked at. */
  positions: field(
    "positions",
    z._default(z.array(positionIdSchema).check(z.maxLength(MOST_PLACES)), []),
    "places",
    null,
  ),
  removed: field("removed", removalSchema, "flag"),
};

/** What a client sends to open a job, a piece of work over positions of one machine or several, or to change it. */
export const jobInputSchema = inputSchemaOf(JOB_FIELDS);

export const jobSchema = z.object({
  id: z.uuid(),
  name: z.string(),
  opened: day,
  due: z.nullable(day),
  done: z.nullable(day),
  notes: z.string(),
  /** The positions that are in the lists, each once. */
  positions: z.array(positionIdSchema),
  /** The machines that they are of, by name. */
  machines: z.array(z.string()),
  states: stateCountsSchema,
  ...storedFields,
  removed: removedSchema,
});

/** A position of a job, with where it is. */
const jobPlaceSchema = z.extend(positionRowSchema, {
  machine: z.string(),
  path: z.string(),
});

/** A job with what is worked at. */
export const wholeJobSchema = z.extend(jobSchema, { places: z.array(jobPlaceSchema) });

export const jobListSchema = z.object({
  jobs: z.array(jobSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type JobInput = z.infer<typeof jobInputSchema>;
export type Job = z.infer<typeof jobSchema>;
export type JobPlace = z.infer<typeof jobPlaceSchema>;
export type WholeJob = z.infer<typeof wholeJobSchema>;
