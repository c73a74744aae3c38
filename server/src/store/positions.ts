import {
  replacementSchema,
  type Position,
  type PositionInput,
  type PositionRow,
  type ToOrder,
  type Write,
} from "@root-gauge/contract";
import { sql, type Selectable, type SqlBool, type Transaction } from "kysely";
import type { ChangeLine, Writing } from "./changes";
import type { Store } from "./database";
import { kept, setAside } from "./kept-json";
import { HOLDS } from "./holds";
import {
  IN_LISTS,
  bringBack,
  listWithin,
  pathById,
  pathsById,
  placeNow,
  takeOutWithin,
  upFrom,
  withInner,
} from "./machine-places";
import { PAGE_LENGTH, type Page } from "./page";
import { changeMany, saveRecord, type Columns } from "./save-record";
import type { PositionsTable, Tables } from "./schema";
import { indexUpTo, indexWithin } from "./search-index";
import { touchMachine } from "./touch-machine";

type Row = Selectable<PositionsTable>;

/** How a save of a position came out; where it was not saved, nothing was stored. */
export type SavedPosition =
  | { readonly kind: "saved"; readonly record: Position }
  | { readonly kind: "conflict" }
  | { readonly kind: "no-machine" }
  /** It was to stand within itself, or within a position of another machine. */
  | { readonly kind: "in-itself" }
  /** It was made one with another place: nothing is changed of it any more. */
  | { readonly kind: "merged" };

function positionOf(row: Row, path: string): Position {
  const spec = row.spec === null ? undefined : kept(row.spec, replacementSchema);
  return {
    id: row.id,
    machineId: row.machine_id,
    parentId: row.parent_id,
    name: row.name,
    path,
    rank: row.rank,
    alike: row.alike,
    state: row.state,
    spec: spec?.value ?? null,
    notes: row.notes,
    archived: row.archived === 1,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    version: row.version,
    unreadable: [...setAside(row), ...(spec?.unreadable ?? [])],
    removed: row.removed !== IN_LISTS,
  };
}

/** More than a screen shows, and few enough to be worked out in some milliseconds. */
const ROWS_A_PAGE = 1000;

/** A page of a machine's positions as its tree shows them, by their ids. */
export async function positionsOfMachine(
  store: Store,
  machineId: string,
  after?: string,
): Promise<Page<PositionRow>> {
  const from = after?.split("|")[1] ?? "";
  const { rows } = await sql<Omit<PositionRow, "archived"> & { archived: number }>`
    select id, machine_id as machineId, parent_id as parentId, name, rank, alike, state, version,
      archived, ${HOLDS} as holds
    from positions
    where machine_id = ${machineId} and removed = 0 and id > ${from}
    order by id limit ${ROWS_A_PAGE + 1}`.execute(store);
  const items = rows.slice(0, ROWS_A_PAGE).map((row) => ({ ...row, archived: row.archived === 1 }));
  const last = items.at(-1);
  return { items, next: rows.length > ROWS_A_PAGE && last ? `id|${last.id}` : null };
}

export async function findPosition(
  store: Store | Transaction<Tables>,
  id: string,
): Promise<Position | undefined> {
  const row = await store
    .selectFrom("positions")
    .selectAll()
    .where("id", "=", id)
    .executeTakeFirst();
  if (row === undefined) return undefined;
  return positionOf(row, await pathById(store, id));
}

type WithMachine = Row & { readonly machine: string };

/** Positions with their machines' names, those of removed machines left out. */
const withMachines = (store: Store) =>
  store
    .selectFrom("positions")
    .innerJoin("machines", "machines.id", "positions.machine_id")
    .selectAll("positions")
    .select("machines.name as machine")
    .where("positions.removed", "=", 0)
    .where("machines.removed", "=", 0);

async function withPaths(store: Store, rows: readonly WithMachine[]): Promise<readonly ToOrder[]> {
  const paths = await pathsById(
    store,
    rows.map(({ id }) => id),
  );
  return rows.map(({ machine, ...row }) => ({
    ...positionOf(row, paths.get(row.id) ?? row.name),
    machine,
  }));
}

/** Those of so many positions that are in the lists, with their machines' names. */
export async function positionsById(
  store: Store,
  ids: readonly string[],
): Promise<readonly ToOrder[]> {
  if (ids.length === 0) return [];
  return withPaths(store, await withMachines(store).where("positions.id", "in", ids).execute());
}

/** Of which positions an order is made: of all machines, of one, or of a job. */
export interface WantedOf {
  readonly machine?: string | undefined;
  readonly job?: string | undefined;
}

/** A page of the positions whose parts are to be ordered, by their machines. */
export async function positionsToOrder(
  store: Store,
  { machine, job }: WantedOf = {},
  after?: string,
): Promise<Page<ToOrder>> {
  const [afterMachine = "", id = ""] = after?.split("|") ?? [];
  let wanted = withMachines(store)
    .where("positions.state", "=", "to-order")
    .where("positions.archived", "=", 0);
  if (machine !== undefined) wanted = wanted.where("positions.machine_id", "=", machine);
  if (job !== undefined) {
    wanted = wanted.where("positions.id", "in", (eb) =>
      eb.selectFrom("job_positions").select("position_id").where("job_id", "=", job),
    );
  }
  const rows = await wanted
    .where(sql<SqlBool>`(positions.machine_id, positions.id) > (${afterMachine}, ${id})`)
    .orderBy("positions.machine_id")
    .orderBy("positions.id")
    .limit(PAGE_LENGTH + 1)
    .execute();
  const items = await withPaths(store, rows.slice(0, PAGE_LENGTH));
  const last = items.at(-1);
  const more = rows.length > PAGE_LENGTH && last !== undefined;
  return { items, next: more ? `${last.machineId}|${last.id}` : null };
}

/** Why a position may not stand where it is to, if it may not. */
async function misplaced(
  transaction: Transaction<Tables>,
  id: string,
  machineId: string,
  parentId: string,
): Promise<boolean> {
  const outer = await upFrom(transaction, parentId);
  return outer[0]?.machineId !== machineId || outer.some((place) => place.id === id);
}

type Refusal = Exclude<SavedPosition["kind"], "saved" | "conflict">;

/** Where a position is to stand, once nothing clashes; its machine is marked as touched. */
async function settled(
  transaction: Transaction<Tables>,
  id: string,
  wanted: Columns,
  before: Row | undefined,
  writing: Writing,
): Promise<{ readonly columns: Columns } | { readonly refused: Refusal }> {
  if (before?.merged_into) return { refused: "merged" };
  const machineId = String(wanted.machine_id ?? before?.machine_id);
  const moves = "parent_id" in wanted || "machine_id" in wanted;
  const named = "parent_id" in wanted ? wanted.parent_id : before?.parent_id;
  const outer = moves && named != null ? await placeNow(transaction, String(named)) : undefined;
  if (moves && named != null) {
    const parentId = outer?.id ?? String(named);
    if (await misplaced(transaction, id, machineId, parentId)) return { refused: "in-itself" };
  }
  const removed = (wanted.removed ?? before?.removed ?? 0) !== 0;
  const touched = await touchMachine(transaction, { machineId, removed }, writing);
  if (!touched) return { refused: "no-machine" };
  return { columns: outer ? { ...wanted, parent_id: outer.id } : wanted };
}

/** What a position's save does to what stands within it, and to where it stands itself. */
async function follow(
  transaction: Transaction<Tables>,
  row: Row,
  lines: readonly ChangeLine[],
  writing: Writing,
): Promise<void> {
  const changed = new Set(lines.map(({ field }) => field));
  const inner = sql<SqlBool>`id in (${withInner(row.id)}) and id <> ${row.id}`;
  const there = sql<SqlBool>`position_id in (${withInner(row.id)})`;
  if (changed.has("archived")) {
    await changeMany(transaction, "position", "archived", row.archived, inner, writing);
  }
  if (changed.has("machine")) {
    await changeMany(transaction, "position", "machineId", row.machine_id, inner, writing);
    for (const kind of ["identification", "repair"] as const) {
      await changeMany(transaction, kind, "machineId", row.machine_id, there, writing);
    }
  }
  const isIn = row.removed === IN_LISTS;
  if (changed.has("removed")) {
    await (isIn ? listWithin : takeOutWithin)(transaction, row.id, writing);
  }
  if (isIn && row.parent_id !== null) await bringBack(transaction, row.parent_id, writing);
  const stands = ["made", "name", "parent", "machine", "removed"] as const;
  if (stands.some((field) => changed.has(field))) return indexWithin(transaction, row.id);
  return indexUpTo(transaction, row.id);
}

/**
 * Makes a position, changes or moves it, takes it out of the lists or brings it back, with all that stands within it. Saying it
 * twice is saying it once.
 */
export async function savePosition(
  store: Store,
  id: string,
  sent: PositionInput,
  now: Date,
  write: Write = { saw: 0 },
): Promise<SavedPosition> {
  const writing = { write, at: now.toISOString() };
  return store.transaction().execute(async (transaction): Promise<SavedPosition> => {
    const saved = await saveRecord<Row, Refusal>(transaction, "position", id, sent, writing, {
      settle: (wanted, before) => settled(transaction, id, wanted, before, writing),
    });
    if (saved.kind === "conflict") return saved;
    if (saved.kind === "refused") return { kind: saved.refused };
    if (saved.kind === "saved") await follow(transaction, saved.row, saved.lines, writing);
    return { kind: "saved", record: positionOf(saved.row, await pathById(transaction, id)) };
  });
}
