import {
  replacementSchema,
  type Position,
  type PositionInput,
  type PositionRow,
  type ToOrder,
  type Write,
} from "@root-gauge/contract";
import { mayStandWithin, pathTo, type Placed } from "@root-gauge/core/record";
import { sql, type Selectable, type SqlBool, type Transaction } from "kysely";
import { noteChanges, type Shown } from "./changes";
import type { Store } from "./database";
import { kept, setAside } from "./kept-json";
import { HOLDS } from "./holds";
import { IN_LISTS, listWithin, pathsById, placesOf } from "./machine-places";
import { clashes, wantedOf, type HistoryNames } from "./merge-fields";
import { PAGE_LENGTH, type Page } from "./page";
import type { PositionsTable, Tables } from "./schema";
import { indexWithin } from "./search-index";
import { touchMachine } from "./under-machine";
import { wroteBy } from "./versions";

type Row = Selectable<PositionsTable>;

/** How a save of a position came out; where it was not saved, nothing was stored. */
export type SavedPosition =
  | { readonly kind: "saved"; readonly record: Position }
  | { readonly kind: "conflict" }
  | { readonly kind: "no-machine" }
  /** It was to stand within itself, or within a position of another machine. */
  | { readonly kind: "in-itself" };

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
  return positionOf(row, pathTo(id, await placesOf(store, row.machine_id)));
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

/** A position's fields as its history shows them. */
function shown(input: PositionInput, machine: string, places: ReadonlyMap<string, Placed>): Shown {
  return {
    machine,
    name: input.name,
    parent: input.parentId === null ? "" : pathTo(input.parentId, places),
    rank: String(input.rank),
    alike: String(input.alike),
    state: input.state,
    spec: input.spec?.callout ?? "",
    notes: input.notes,
    archived: input.archived ? "yes" : "",
    removed: input.removed === true ? "yes" : "",
  };
}

function contentOf(input: PositionInput) {
  return {
    machine_id: input.machineId,
    parent_id: input.parentId,
    name: input.name,
    rank: input.rank,
    alike: input.alike,
    state: input.state,
    spec: input.spec === null ? null : JSON.stringify(input.spec),
    notes: input.notes,
    archived: input.archived ? 1 : 0,
    removed: input.removed === true ? 1 : 0,
  };
}

/** The fields of an input, each with the name that the history gives it. */
const FIELDS: HistoryNames<PositionInput> = {
  machineId: "machine",
  parentId: "parent",
  name: "name",
  rank: "rank",
  alike: "alike",
  state: "state",
  spec: "spec",
  notes: "notes",
  archived: "archived",
  removed: "removed",
};

const inputOf = ({ path: _path, ...stored }: Position): PositionInput => {
  const { machineId, parentId, name, rank, alike, state, spec, notes } = stored;
  const { archived, removed } = stored;
  return { machineId, parentId, name, rank, alike, state, spec, notes, archived, removed };
};

function isSame(row: Row, content: ReturnType<typeof contentOf>): boolean {
  return (Object.keys(content) as (keyof typeof content)[]).every(
    (key) => row[key] === content[key],
  );
}

/** A position and what stands within it at any depth. */
const withInner = (id: string) => sql`
  with recursive within(id) as (
    select ${id} union select positions.id from positions join within on parent_id = within.id
  ) select id from within`;

/** The same position of another machine: what stands within it, and what was found and done there, goes along. */
async function moveWithin(
  transaction: Transaction<Tables>,
  id: string,
  machineId: string,
): Promise<void> {
  for (const table of ["positions", "identifications", "repairs"]) {
    const column = sql.ref(table === "positions" ? "id" : "position_id");
    await sql`
      update ${sql.table(table)} set machine_id = ${machineId}
      where ${column} in (${withInner(id)})`.execute(transaction);
  }
}

/** What stands within a position is archived with it, and brought back with it. */
async function archiveWithin(
  transaction: Transaction<Tables>,
  id: string,
  archived: number,
): Promise<void> {
  await sql`
    update positions set archived = ${archived} where id in (${withInner(id)})`.execute(
    transaction,
  );
}

async function machineName(transaction: Transaction<Tables>, id: string): Promise<string> {
  const row = await transaction
    .selectFrom("machines")
    .select("name")
    .where("id", "=", id)
    .executeTakeFirst();
  return row?.name ?? "";
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
  const at = now.toISOString();
  return store.transaction().execute(async (transaction): Promise<SavedPosition> => {
    const existing = await transaction
      .selectFrom("positions")
      .selectAll()
      .where("id", "=", id)
      .executeTakeFirst();
    const before = existing === undefined ? undefined : positionOf(existing, "");
    const input = wantedOf(FIELDS, before && inputOf(before), sent, write);
    const places = new Map<string, Placed>(await placesOf(transaction, input.machineId));
    if (existing !== undefined && isSame(existing, contentOf(input))) {
      return { kind: "saved", record: positionOf(existing, pathTo(id, places)) };
    }
    if (await clashes(transaction, existing, FIELDS, write)) return { kind: "conflict" };
    const { parentId } = input;
    const strange = parentId !== null && !places.has(parentId);
    if (strange || !mayStandWithin(id, parentId, places)) return { kind: "in-itself" };
    if (!(await touchMachine(transaction, input, at))) return { kind: "no-machine" };
    const changed = {
      ...contentOf(input),
      updated_at: at,
      ...wroteBy(existing, write),
      set_aside: JSON.stringify(before?.unreadable ?? []),
    };
    const row = await transaction
      .insertInto("positions")
      .values({ id, created_at: at, ...changed })
      .onConflict((conflict) => conflict.column("id").doUpdateSet(changed))
      .returningAll()
      .executeTakeFirstOrThrow();
    const moves = before !== undefined && before.machineId !== input.machineId;
    if (existing?.archived !== row.archived) await archiveWithin(transaction, id, row.archived);
    if (moves) await moveWithin(transaction, id, input.machineId);
    // The machine's name is of interest to the history only where it is another one's.
    const nameOf = (machineId: string) => (moves ? machineName(transaction, machineId) : "");
    const was = before && shown(inputOf(before), await nameOf(before.machineId), places);
    const became = shown(input, await nameOf(input.machineId), places);
    await noteChanges(transaction, row, was, became, { write, at });
    await listWithin(transaction, row, { write, at });
    const after = await placesOf(transaction, input.machineId);
    await indexWithin(transaction, id, after);
    return { kind: "saved", record: positionOf(row, pathTo(id, after)) };
  });
}
