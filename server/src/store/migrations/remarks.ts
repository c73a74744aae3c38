import { sql, type Kysely, type Migration } from "kysely";

/** What was noted of a position, with a picture or without. */
export const remarks: Migration = {
  async up(db: Kysely<unknown>) {
    await sql`
      create table remarks (
        id text primary key,
        position_id text not null references positions(id),
        text text not null,
        who text not null,
        taken_at text not null,
        width integer,
        height integer,
        bytes integer,
        created_at text not null,
        updated_at text not null,
        version integer not null default 1,
        device text not null default '',
        removed integer not null default 0 check (removed in (0, 1)),
        check ((width is null) = (height is null) and (width is null) = (bytes is null))
      )`.execute(db);
    await sql`create index remarks_by_position on remarks (position_id, taken_at)`.execute(db);
  },
};
