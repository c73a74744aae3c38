import { randomUUID } from "node:crypto";
import { isSameName, namesOfPath, pathOfNames, type Placed } from "@root-gauge/core/record";
import { sql, type Selectable, type Transaction } from "kysely";
import { noteChanges, type Writing } from "./changes";
import type { PositionsTable, Store, Tables } from "./schema";
import { wroteBy } from "./versions";

/** A position as far as its place goes, and whether it is in the lists. */
export interface Place extends Placed {
  readonly removed: number;
}

type Places = ReadonlyMap<string, Place>;

/** All positions of a machine by their ids, those that were taken out of the lists too. */
export async function placesOf(
  store: Store | Transaction<Tables>,
  machineId: string,
): Promise<Places> {
  const rows = await store
    .selectFrom("positions")
    .select(["id", "parent_id as parentId", "name", "rank", "removed"])
    .where("machine_id", "=", machineId)
    .execute();
  return new Map(rows.map((row) => [row.id, row]));
}

/** Something that was found or done at a position, or where no place was named. */
interface AtPosition {
  readonly position: string;
  readonly position_id: string | null;
}

/** Deeper than any machine's places stand; a ring of them, which is never stored, would end here. */
const MOST_DEEP = 10_000;

/** Where positions stand on their machines, in one line each, by their ids. */
export async function pathsById(
  store: Store | Transaction<Tables>,
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
  for (const { id, name } of rows) names.set(id, [...(names.get(id) ?? []), name]);
  return new Map([...names].map(([id, path]) => [id, pathOfNames(path)]));
}

/** Where rows stand on their machines now, in one line each and in their order. */
export async function pathsOf(
  store: Store | Transaction<Tables>,
  rows: readonly AtPosition[],
): Promise<readonly string[]> {
  const ids = rows.flatMap(({ position_id }) => (position_id === null ? [] : [position_id]));
  const paths = await pathsById(store, [...new Set(ids)]);
  return rows.map(({ position, position_id }) => paths.get(position_id ?? "") ?? position);
}

/** The same of one row. */
export async function pathOf(store: Store | Transaction<Tables>, row: AtPosition): Promise<string> {
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
 * The position that something is saved at: the one that is named by its id, else the one of that name, which is made where
 * there is none. One that was taken out of the lists and is worked at again is back in them.
 * @returns null where no place was named
 */
export async function positionFor(
  transaction: Transaction<Tables>,
  { machineId, position, positionId, removed }: Whereabouts,
  writing: Writing,
): Promise<string | null> {
  const places = new Map(await placesOf(transaction, machineId));
  const known = positionId === undefined ? undefined : places.get(positionId);
  const found = known?.id ?? (await placeNamed(transaction, machineId, position, places, writing));
  if (found !== null && removed !== true) await bringBack(transaction, found, places, writing);
  return found;
}

async function placeNamed(
  transaction: Transaction<Tables>,
  machineId: string,
  position: string,
  places: Map<string, Place>,
  writing: Writing,
): Promise<string | null> {
  let within: string | null = null;
  for (const name of namesOfPath(position)) {
    const parentId: string | null = within;
    const named: readonly Place[] = [...places.values()].filter(
      (place) => place.parentId === parentId && isSameName(place.name, name),
    );
    const there: Place | undefined = named.find((place) => place.removed === IN_LISTS) ?? named[0];
    within = there?.id ?? (await make(transaction, machineId, parentId, name, places, writing));
  }
  return within;
}

async function make(
  transaction: Transaction<Tables>,
  machineId: string,
  parentId: string | null,
  name: string,
  places: Map<string, Place>,
  writing: Writing,
): Promise<string> {
  const id = randomUUID();
  const beside = [...places.values()].filter((place) => place.parentId === parentId);
  const rank = Math.max(-1, ...beside.map((place) => place.rank)) + 1;
  const { at, write } = writing;
  await transaction
    .insertInto("positions")
    .values({
      id,
      machine_id: machineId,
      parent_id: parentId,
      name,
      rank,
      alike: 1,
      state: "to-identify",
      spec: null,
      notes: "",
      created_at: at,
      updated_at: at,
      ...wroteBy(undefined, write),
    })
    .execute();
  places.set(id, { id, parentId, name, rank, removed: 0 });
  await noteChanges(transaction, { id, version: 1 }, undefined, { name }, writing);
  return id;
}

/** How a position's row says whether it is in the lists: in them, taken out of them, or out with what it stands within. */
export const IN_LISTS = 0;
const TAKEN_OUT = 1;
const OUT_WITH_OUTER = 2;

/** Those that stand within a position at any depth, down to the first that was taken out by itself. */
const withinOf = (id: string) => sql`
  with recursive inner_ones (id) as (
    select id from positions where parent_id = ${id} and removed <> ${TAKEN_OUT}
    union
    select positions.id from positions join inner_ones on parent_id = inner_ones.id
      where removed <> ${TAKEN_OUT}
  ) select id from inner_ones`;

/** What stands within a position is out of the lists with it and back in them with it, as it stands in its row now. */
export async function listWithin(
  transaction: Transaction<Tables>,
  row: Pick<Selectable<PositionsTable>, "id" | "parent_id" | "machine_id" | "removed">,
  writing: Writing,
): Promise<void> {
  const isIn = row.removed === IN_LISTS;
  await sql`
    update positions set removed = ${isIn ? IN_LISTS : OUT_WITH_OUTER}
    where id in (${withinOf(row.id)})`.execute(transaction);
  if (isIn && row.parent_id !== null) {
    await bringBack(
      transaction,
      row.parent_id,
      await placesOf(transaction, row.machine_id),
      writing,
    );
  }
}

/** Puts a position and what it stands within back in the lists, where they are out of them. */
async function bringBack(
  transaction: Transaction<Tables>,
  id: string,
  places: Places,
  writing: Writing,
): Promise<void> {
  for (let at = places.get(id); at !== undefined; at = places.get(at.parentId ?? "")) {
    if (at.removed === IN_LISTS) continue;
    const back = await transaction
      .updateTable("positions")
      .set(({ eb }) => ({
        removed: IN_LISTS,
        updated_at: writing.at,
        version: eb("version", "+", 1),
      }))
      .where("id", "=", at.id)
      .returning(["id", "version"])
      .executeTakeFirstOrThrow();
    if (at.removed === TAKEN_OUT) {
      await sql`
        update positions set removed = ${IN_LISTS} where id in (${withinOf(at.id)})`.execute(
        transaction,
      );
    }
    await noteChanges(transaction, back, { removed: "yes" }, { removed: "" }, writing);
  }
}
