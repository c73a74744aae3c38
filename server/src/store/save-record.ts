import {
  RECORD_KINDS,
  type ChangedField,
  type Field,
  type FieldTable,
  type RecordKind,
  type Write,
} from "@root-gauge/contract";
import { sql, type RawBuilder, type SqlBool, type Transaction } from "kysely";
import { noteLines, type ChangeLine, type Writing, type WrittenLine } from "./changes";
import { othersSince, takesPlace } from "./clashes";
import { kept, setAside } from "./kept-json";
import type { Tables } from "./schema";

/** What stands in a column. */
export type Stored = string | number | null;
export type Columns = Readonly<Record<string, Stored>>;

/** What every row has, whatever kind of record it is. */
export interface RecordRow {
  readonly id: string;
  readonly version: number;
  readonly device: string;
  readonly removed: number;
}

/** The table of each kind. */
const TABLE_OF = {
  machine: "machines",
  position: "positions",
  identification: "identifications",
  repair: "repairs",
  remark: "remarks",
  job: "jobs",
  order: "orders",
  line: "order_lines",
  word: "own_words",
} as const satisfies Record<RecordKind, keyof Tables>;

/** A writer says that it changed fields which a record of this kind does not have. */
export class NoSuchField extends Error {
  override readonly name = "NoSuchField";

  constructor(said: readonly string[], fields: readonly string[]) {
    super(`Read “${said.join(", ")}” as changed. Accepted: ${fields.join(", ")}.`);
  }
}

/**
 * The fields that a writer says it changed; all of them where it does not say.
 * @throws NoSuchField where one of them is none of this kind of record
 */
export function saidFields(fields: FieldTable, { touched }: Write): readonly string[] {
  const names = Object.keys(fields);
  if (touched === undefined) return names;
  const said = touched.split(",");
  const unknown = said.filter((name) => !names.includes(name));
  if (unknown.length > 0) throw new NoSuchField(unknown, names);
  return names.filter((name) => said.includes(name));
}

/** A field's value as its column has it; undefined for what was not said. */
function encoded({ form }: Field, value: unknown): Stored | undefined {
  if (form === "flag") return value === true ? 1 : 0;
  if (value === undefined) return undefined;
  return form === "json" && value !== null ? JSON.stringify(value) : (value as Stored);
}

const isSame = ({ form }: Field, stored: unknown, wanted: Stored): boolean =>
  form === "flag" ? (stored !== 0) === (wanted !== 0) : stored === wanted;

/** What a history tells of a column: flags as yes or nothing, what is not there as nothing. */
const told = ({ form }: Field, stored: Stored | undefined): string =>
  form === "flag" ? (stored ? "yes" : "") : String(stored ?? "");

/** How a save came out; where it was not saved, nothing was stored. */
export type Outcome<Row, Refused> =
  | { readonly kind: "same"; readonly row: Row }
  | { readonly kind: "conflict" }
  | { readonly kind: "refused"; readonly refused: Refused }
  | {
      readonly kind: "saved";
      readonly row: Row;
      readonly before: Row | undefined;
      /** What its history says was changed. */
      readonly lines: readonly ChangeLine[];
    };

/** What a kind of record has to say of a save of its own. */
export interface Rules<Row, Refused> {
  /** One that was taken out is brought back by whoever sends it again: nothing of it can be lost. */
  readonly comesBack?: boolean;
  /** It follows from another save: no device has had this version on its screen. */
  readonly follows?: boolean;
  /** Columns beside those of the fields, where they are written. */
  readonly beside?: Columns;
  /** What is kept in rows of its own and was said, as it was and as it is to be. */
  readonly apart?: readonly ChangeLine[];
  /** What else its history is to tell of this writing, which stands against nothing. */
  readonly noted?: readonly ChangeLine[];
  /** What of a row cannot be read any more, and is kept beside what takes its place. */
  readonly unreadable?: (row: Row) => readonly string[];
  /** Settles what the columns are to be, once nothing clashes and before anything is written; or says why not. */
  readonly settle?: (
    wanted: Columns,
    before: Row | undefined,
  ) => Promise<{ readonly columns: Columns } | { readonly refused: Refused }>;
}

async function rowOf<Row>(
  transaction: Transaction<Tables>,
  table: string,
  id: string,
): Promise<Row | undefined> {
  const { rows } = await sql<Row>`select * from ${sql.table(table)} where id = ${id}`.execute(
    transaction,
  );
  return rows[0];
}

async function written<Row>(
  transaction: Transaction<Tables>,
  table: string,
  id: string,
  columns: Columns,
  isNew: boolean,
): Promise<Row> {
  const entries = Object.entries(columns);
  const names = entries.map(([name]) => sql.ref(name));
  const query = isNew
    ? sql<Row>`
        insert into ${sql.table(table)} (id, ${sql.join(names)})
        values (${id}, ${sql.join(Object.values(columns))}) returning *`
    : sql<Row>`
        update ${sql.table(table)}
        set ${sql.join(entries.map(([name, value]) => sql`${sql.ref(name)} = ${value}`))}
        where id = ${id} returning *`;
  const { rows } = await query.execute(transaction);
  const [row] = rows;
  if (row === undefined) throw new Error(`nothing was written to ${table}`);
  return row;
}

/** The fields in which a row differs from what was said of it. */
function difference(fields: FieldTable, said: readonly string[], sent: object, before?: object) {
  const values = sent as Readonly<Record<string, unknown>>;
  const stored = before as Columns | undefined;
  const wanted: Record<string, Stored> = {};
  for (const name of said) {
    const of = fields[name];
    const value = of && encoded(of, values[name]);
    if (of === undefined || of.column === null || value === undefined) continue;
    if (stored === undefined || !isSame(of, stored[of.column], value)) wanted[of.column] = value;
  }
  return wanted;
}

/** Whether a row stands as it is sent, so that there is nothing to save. */
export function isAsStored(kind: RecordKind, sent: object, row: object): boolean {
  const fields: FieldTable = RECORD_KINDS[kind];
  return Object.keys(difference(fields, Object.keys(fields), sent, row)).length === 0;
}

/**
 * What a writer changed itself, where it does not say: a field that others have changed since, and that it sends as it was
 * before that, it has left alone.
 */
function withoutUntouched(
  fields: FieldTable,
  wanted: Columns,
  others: readonly WrittenLine[],
): Columns {
  const before = new Map<ChangedField, string>();
  for (const { field, was, exact } of others) {
    if (exact === 1 && !before.has(field)) before.set(field, was);
  }
  const left = new Set(
    Object.values(fields).flatMap((of) =>
      of.column !== null &&
      of.column in wanted &&
      told(of, wanted[of.column]) === before.get(of.called)
        ? [of.column]
        : [],
    ),
  );
  return Object.fromEntries(Object.entries(wanted).filter(([column]) => !left.has(column)));
}

/** What of a row cannot be read any more: where other columns take its place it is kept beside them. */
function asideOf<Row extends RecordRow>(
  fields: FieldTable,
  wanted: Columns,
  before: Row,
  unreadable: Rules<Row, never>["unreadable"],
): readonly string[] | undefined {
  const stored = before as unknown as Columns;
  if (typeof stored.set_aside !== "string") return undefined;
  if (unreadable !== undefined) return unreadable(before);
  const lost = Object.values(fields).flatMap(({ form, column, schema }) => {
    const text = column === null || form !== "json" ? null : stored[column];
    if (column === null || typeof text !== "string" || !(column in wanted)) return [];
    return kept(text, schema).unreadable;
  });
  return lost.length === 0 ? undefined : [...setAside({ set_aside: stored.set_aside }), ...lost];
}

/** What a history tells of a writing. */
function linesOf(fields: FieldTable, before: object | undefined, row: object): ChangeLine[] {
  const [was, is] = [before, row] as readonly (Columns | undefined)[];
  if (was === undefined) return [{ field: "made", was: "", became: String(is?.name ?? "") }];
  return Object.values(fields).flatMap((of) => {
    if (of.column === null) return [];
    const line = { was: told(of, was[of.column]), became: told(of, is?.[of.column]) };
    return line.was === line.became ? [] : [{ field: of.called, ...line }];
  });
}

/**
 * The one way in which a record is kept: made, changed field by field, taken out of the lists or brought back, with its
 * version and its history. Saying it twice is saying it once.
 * @param sent the fields as a client sends them; those that are not said stay as they are
 * @throws NoSuchField where the writer names fields that this kind does not have
 */
export async function saveRecord<Row extends RecordRow, Refused = never>(
  transaction: Transaction<Tables>,
  kind: RecordKind,
  id: string,
  sent: object,
  writing: Writing,
  rules: Rules<Row, Refused> = {},
): Promise<Outcome<Row, Refused>> {
  const { write, at } = writing;
  const {
    beside = {},
    apart = [],
    noted = [],
    comesBack = false,
    follows = false,
    settle,
    unreadable,
  } = rules;
  const fields: FieldTable = RECORD_KINDS[kind];
  const table = TABLE_OF[kind];
  const touched = saidFields(fields, write);
  const before = await rowOf<Row>(transaction, table, id);
  const all = follows ? Object.keys(sent) : touched;
  const said = before === undefined ? Object.keys(fields) : all;
  const differs = difference(fields, said, sent, before);
  const free = before === undefined || (comesBack && before.removed !== 0);
  const others = free ? [] : await othersSince(transaction, before, write);
  const wanted =
    write.touched === undefined ? withoutUntouched(fields, differs, others ?? []) : differs;
  const stored = before as Columns | undefined;
  const besides = Object.entries(beside).filter(([name, value]) => stored?.[name] !== value);
  const rest = apart.filter(({ was, became }) => was !== became);
  const changed = [
    ...Object.values(fields).filter(({ column }) => column !== null && column in wanted),
    ...rest.map(({ field }) => ({ called: field })),
  ].map(({ called }) => called);
  if (before !== undefined && changed.length + besides.length + noted.length === 0) {
    return { kind: "same", row: before };
  }
  if (!free && takesPlace(others, changed, before, write)) return { kind: "conflict" };
  const settled = (await settle?.(wanted, before)) ?? { columns: wanted };
  if ("refused" in settled) return { kind: "refused", refused: settled.refused };
  const aside = before && asideOf(fields, wanted, before, unreadable);
  const columns: Columns = {
    ...settled.columns,
    ...Object.fromEntries(besides),
    updated_at: at,
    version: (before?.version ?? 0) + 1,
    device: follows ? "" : (write.device ?? ""),
    ...(before === undefined ? { created_at: at } : {}),
    ...(aside === undefined ? {} : { set_aside: JSON.stringify([...new Set(aside)]) }),
  };
  const row = await written<Row>(transaction, table, id, columns, before === undefined);
  const lines = [...linesOf(fields, before, row), ...(before === undefined ? [] : rest), ...noted];
  await noteLines(transaction, kind, row, lines, writing);
  return { kind: "saved", row, before, lines };
}

/**
 * The same of some fields of a record as it stands, which follow from another save: no device has had this version on its
 * screen, and whoever changes it next is asked what it had seen.
 */
export function followRecord(
  transaction: Transaction<Tables>,
  kind: RecordKind,
  { id, version }: Pick<RecordRow, "id" | "version">,
  change: object,
  { write, at }: Writing,
  rules: Pick<Rules<RecordRow, never>, "apart" | "beside" | "noted"> = {},
): Promise<Outcome<RecordRow, never>> {
  const writing = { write: { ...write, saw: version, touched: undefined }, at };
  return saveRecord<RecordRow>(transaction, kind, id, change, writing, { ...rules, follows: true });
}

/**
 * The same of a field of many records, which follow what was done to another: each has its version and its history by it.
 * @param which those of the table that are meant; those that stand so already are left as they are
 * @returns the ids of those that were changed
 */
export async function changeMany(
  transaction: Transaction<Tables>,
  kind: RecordKind,
  name: string,
  value: Stored,
  which: RawBuilder<SqlBool>,
  { write, at }: Writing,
): Promise<readonly string[]> {
  const fields: FieldTable = RECORD_KINDS[kind];
  const of = fields[name];
  if (of === undefined || of.column === null) throw new NoSuchField([name], Object.keys(fields));
  const table = sql.table(TABLE_OF[kind]);
  const column = sql.ref(of.column);
  const was =
    of.form === "flag" ? sql`iif(${column} <> 0, 'yes', '')` : sql`coalesce(${column}, '')`;
  await sql`
    insert into changes (kind, record_id, version, at, who, device, field, was, became, exact)
    select ${kind}, id, version + 1, ${at}, ${write.who ?? ""}, ${write.device ?? ""}, ${of.called}, ${was},
      ${told(of, value)}, 1
    from ${table} where ${which} and ${column} is not ${value}`.execute(transaction);
  const { rows } = await sql<{ id: string }>`
    update ${table} set ${column} = ${value}, version = version + 1, updated_at = ${at}, device = ''
    where ${which} and ${column} is not ${value} returning id`.execute(transaction);
  return rows.map(({ id }) => id);
}
