import { threadById } from "@root-gauge/core";
import { threadNames, threadNamesIn } from "@root-gauge/core/identify/search";
import { sql, type RawBuilder, type SqlBool } from "kysely";
import { pathsById, upFrom, withInner } from "./machine-places";
import type { Db, Store } from "./schema";

/** A full stop that ends a word is none of its letters; one within a figure is. */
const asIndexed = (texts: readonly string[]) => texts.join(" \n ").replace(/\.(?=\s|$)/g, " ");

interface Entry {
  readonly kind: "machine" | "position";
  readonly id: string;
  readonly machineId: string;
  readonly texts: readonly string[];
}

/** Rows of one statement: a works of 50,000 positions is filled in some hundred of them. */
const AT_ONCE = 200;

function* inParts<Item>(items: readonly Item[]): Generator<readonly Item[]> {
  for (let at = 0; at < items.length; at += AT_ONCE) yield items.slice(at, at + AT_ONCE);
}

async function put(db: Db, entries: readonly Entry[]): Promise<void> {
  for (const part of inParts(entries)) {
    const values = part.map(({ id, machineId, kind }) => sql`(${id}, ${machineId}, ${kind})`);
    const { rows } = await sql<{ id: number; record_id: string }>`
      insert into search_rows (record_id, machine_id, kind) values ${sql.join(values)}
      on conflict (record_id) do update set machine_id = excluded.machine_id
      returning id, record_id`.execute(db);
    const places = new Map(rows.map(({ id, record_id }) => [record_id, id]));
    const texts = part.map(({ id, texts: of }) => sql`(${places.get(id)}, ${asIndexed(of)})`);
    await sql`
      insert or replace into search_text (rowid, text) values ${sql.join(texts)}`.execute(db);
  }
}

async function takeOut(db: Db, ids: readonly string[]): Promise<void> {
  for (const part of inParts(ids)) {
    await sql`
      delete from search_text where rowid in
        (select id from search_rows where record_id in (${sql.join(part)}))`.execute(db);
    await sql`delete from search_rows where record_id in (${sql.join(part)})`.execute(db);
  }
}

/** Puts a machine in the index as it stands now, or takes it out where it is in no list. */
export async function indexMachine(db: Db, id: string): Promise<void> {
  const machine = await db
    .selectFrom("machines")
    .selectAll()
    .where("id", "=", id)
    .executeTakeFirst();
  if (machine === undefined || machine.removed === 1) return takeOut(db, [id]);
  const { name, origin, year, stands, notes } = machine;
  const texts = [name, origin, String(year ?? ""), stands, notes];
  return put(db, [{ kind: "machine", id, machineId: id, texts }]);
}

interface FoundText {
  readonly position: string;
  readonly notes: string;
  readonly callout: string | null;
  readonly thread: string | null;
}

/** What was found and noted at positions, in words: notes, what went in, and the names of a thread that was settled. */
async function foundTexts(
  db: Db,
  which: RawBuilder<SqlBool>,
): Promise<ReadonlyMap<string, readonly string[]>> {
  const { rows } = await sql<FoundText>`
    select position_id as position, notes,
      case when json_valid(replacement) then json_extract(replacement, '$.callout') end as callout,
      case when json_valid(result) and json_extract(result, '$.verdict') = 'settled'
        then json_extract(result, '$.candidates[0].threadId') end as thread
    from identifications
    where removed = 0 and position_id in (select id from positions where ${which})`.execute(db);
  const texts = new Map<string, string[]>();
  for (const { position, notes, callout, thread } of rows) {
    const found = thread === null ? undefined : threadById(thread);
    const names = found === undefined ? [] : threadNames(found);
    const of = texts.get(position) ?? [];
    of.push(notes, callout ?? "", ...names);
    texts.set(position, of);
  }
  await addRemarks(db, which, texts);
  return texts;
}

/** And what was noted of them. */
async function addRemarks(
  db: Db,
  which: RawBuilder<SqlBool>,
  texts: Map<string, string[]>,
): Promise<void> {
  const { rows } = await sql<{ position: string; text: string }>`
    select position_id as position, text from remarks
    where removed = 0 and text <> ''
      and position_id in (select id from positions where ${which})`.execute(db);
  for (const { position, text } of rows) {
    texts.set(position, [...(texts.get(position) ?? []), text]);
  }
}

interface PositionText {
  readonly id: string;
  readonly machineId: string;
  readonly notes: string;
  readonly removed: number;
  readonly callout: string | null;
}

/** Puts positions in the index as they stand now, and takes out those that are in no list. */
async function indexThose(db: Db, ids: readonly string[]): Promise<void> {
  for (const part of inParts(ids)) await indexPart(db, part);
}

async function indexPart(db: Db, ids: readonly string[]): Promise<void> {
  const which = sql<SqlBool>`id in (${sql.join(ids)})`;
  const { rows } = await sql<PositionText>`
    select positions.id as id, machine_id as machineId, positions.notes as notes,
      (positions.removed <> 0 or machines.removed <> 0) as removed,
      case when json_valid(spec) then json_extract(spec, '$.callout') end as callout
    from positions join machines on machines.id = machine_id
    where positions.id in (${sql.join(ids)})`.execute(db);
  const found = await foundTexts(db, which);
  const listed = rows.filter(({ removed }) => removed === 0);
  const paths = await pathsById(
    db,
    listed.map(({ id }) => id),
  );
  const entries = listed.map(({ id, machineId, notes, callout }): Entry => {
    const spec = callout ?? "";
    const texts = [paths.get(id) ?? "", notes, spec, ...threadNamesIn(spec)];
    return {
      kind: "position",
      id,
      machineId,
      texts: [...new Set([...texts, ...(found.get(id) ?? [])])],
    };
  });
  await put(db, entries);
  const gone = rows.filter(({ removed }) => removed === 1);
  await takeOut(
    db,
    gone.map(({ id }) => id),
  );
}

/** Puts all positions of a machine in the index as they stand now; none of a machine that is in no list. */
export async function indexPositionsOf(db: Db, machineId: string): Promise<void> {
  const { rows } = await sql<{ id: string }>`
    select id from positions where machine_id = ${machineId}`.execute(db);
  return indexThose(
    db,
    rows.map(({ id }) => id),
  );
}

/** Puts a position in the index anew with all that stands within it: where those stand has changed with it. */
export async function indexWithin(db: Db, id: string): Promise<void> {
  const { rows } = await withInner(id).execute(db);
  return indexThose(
    db,
    (rows as { id: string }[]).map((row) => row.id),
  );
}

/** Puts the place of something that was saved in the index anew, with what it stands within: some of it may just have been made. */
export async function indexUpTo(db: Db, positionId: string): Promise<void> {
  const chain = await upFrom(db, positionId);
  return indexThose(
    db,
    chain.map(({ id }) => id),
  );
}

/** Counted up whenever what is indexed of a record changes: an index of another make is filled anew. */
const INDEX_MADE = 2;

/** Fills the index from the records, where it was not filled by this make of it. */
export async function fillIndex(store: Store): Promise<void> {
  const { rows } = await sql<{ user_version: number }>`pragma user_version`.execute(store);
  if (rows[0]?.user_version === INDEX_MADE) return;
  await store.transaction().execute(async (transaction) => {
    await sql`delete from search_text`.execute(transaction);
    await sql`delete from search_rows`.execute(transaction);
    const machines = await transaction.selectFrom("machines").select("id").execute();
    for (const { id } of machines) {
      await indexMachine(transaction, id);
      await indexPositionsOf(transaction, id);
    }
    await sql`pragma user_version = ${sql.lit(INDEX_MADE)}`.execute(transaction);
  });
}
