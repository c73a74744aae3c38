import { sql, type Kysely, type Migration } from "kysely";

const STORED = `
  created_at text not null,
  updated_at text not null,
  version integer not null default 1,
  device text not null default '',
  removed integer not null default 0 check (removed in (0, 1))`;

/** Pieces of work over positions, and orders that are kept. */
export const jobsAndOrders: Migration = {
  async up(db: Kysely<unknown>) {
    await sql`
      create table jobs (
        id text primary key,
        name text not null check (name <> ''),
        opened text not null,
        due text,
        done text,
        notes text not null,
        ${sql.raw(STORED)}
      )`.execute(db);
    await sql`
      create table job_positions (
        job_id text not null references jobs(id),
        position_id text not null references positions(id),
        place integer not null,
        primary key (job_id, position_id)
      ) without rowid`.execute(db);
    await sql`create index jobs_of_position on job_positions (position_id)`.execute(db);
    await sql`
      create table orders (
        id text primary key,
        name text not null check (name <> ''),
        rule text not null,
        lines text not null,
        notes text not null,
        quotation text,
        set_aside text not null default '[]',
        ${sql.raw(STORED)}
      )`.execute(db);
    await sql`create index orders_by_change on orders (updated_at, id)`.execute(db);
  },
};
