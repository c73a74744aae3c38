import { randomUUID } from "node:crypto";
import { isSameName, namesOfPath, pathOfNames, type Placed } from "@root-gauge/core/record";
import { sql, type SqlBool, type Transaction } from "kysely";
import type { Writing } from "./changes";
import { changeMany, saveRecord, type RecordRow } from "./save-record";
import type { Db, Tables } from "./schema";

/** All positions of a machine by their ids, those that were taken out of the lists too. */
export async function placesOf(store: Db, machineId: string): Promise<ReadonlyMap<string, Placed>> {
  const rows = await store
    .selectFrom("positions")
    .select(["id", "parent_id as parentId", "name", "rank"])
    .where("machine_id", "=", machineId)
    .execute();
  return new Map(rows.map((row) => [row.id, row]));
}

/** A position as far as where it stands goes. */
export interface Place {
  readonly id: string;
  readonly machineId: string;
  readonly parentId: string | null;
  readonly name: string;
  readonly removed: number;
}

/** How a position's row says whether it is in the lists: in them, taken out of them, or out with what it stands within. */
export const IN_LISTS = 0;
const TAKEN_OUT = 1;
const OUT_WITH_OUTER = 2;

/** Deeper than any machine's places stand; a ring of them, which is never stored, would end here. */
const MOST_DEEP = 10_000;

/** A position and what it stands within, itself first. */
export async function upFrom(db: Db, id: string): Promise<readonly Place[]> {
  const { rows } = await sql<Place>`
    with recursive up (id, machineId, parentId, name, removed, depth) as (
      select id, machine_id, parent_id, name, removed, 0 from positions where id = ${id}
      union all
      select outer_one.id, outer_one.machine_id, outer_one.parent_id, outer_one.name,
        outer_one.removed, depth + 1
      from up join positions as outer_one on outer_one.id = up.parentId
      where depth < ${MOST_DEEP}
    ) select id, machineId, parentId, name, removed from up order by depth`.execute(db);
  return rows;
}

/** The ids of a position and of what stands within it at any depth. */
export const withInner = (id: string) => sql`
  with recursive within(id) as (
    select ${id} union select positions.id from positions join within on parent_id = within.id
  ) select id from within`;

/**
 * The position that an id stands for now: itself, or the one that it was made one with.
 * @returns undefined where there is none
 */
export async function placeNow(db: Db, id: string): Promise<Place | undefined> {
  const { rows } = await sql<Place>`
    with recursive became (id, depth) as (
      select ${id}, 0
      union all
      select merged_into, depth + 1 from became join positions on positions.id = became.id
      where merged_into is not null and depth < ${MOST_DEEP}
    )
    select positions.id, machine_id as machineId, parent_id as parentId, name, removed
    from became join positions on positions.id = became.id order by depth desc limit 1`.execute(db);
  return rows[0];
}

/** The same of several, in their order and each once; those that are not known stand as they are. */
export async function placesNow(db: Db, ids: readonly string[]): Promise<readonly string[]> {
  if (ids.length === 0) return [];
  const merged = await db
    .selectFrom("positions")
    .select("id")
    .where("id", "in", ids)
    .where("merged_into", "is not", null)
    .execute();
  const became = new Map<string, string>();
  for (const { id } of merged) became.set(id, (await placeNow(db, id))?.id ?? id);
  return [...new Set(ids.map((id) => became.get(id) ?? id))];
}

/** Something that was found or done at a position, or where no place was named. */
interface AtPosition {
  readonly position: string;
  readonly position_id: string | null;
}

/** Where positions stand on their machines, in one line each, by their ids. */
export async function pathsById(
  store: Db,
  ids: readonly string[],
): Promise<ReadonlyMap<string, string>> {
  if (ids.length === 0) return new Map();
  const { rows } = await sql<{ id: string; name: string }>`
    with recursive up (id, name, parent_id, depth) as (
      select id, name, parent_id, 0 from positions where id in (${sql.join(ids)})
      union all
      select up.id, outer_one.name, outer_one.parent_id, depth + 1
      from up join positions as outer_one on outer_one.id = up.parent_id
      where depth < ${MOST_DEEP}
    ) select id, name from up order by depth desc`.execute(store);
  const names = new Map<string, string[]>();
  for (const { id, name } of rows) {
    const of = names.get(id);
    if (of === undefined) names.set(id, [name]);
    else of.push(name);
  }
  return new Map([...names].map(([id, path]) => [id, pathOfNames(path)]));
}

/** Where one position stands; empty where there is none. */
export async function pathById(store: Db, id: string): Promise<string> {
  return (await pathsById(store, [id])).get(id) ?? "";
}

/** Where rows stand on their machines now, in one line each and in their order. */
export async function pathsOf(store: Db, rows: readonly AtPosition[]): Promise<readonly string[]> {
  const ids = rows.flatMap(({ position_id }) => (position_id === null ? [] : [position_id]));
  const paths = await pathsById(store, [...new Set(ids)]);
  return rows.map(({ position, position_id }) => paths.get(position_id ?? "") ?? position);
}

/** The same of one row. */
export async function pathOf(store: Db, row: AtPosition): Promise<string> {
  const [path = row.position] = await pathsOf(store, [row]);
  return path;
}

/** What says where something was found or done. */
export interface Whereabouts {
  readonly machineId: string;
  readonly position: string;
  readonly positionId?: string | undefined;
  readonly removed?: boolean | undefined;
}

/**
 * The position that something is saved at: the one that is named by its id, wherever it stands now, else the one of that
 * name, which is made where there is none. One that was taken out of the lists and is worked at again is back in them.
 * @returns null where no place was named
 */
export async function positionFor(
  transaction: Transaction<Tables>,
  { machineId, position, positionId, removed }: Whereabouts,
  writing: Writing,
): Promise<Pick<Place, "id" | "machineId"> | null> {
  const known = positionId === undefined ? undefined : await placeNow(transaction, positionId);
  const found = known ?? (await placeNamed(transaction, machineId, position, writing));
  if (found !== null && removed !== true) await bringBack(transaction, found.id, writing);
  return found;
}

async function placeNamed(
  transaction: Transaction<Tables>,
  machineId: string,
  position: string,
  writing: Writing,
): Promise<Pick<Place, "id" | "machineId"> | null> {
  let within: string | null = null;
  for (const name of namesOfPath(position)) {
    within = await placeWithin(transaction, machineId, within, name, writing);
  }
  return within === null ? null : { id: within, machineId };
}

/** The place of a name among others: one that is in the lists before one that is not. */
function theOne<Named extends { readonly name: string; readonly removed: number }>(
  places: readonly Named[],
  name: string,
): Named | undefined {
  const named = places.filter((place) => isSameName(place.name, name));
  return named.find(({ removed }) => removed === IN_LISTS) ?? named[0];
}

/** The place of a name that stands within another, or on the machine itself; made where there is none. */
async function placeWithin(
  transaction: Transaction<Tables>,
  machineId: string,
  parentId: string | null,
  name: string,
  writing: Writing,
): Promise<string> {
  const beside = transaction
    .selectFrom("positions")
    .select(["id", "name", "removed", "rank"])
    .where("machine_id", "=", machineId)
    .where("parent_id", "is", parentId)
    .where("merged_into", "is", null);
  // Most names are written as they stand; only for others are all that stand beside looked through.
  const likely = await beside.where(sql<SqlBool>`name = ${name} collate nocase`).execute();
  const known = theOne(likely, name);
  if (known !== undefined) return known.id;
  const all = await beside.execute();
  const there = theOne(all, name);
  if (there !== undefined) return there.id;
  const id = randomUUID();
  const rank = all.reduce((most, place) => Math.max(most, place.rank), -1) + 1;
  const made = { machineId, parentId, name, rank, alike: 1, state: "to-identify", notes: "" };
  await saveRecord<RecordRow>(transaction, "position", id, made, writing);
  return id;
}

/** Those that stand within a position at any depth, down to the first that was taken out by itself. */
const listedWithin = (id: string) => sql`
  with recursive inner_ones (id) as (
    select id from positions where parent_id = ${id} and removed <> ${TAKEN_OUT}
    union
    select positions.id from positions join inner_ones on parent_id = inner_ones.id
      where removed <> ${TAKEN_OUT}
  ) select id from inner_ones`;

const change = (
  transaction: Transaction<Tables>,
  removed: number,
  which: ReturnType<typeof sql>,
  writing: Writing,
) =>
  changeMany(transaction, "position", "removed", removed, sql<SqlBool>`id in (${which})`, writing);

/** What stands within a position goes out of the lists with it. */
export async function takeOutWithin(
  transaction: Transaction<Tables>,
  id: string,
  writing: Writing,
): Promise<void> {
  await change(transaction, OUT_WITH_OUTER, listedWithin(id), writing);
}

/** What went out of the lists with a position comes back with it. */
export async function listWithin(
  transaction: Transaction<Tables>,
  id: string,
  writing: Writing,
): Promise<void> {
  await change(transaction, IN_LISTS, listedWithin(id), writing);
}

/** Puts a position and what it stands within back in the lists, where they are out of them, with what went out with them. */
export async function bringBack(
  transaction: Transaction<Tables>,
  id: string,
  writing: Writing,
): Promise<void> {
  for (const place of await upFrom(transaction, id)) {
    if (place.removed === IN_LISTS) continue;
    await change(transaction, IN_LISTS, sql`select ${place.id}`, writing);
    if (place.removed === TAKEN_OUT) await listWithin(transaction, place.id, writing);
  }
}
