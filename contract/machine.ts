import { POSITION_STATES, type StateCounts, LONGEST } from "@root-gauge/core/record";
import { z } from "zod/mini";
import { field, inputSchemaOf } from "./record-fields";
import {
  removalSchema,
  removedSchema,
  storedFields,
  textSchema,
  nameSchema,
  notesSchema,
} from "./stored";

export const machineIdSchema = z.uuid();

/** Machines older and newer than these years are none of a workshop's. */
const yearSchema = z.nullable(z.int().check(z.minimum(1700), z.maximum(2100)));

export const MACHINE_FIELDS = {
  name: field("name", nameSchema("a machine")),
  /** The maker's country, as it is written: it says which threads to expect. */
  origin: field("origin", z._default(textSchema(LONGEST.name), "")),
  /** The year it was built in. */
  year: field("year", z._default(yearSchema, null), "figure"),
  /** Where it stands. */
  stands: field("stands", z._default(textSchema(LONGEST.name), "")),
  notes: field("notes", notesSchema),
  removed: field("removed", removalSchema, "flag"),
};

/** What a client sends to make a machine or change it. */
export const machineInputSchema = inputSchemaOf(MACHINE_FIELDS);

const count = z.int().check(z.minimum(0));

/** How many positions stand in each state. */
export const stateCountsSchema: z.ZodMiniType<StateCounts> = z.partialRecord(
  z.enum(POSITION_STATES),
  count,
);

export const machineSchema = z.object({
  id: machineIdSchema,
  name: z.string(),
  origin: z.string(),
  year: yearSchema,
  stands: z.string(),
  notes: z.string(),
  /** Findings on it that are in the lists. */
  identifications: count,
  states: stateCountsSchema,
  ...storedFields,
  removed: removedSchema,
});

/** A machine as lists show it. */
const machineRowSchema = z.omit(machineSchema, { notes: true, createdAt: true });

export const machineListSchema = z.object({
  machines: z.array(machineRowSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export type MachineInput = z.infer<typeof machineInputSchema>;
export type Machine = z.infer<typeof machineSchema>;
export type MachineRow = z.infer<typeof machineRowSchema>;
