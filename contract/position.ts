import { POSITION_STATES, LONGEST } from "@root-gauge/core/record";
import { z } from "zod/mini";
import { machineIdSchema } from "./machine";
import { replacementSchema } from "./replacement";
import { field, inputSchemaOf } from "./record-fields";
import {
  removalSchema,
  removedSchema,
  storedFields,
  textSchema,
  nameSchema,
  notesSchema,
} from "./stored";

export const positionIdSchema = z.uuid();

/** More alike than any machine has in one place. */
const MOST_ALIKE = 9999;

const state = z.enum(POSITION_STATES);
const alike = z.int().check(z.minimum(1), z.maximum(MOST_ALIKE));

/** A place in one line, the outermost first: "feed side / gripper bar / left". */
export const positionPathSchema = textSchema(LONGEST.line);

export const POSITION_FIELDS = {
  machineId: field("machine", machineIdSchema, "machine", "machine_id"),
  /** What it stands within; null for the machine itself. */
  parentId: field("parent", z._default(z.nullable(positionIdSchema), null), "place", "parent_id"),
  name: field("name", nameSchema("a position")),
  /** Its place among those beside it. */
  rank: field("rank", z._default(z.number(), 0), "figure"),
  /** How many alike there are. */
  alike: field("alike", z._default(alike, 1), "figure"),
  state: field("state", z._default(state, "to-identify")),
  /** What goes in; null while nobody has said. */
  spec: field("spec", z._default(z.nullable(replacementSchema), null), "json"),
  notes: field("notes", notesSchema),
  /** Kept and looked up, and no work any more; with all that stands within it. */
  archived: field("archived", z._default(z.boolean(), false), "flag"),
  removed: field("removed", removalSchema, "flag"),
};

/** What a client sends to make a position of a machine, or to change it. */
export const positionInputSchema = inputSchemaOf(POSITION_FIELDS);

/** A position as a tree shows it. */
export const positionRowSchema = z.object({
  id: positionIdSchema,
  machineId: machineIdSchema,
  parentId: z.nullable(positionIdSchema),
  name: z.string(),
  rank: z.number(),
  alike: z.number(),
  state,
  /** The call-out of what goes in, else the thread that was found; empty where neither is known. */
  holds: z.string(),
  archived: z._default(z.boolean(), false),
  version: z.int(),
});

export const positionListSchema = z.object({
  positions: z.array(positionRowSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

export const positionSchema = z.object({
  id: positionIdSchema,
  machineId: machineIdSchema,
  parentId: z.nullable(positionIdSchema),
  name: z.string(),
  /** Where it stands on the machine, itself included: "feed side / gripper bar / left". */
  path: z.string(),
  rank: z.number(),
  alike: z.number(),
  state,
  spec: z.nullable(replacementSchema),
  notes: z.string(),
  archived: z._default(z.boolean(), false),
  ...storedFields,
  /** What is stored of it and cannot be read any more, as it is stored. */
  unreadable: z.array(z.string()),
  removed: removedSchema,
});

/** A position that waits for its part to be ordered, with its machine's name. */
export const toOrderSchema = z.extend(positionSchema, { machine: z.string() });

export const toOrderListSchema = z.object({
  positions: z.array(toOrderSchema),
  /** Where the list goes on; null at its end. */
  next: z.nullable(z.string()),
});

/** Which position another one is made one with. */
export const mergeInputSchema = z.strictObject({
  into: positionIdSchema,
  /** The version of it that was looked at. */
  saw: z._default(z.int().check(z.minimum(0)), 0),
});

export type ToOrder = z.infer<typeof toOrderSchema>;
export type PositionInput = z.infer<typeof positionInputSchema>;
export type PositionRow = z.infer<typeof positionRowSchema>;
export type Position = z.infer<typeof positionSchema>;
