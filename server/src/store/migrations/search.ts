import { sql, type Kysely, type Migration } from "kysely";

/** An index over the words of machines and positions; it is filled as the server starts. */
export const search: Migration = {
  async up(db: Kysely<unknown>) {
    await sql`
      create table search_rows (
        id integer primary key,
        record_id text not null unique,
        machine_id text not null,
        kind text not null check (kind in ('machine', 'position'))
      )`.execute(db);
    await sql`
      create virtual table search_text using fts5(
        text, tokenize = "unicode61 remove_diacritics 2 tokenchars './#-'"
      )`.execute(db);
  },
};
