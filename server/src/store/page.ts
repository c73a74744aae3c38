import { sql, type RawBuilder, type SqlBool } from "kysely";

/** A page of a list, and where it goes on. */
export interface Page<Item> {
  readonly items: readonly Item[];
  readonly next: string | null;
}

/** A place in a list that is sorted by time and then by id. */
export interface Place {
  readonly at: string;
  readonly id: string;
}

/** Longer lists than this are fetched in pages: a page is worked out in a few milliseconds. */
export const PAGE_LENGTH = 100;

/** The place that the page before ended at; undefined at the beginning. */
export function placeIn(after: string | undefined): Place | undefined {
  const [at, id] = after?.split("|") ?? [];
  return at === undefined || id === undefined ? undefined : { at, id };
}

/** A name in a place of a list that is sorted by names: it is written as addresses write it, since it may hold any sign. */
export function placeDecoded(key: string): string {
  try {
    return decodeURIComponent(key);
  } catch {
    return key;
  }
}

/** Rows after a place in a list whose last taken stands first; all of them from the beginning. */
export function takenBefore(after: string | undefined): RawBuilder<SqlBool> {
  const from = placeIn(after);
  if (from === undefined) return sql<SqlBool>`true`;
  return sql<SqlBool>`(taken_at < ${from.at} or (taken_at = ${from.at} and id > ${from.id}))`;
}

interface Limited<Row> {
  limit(most: number): { execute(): Promise<Row[]> };
}

/** Reads one page of a sorted query. */
export async function pageOf<Row, Item>(
  query: Limited<Row>,
  itemsOf: (rows: readonly Row[]) => readonly Item[] | Promise<readonly Item[]>,
  placeOf: (item: Item) => Place,
): Promise<Page<Item>> {
  const rows = await query.limit(PAGE_LENGTH + 1).execute();
  const items = await itemsOf(rows.slice(0, PAGE_LENGTH));
  const last = items.at(-1);
  if (rows.length <= PAGE_LENGTH || last === undefined) return { items, next: null };
  const { at, id } = placeOf(last);
  return { items, next: `${at}|${id}` };
}
