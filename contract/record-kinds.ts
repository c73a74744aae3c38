import type { z } from "zod/mini";
import { IDENTIFICATION_FIELDS } from "./identification";
import { JOB_FIELDS } from "./job";
import { MACHINE_FIELDS } from "./machine";
import { LINE_FIELDS, ORDER_FIELDS } from "./order";
import { WORD_FIELDS } from "./own-word";
import { POSITION_FIELDS } from "./position";
import type { ColumnsOf } from "./record-fields";
import { REMARK_FIELDS } from "./remark";
import { REPAIR_FIELDS } from "./repair";

/** Every kind of record that is kept, by its fields: what is saved, merged, noted in a history and shown is taken from here. */
export const RECORD_KINDS = {
  machine: MACHINE_FIELDS,
  position: POSITION_FIELDS,
  identification: IDENTIFICATION_FIELDS,
  repair: REPAIR_FIELDS,
  remark: REMARK_FIELDS,
  job: JOB_FIELDS,
  order: ORDER_FIELDS,
  line: LINE_FIELDS,
  word: WORD_FIELDS,
} as const;

export type RecordKind = keyof typeof RECORD_KINDS;

type FieldsOf<Kind extends RecordKind> = (typeof RECORD_KINDS)[Kind];

/** The columns that the fields of a kind stand in. */
export type RecordColumns<Kind extends RecordKind> = ColumnsOf<FieldsOf<Kind>>;

/** What is sent of a kind of record, but for whether it is removed. */
export type Sent<Kind extends RecordKind> = {
  [Name in Exclude<keyof FieldsOf<Kind>, "removed">]: FieldsOf<Kind>[Name] extends {
    readonly schema: infer Schema extends z.ZodMiniType;
  }
    ? z.output<Schema>
    : never;
};

/** The fields of a record as it is stored, as they would be sent again. */
export function sentFields<Kind extends RecordKind>(kind: Kind, stored: Sent<Kind>): Sent<Kind> {
  const values: Readonly<Record<string, unknown>> = stored;
  const names = Object.keys(RECORD_KINDS[kind]).filter((name) => name !== "removed");
  return Object.fromEntries(names.map((name) => [name, values[name]])) as Sent<Kind>;
}
