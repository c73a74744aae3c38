import {
  identifyOptionsSchema,
  readingSchema,
  replacementSchema,
  resultSchema,
  type IdentificationRecord,
} from "@root-gauge/contract";
import { identify, summaryOf, type Reading } from "@root-gauge/core";
import type { Selectable } from "kysely";
import type { z } from "zod/mini";
import type { IdentificationsTable } from "./schema";

export type IdentificationRow = Selectable<IdentificationsTable>;

/** What a column holds as far as its schema takes it, and the text of what it does not. */
interface Kept<Value> {
  readonly value: Value | undefined;
  readonly unreadable: readonly string[];
}

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function kept<Value>(text: string, schema: z.ZodMiniType<Value>): Kept<Value> {
  const parsed = schema.safeParse(jsonOf(text));
  return parsed.success
    ? { value: parsed.data, unreadable: [] }
    : { value: undefined, unreadable: [text] };
}

/** Each reading by itself, so that one of an older rule does not take the others with it. */
function keptReadings(text: string): Kept<Reading[]> {
  const list = jsonOf(text);
  if (!Array.isArray(list)) return { value: [], unreadable: [text] };
  const each = list.map((one) => kept(JSON.stringify(one), readingSchema));
  return {
    value: each.flatMap(({ value }) => (value === undefined ? [] : [value])),
    unreadable: each.flatMap(({ unreadable }) => unreadable),
  };
}

/** What was set aside by an earlier writing, and what cannot be read now. */
function setAside(row: IdentificationRow): readonly string[] {
  const list = jsonOf(row.set_aside);
  return Array.isArray(list) ? list.map(String) : [row.set_aside];
}

/** A row as a record: as far as it can be read, and the rest marked. */
export function recordOf(row: IdentificationRow): IdentificationRecord {
  const readings = keptReadings(row.readings);
  const options = kept(row.options, identifyOptionsSchema);
  const replacement =
    row.replacement === null ? undefined : kept(row.replacement, replacementSchema);
  const result = kept(row.result, resultSchema);
  const readable = { readings: readings.value ?? [], options: options.value ?? {} };
  return {
    id: row.id,
    jobId: row.job_id,
    position: row.position,
    ...readable,
    notes: row.notes,
    replacement: replacement?.value ?? null,
    // The result is worked out from the readings: one that cannot be read is worked out again.
    result: result.value ?? summaryOf(identify(readable.readings, readable.options)),
    takenAt: row.taken_at,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    version: row.version,
    unreadable: [
      ...setAside(row),
      ...readings.unreadable,
      ...options.unreadable,
      ...(replacement?.unreadable ?? []),
    ],
  };
}
