import { sql, type Kysely, type Migration } from "kysely";

const TABLES = [
  "machines",
  "positions",
  "identifications",
  "repairs",
  "remarks",
  "jobs",
  "orders",
  "own_words",
] as const;

/**
 * When a record was taken out of the lists: whichever statement takes it out, the database writes down when it did; what
 * is back has no such time. What went out with what it stands within has none of its own.
 */
export const removedAt: Migration = {
  async up(db: Kysely<unknown>) {
    for (const name of TABLES) {
      const table = sql.table(name);
      await db.schema.alterTable(name).addColumn("removed_at", "text").execute();
      await sql`update ${table} set removed_at = updated_at where removed = 1`.execute(db);
      await sql`
        create trigger ${sql.id(`${name}_made_removed`)} after insert on ${table}
        when new.removed = 1
        begin update ${table} set removed_at = new.updated_at where id = new.id; end`.execute(db);
      await sql`
        create trigger ${sql.id(`${name}_removed`)} after update of removed on ${table}
        when new.removed <> old.removed
        begin
          update ${table} set removed_at = case when new.removed = 1 then new.updated_at end
          where id = new.id;
        end`.execute(db);
    }
  },
};
