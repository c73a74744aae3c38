import type { ChangedField, RecordColumns, RecordKind } from "@root-gauge/contract";
import type { PositionState } from "@root-gauge/core/record";
import type { ColumnType, Generated, Kysely, Transaction } from "kysely";

/** What every stored record says of its writing. */
interface Stored {
  id: string;
  created_at: string;
  updated_at: string;
  /** Counted up by every change. */
  version: Generated<number>;
  /** The device that wrote it last; empty where none was named. */
  device: Generated<string>;
  /** 1 for what was taken out of the lists. */
  removed: Generated<number>;
  /** When it was taken out; written by the database itself. */
  removed_at: ColumnType<string | null, never, never>;
}

/**
 * The tables as Kysely sees them: what is sent of a record as its fields have it in the contract, and what the server keeps
 * beside that. Columns that hold JSON are text; times are ISO 8601 in UTC.
 */
interface MachinesTable extends Stored, RecordColumns<"machine"> {}

export interface IdentificationsTable extends Stored, RecordColumns<"identification"> {
  result: string;
  /** JSON list of texts that could not be read when the row was last written: nothing stored is dropped. */
  set_aside: Generated<string>;
}

export interface RepairsTable extends Stored, RecordColumns<"repair"> {
  set_aside: Generated<string>;
}

/** The places of a machine, each within another or on the machine itself. */
export interface PositionsTable extends Stored, RecordColumns<"position"> {
  /** The place that it was made one with. */
  merged_into: string | null;
  set_aside: Generated<string>;
  /** How many that are in the lists and not archived stand right within it; counted by the database itself. */
  places_within: ColumnType<number, never, never>;
}

/** How many places of a machine stand in a state, as its lists tell it; counted by the database itself. */
interface MachineStatesTable {
  machine_id: ColumnType<string, never, never>;
  state: ColumnType<PositionState, never, never>;
  count: ColumnType<number, never, never>;
}

/** One field of a record as it was and as it became. */
interface ChangesTable {
  id: Generated<number>;
  record_id: string;
  /** The version that the record had by it. */
  version: number;
  at: string;
  /** The name that was typed on the device. */
  who: string;
  device: string;
  field: ChangedField;
  was: string;
  became: string;
  /** What kind of record it is of; empty in lines of an older make. */
  kind: ColumnType<RecordKind | "", RecordKind | undefined, never>;
  /** 1 where it is as the column has it; 0 where it is in words, as lines of an older make are. */
  exact: Generated<number>;
}

/** What was noted of a position; its picture, if it has one, is a file under its id. */
export interface RemarksTable extends Stored, RecordColumns<"remark"> {
  /** The name that was typed on the device when it was noted. */
  who: string;
  /** Of its picture, in points; null where it has none. */
  width: number | null;
  height: number | null;
  bytes: number | null;
}

/** Pieces of work over positions. */
export interface JobsTable extends Stored, RecordColumns<"job"> {}

interface JobPositionsTable {
  job_id: string;
  position_id: string;
  /** Its place among the positions of the job. */
  place: number;
}

/** Orders that are kept. */
export interface OrdersTable extends Stored, RecordColumns<"order"> {
  set_aside: Generated<string>;
}

/** Lines of orders, each a record of its own. */
export interface OrderLinesTable extends Stored, RecordColumns<"line"> {
  /** Its place among the lines of the order. */
  place: number;
  set_aside: Generated<string>;
}

/** Words that the workshop has taught the readers of call-outs. */
export interface OwnWordsTable extends Stored, RecordColumns<"word"> {}

export interface Tables {
  machines: MachinesTable;
  identifications: IdentificationsTable;
  repairs: RepairsTable;
  positions: PositionsTable;
  machine_states: MachineStatesTable;
  changes: ChangesTable;
  remarks: RemarksTable;
  jobs: JobsTable;
  job_positions: JobPositionsTable;
  orders: OrdersTable;
  order_lines: OrderLinesTable;
  own_words: OwnWordsTable;
}

/** The database file, opened. */
export type Store = Kysely<Tables>;

/** The same, or one writing within it. */
export type Db = Store | Transaction<Tables>;
