import { z } from "zod/mini";
import type { ChangedField } from "./change";

/** How what a field holds stands in its column: as it is, as JSON, or as the id of what it names. */
export type FieldForm = "text" | "figure" | "flag" | "json" | "machine" | "place" | "places";

/** One field of a kind of record: what may be sent of it, and how it is stored and told. */
export interface Field<Schema extends z.ZodMiniType = z.ZodMiniType> {
  readonly schema: Schema;
  /** Its name in the record's history. */
  readonly called: ChangedField;
  readonly form: FieldForm;
  /** Its column; null where it is kept in rows of its own. */
  readonly column: string | null;
}

/** A kind of record: its fields, by the names they are sent under. */
export type FieldTable = Readonly<Record<string, Field>>;

/** A field that is called so; its column has the same name unless told otherwise. */
export function field<Schema extends z.ZodMiniType>(
  called: ChangedField,
  schema: Schema,
  form: FieldForm = "text",
  column: string | null = called,
): Field<Schema> {
  return { schema, called, form, column };
}

type ShapeOf<Fields extends FieldTable> = { [Name in keyof Fields]: Fields[Name]["schema"] };

/** What a client sends of a kind of record: its fields and nothing else. */
export function inputSchemaOf<Fields extends FieldTable>(fields: Fields) {
  const shape = Object.fromEntries(
    Object.entries(fields).map(([name, { schema }]) => [name, schema]),
  ) as ShapeOf<Fields>;
  return z.strictObject(shape);
}
