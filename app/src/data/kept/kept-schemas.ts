import { identifyOptionsSchema, readingsSchema, replacementSchema } from "@root-gauge/contract";
import { BORE_INSTRUMENTS, TOOLS, UNITS } from "@root-gauge/core";
import { DIAMETER_INSTRUMENTS } from "@root-gauge/core/lists";
import { z } from "zod/mini";
import { DRAFT_FIELDS } from "./draft-fields";

const partSchema = z.object({
  /** The id it is, or will be, stored under. */
  identificationId: z.uuid(),
  machineId: z.nullable(z.uuid()),
  position: z.string(),
  /** The position itself, where it was chosen and not only named. */
  positionId: z.optional(z.uuid()),
  notes: z.string(),
  readings: readingsSchema,
  options: identifyOptionsSchema,
  /** Tests that cannot be made or answered for this part, by their key. */
  skipped: z._default(z.array(z.string()), []),
  /** What goes in, where it was stored with the part. */
  replacement: z._default(z.nullable(replacementSchema), null),
  /** The version of the stored record that was laid on the bench; 0 for a part that was never stored. */
  saw: z._default(z.int().check(z.minimum(0)), 0),
  takenAt: z.iso.datetime(),
});

const settingsSchema = z.object({
  units: z.enum(UNITS),
  /** The unit that figures were last typed in, where that was said. */
  padUnits: z.optional(z.enum(UNITS)),
  light: z.enum(["system", "daylight", "lamp"]),
  instrument: z.enum([...DIAMETER_INSTRUMENTS, "hole-gauge"]),
  bore: z._default(z.enum(BORE_INSTRUMENTS), "caliper"),
  tools: z._default(z.array(z.enum(TOOLS)), [...TOOLS]),
});

/** What must hold of what the Bench's first screen keeps on this device, before it is believed. */
export const KEPT_SCHEMAS = {
  bench: z.object({ part: partSchema, past: z.array(partSchema) }),
  drafts: z.partialRecord(z.enum(DRAFT_FIELDS), z.string()),
  settings: settingsSchema,
  met: z.object({
    counts: z.record(z.string(), z.number()),
    used: z.boolean(),
    onMachine: z._default(z.record(z.string(), z.number()), {}),
    machineId: z._default(z.nullable(z.string()), null),
    machineUsed: z._default(z.boolean(), true),
  }),
} as const;

export type KeptSchemas = typeof KEPT_SCHEMAS;

/** The part on the bench. */
export type BenchPart = z.infer<typeof partSchema>;
export type BenchState = z.infer<KeptSchemas["bench"]>;
export type Drafts = z.infer<KeptSchemas["drafts"]>;
export type Settings = z.infer<typeof settingsSchema>;
