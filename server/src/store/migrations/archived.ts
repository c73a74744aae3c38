import type { Kysely, Migration } from "kysely";

/** Positions that are kept and looked up, and are no work any more. */
export const archived: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .alterTable("positions")
      .addColumn("archived", "integer", (column) => column.notNull().defaultTo(0))
      .execute();
  },
};
