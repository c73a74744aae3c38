import type { Kysely, Migration, MigrationProvider } from "kysely";

/** In order of their names; a migration that has landed is never changed, only followed by another. */
const MIGRATIONS: Readonly<Record<string, Migration>> = {
  "0001-jobs-and-identifications": {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable("jobs")
        .addColumn("id", "text", (column) => column.primaryKey())
        .addColumn("name", "text", (column) => column.notNull())
        .addColumn("origin", "text", (column) => column.notNull())
        .addColumn("created_at", "text", (column) => column.notNull())
        .addColumn("updated_at", "text", (column) => column.notNull())
        .execute();
      await db.schema
        .createTable("identifications")
        .addColumn("id", "text", (column) => column.primaryKey())
        .addColumn("job_id", "text", (column) => column.notNull().references("jobs.id"))
        .addColumn("position", "text", (column) => column.notNull())
        .addColumn("readings", "text", (column) => column.notNull())
        .addColumn("options", "text", (column) => column.notNull())
        .addColumn("notes", "text", (column) => column.notNull())
        .addColumn("result", "text", (column) => column.notNull())
        .addColumn("taken_at", "text", (column) => column.notNull())
        .addColumn("created_at", "text", (column) => column.notNull())
        .addColumn("updated_at", "text", (column) => column.notNull())
        .execute();
      await db.schema
        .createIndex("identifications_by_job")
        .on("identifications")
        .columns(["job_id", "taken_at"])
        .execute();
    },
  },
  "0002-replacements": {
    async up(db: Kysely<unknown>) {
      await db.schema.alterTable("identifications").addColumn("replacement", "text").execute();
    },
  },
};

export const migrationProvider: MigrationProvider = {
  getMigrations: () => Promise.resolve({ ...MIGRATIONS }),
};
