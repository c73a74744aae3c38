import {
  identifyOptionsSchema,
  readingSchema,
  replacementSchema,
  resultSchema,
  type IdentificationRecord,
} from "@root-gauge/contract";
import { identify, summaryOf, type Reading } from "@root-gauge/core";
import type { Selectable } from "kysely";
import { jsonOf, kept, setAside, type Kept } from "./kept-json";
import type { IdentificationsTable } from "./schema";

export type IdentificationRow = Selectable<IdentificationsTable>;

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

/** What can be read of readings and options as they are stored. */
export function readFrom(readings: string, options: string) {
  return {
    readings: keptReadings(readings).value ?? [],
    options: kept(options, identifyOptionsSchema).value ?? {},
  };
}

/**
 * A row as a record: as far as it can be read, and the rest marked.
 * @param path where its position stands now
 */
export function recordOf(row: IdentificationRow, path: string): IdentificationRecord {
  const readings = keptReadings(row.readings);
  const options = kept(row.options, identifyOptionsSchema);
  const replacement =
    row.replacement === null ? undefined : kept(row.replacement, replacementSchema);
  const result = kept(row.result, resultSchema);
  const readable = { readings: readings.value ?? [], options: options.value ?? {} };
  return {
    id: row.id,
    machineId: row.machine_id,
    position: path,
    positionId: row.position_id,
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
    removed: row.removed === 1,
  };
}
