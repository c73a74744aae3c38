import { threadNames, threadNamesIn } from "@root-gauge/core/search";
import { threadById } from "@root-gauge/core";
import { pathTo, type Placed } from "@root-gauge/core/record";
import { sql, type Kysely, type Transaction } from "kysely";
import { placesOf } from "./machine-places";
import type { Tables } from "./schema";

type Db = Kysely<Tables> | Transaction<Tables>;

/** A full stop that ends a word is none of its letters; one within a figure is. */
const asIndexed = (texts: readonly string[]) => texts.join(" \n ").replace(/\.(?=\s|$)/g, " ");

interface Entry {
  readonly kind: "machine" | "position";
  readonly id: string;
  readonly machineId: string;
  readonly texts: readonly string[];
}

async function put(db: Db, { kind, id, machineId, texts }: Entry): Promise<void> {
  const { rows } = await sql<{ id: number }>`
    insert into search_rows (record_id, machine_id, kind) values (${id}, ${machineId}, ${kind})
    on conflict (record_id) do update set machine_id = excluded.machine_id
    returning id`.execute(db);
  const row = rows[0]?.id ?? 0;
  await sql`
    insert or replace into search_text (rowid, text) values (${row}, ${asIndexed(texts)})`.execute(
    db,
  );
}

async function takeOut(db: Db, id: string): Promise<void> {
  await sql`
    delete from search_text where rowid = (select id from search_rows where record_id = ${id})`.execute(
    db,
  );
  await sql`delete from search_rows where record_id = ${id}`.execute(db);
}

/** Puts a machine in the index as it stands now, or takes it out where it is in no list. */
export async function indexMachine(db: Db, id: string): Promise<void> {
  const machine = await db
    .selectFrom("machines")
    .selectAll()
    .where("id", "=", id)
    .executeTakeFirst();
  if (machine === undefined || machine.removed === 1) {
    await takeOut(db, id);
    return;
  }
  const { name, origin, year, stands, notes } = machine;
  const texts = [name, origin, String(year ?? ""), stands, notes];
  await put(db, { kind: "machine", id, machineId: id, texts });
}

interface FoundText {
  readonly notes: string;
  readonly callout: string | null;
  readonly thread: string | null;
  readonly settled: number;
}

/** What was found at a position, in words: notes, what went in, and the names of a thread that was settled. */
async function foundTexts(db: Db, positionId: string): Promise<readonly string[]> {
  const { rows } = await sql<FoundText>`
    select notes,
      case when json_valid(replacement) then json_extract(replacement, '$.callout') end as callout,
      case when json_valid(result) then json_extract(result, '$.candidates[0].threadId') end as thread,
      json_valid(result) and json_extract(result, '$.verdict') = 'settled' as settled
    from identifications where position_id = ${positionId} and removed = 0
    order by taken_at desc limit 20`.execute(db);
  return rows.flatMap(({ notes, callout, thread, settled }) => {
    const found = settled === 1 && thread !== null ? threadById(thread) : undefined;
    return [notes, callout ?? "", ...(found === undefined ? [] : threadNames(found))];
  });
}

interface PositionText {
  readonly machine_id: string;
  readonly notes: string;
  readonly removed: number;
  readonly callout: string | null;
}

/**
 * Puts a position in the index as it stands now, or takes it out where it is in no list.
 * @param places the positions of its machine, for where it stands
 */
export async function indexPosition(
  db: Db,
  id: string,
  places: ReadonlyMap<string, Placed>,
): Promise<void> {
  const { rows } = await sql<PositionText>`
    select machine_id, notes, removed,
      case when json_valid(spec) then json_extract(spec, '$.callout') end as callout
    from positions where id = ${id}`.execute(db);
  const [position] = rows;
  if (position === undefined || position.removed === 1) {
    await takeOut(db, id);
    return;
  }
  const { machine_id: machineId, notes, callout } = position;
  const spec = callout ?? "";
  const found = await foundTexts(db, id);
  const texts = [pathTo(id, places), notes, spec, ...threadNamesIn(spec), ...found];
  await put(db, { kind: "position", id, machineId, texts: [...new Set(texts)] });
}

/** Counted up whenever what is indexed of a record changes: an index of another make is filled anew. */
const INDEX_MADE = 1;

/** Fills the index from the records, where it was not filled by this make of it. */
export async function fillIndex(store: Kysely<Tables>): Promise<void> {
  const { rows } = await sql<{ user_version: number }>`pragma user_version`.execute(store);
  if (rows[0]?.user_version === INDEX_MADE) return;
  await store.transaction().execute(async (transaction) => {
    await sql`delete from search_text`.execute(transaction);
    await sql`delete from search_rows`.execute(transaction);
    const machines = await transaction.selectFrom("machines").select("id").execute();
    for (const { id } of machines) {
      await indexMachine(transaction, id);
      const places = await placesOf(transaction, id);
      for (const position of places.keys()) await indexPosition(transaction, position, places);
    }
    await sql`pragma user_version = ${sql.lit(INDEX_MADE)}`.execute(transaction);
  });
}

/** Puts positions in the index anew with all that stands within them: where those stand has changed with them. */
export async function indexWithin(
  db: Db,
  id: string,
  places: ReadonlyMap<string, Placed>,
): Promise<void> {
  await indexPosition(db, id, places);
  for (const { id: inner, parentId } of places.values()) {
    if (parentId === id && inner !== id) await indexWithin(db, inner, places);
  }
}

/** Puts the place of something that was saved in the index anew, with what it stands within: some of it may just have been made. */
export async function indexUpTo(db: Db, positionId: string): Promise<void> {
  const row = await db
    .selectFrom("positions")
    .select("machine_id")
    .where("id", "=", positionId)
    .executeTakeFirst();
  if (row === undefined) return;
  const places = await placesOf(db, row.machine_id);
  for (let at = places.get(positionId); at !== undefined; at = places.get(at.parentId ?? "")) {
    await indexPosition(db, at.id, places);
  }
}
