import { z } from "zod/mini";
import type { ChangedField } from "./change";

/** How what a field holds stands in its column: as it is, as JSON, or as the id of what it names. */
export type FieldForm = "text" | "figure" | "flag" | "json" | "machine" | "place" | "places";

/** One field of a kind of record: what may be sent of it, and how it is stored and told. */
export interface Field<
  Schema extends z.ZodMiniType = z.ZodMiniType,
  Form extends FieldForm = FieldForm,
  Column extends string | null = string | null,
> {
  readonly schema: Schema;
  /** Its name in the record's history. */
  readonly called: ChangedField;
  readonly form: Form;
  /** Its column; null where it is kept in rows of its own. */
  readonly column: Column;
}

/** A kind of record: its fields, by the names they are sent under. */
export type FieldTable = Readonly<Record<string, Field>>;

/** A field that is called so; its column has the same name unless told otherwise. */
export function field<
  Called extends ChangedField,
  Schema extends z.ZodMiniType,
  Form extends FieldForm = "text",
  Column extends string | null = Called,
>(
  called: Called,
  schema: Schema,
  form = "text" as Form,
  column = called as string as Column,
): Field<Schema, Form, Column> {
  return { schema, called, form, column };
}

/** What may stand in a column: nothing where nothing may be sent. */
type Absent<Value> = null extends Value ? null : undefined extends Value ? null : never;

/** What a field's column has in it: JSON is text, a flag 0 or 1, all else as it is sent. */
type InColumn<Schema extends z.ZodMiniType, Form extends FieldForm> = Form extends "json"
  ? string | Absent<z.output<Schema>>
  : Form extends "flag"
    ? number
    : NonNullable<z.output<Schema>> | Absent<z.output<Schema>>;

/** The columns of a table of fields, and what each has in it; that a row is removed, every table has by itself. */
export type ColumnsOf<Fields extends FieldTable> = {
  [
    Name in Exclude<keyof Fields, "removed"> as Fields[Name]["column"] extends string
      ? Fields[Name]["column"]
      : never
  ]: InColumn<Fields[Name]["schema"], Fields[Name]["form"]>;
};

type ShapeOf<Fields extends FieldTable> = { [Name in keyof Fields]: Fields[Name]["schema"] };

/** What a client sends of a kind of record: its fields and nothing else. */
export function inputSchemaOf<Fields extends FieldTable>(fields: Fields) {
  const shape = Object.fromEntries(
    Object.entries(fields).map(([name, { schema }]) => [name, schema]),
  ) as ShapeOf<Fields>;
  return z.strictObject(shape);
}
