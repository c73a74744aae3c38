import type { Kysely, Migration, MigrationProvider } from "kysely";
import { archived } from "./archived";
import { jobsAndOrders } from "./jobs-and-orders";
import { keptCounts } from "./kept-counts";
import { machinesAndPositions } from "./machines-and-positions";
import { remarks } from "./remarks";
import { oneSave } from "./one-save";
import { removedAt } from "./removed-at";
import { search } from "./search";

async function hasColumn(db: Kysely<unknown>, table: string, column: string): Promise<boolean> {
  const tables = await db.introspection.getTables();
  const found = tables.find(({ name }) => name === table);
  return found?.columns.some(({ name }) => name === column) ?? false;
}

/**
 * In order of their names; what a migration that has landed makes is never changed, only followed by another. All that
 * are pending run in one transaction. The first two once ran without one, so they can be taken up half done.
 */
const MIGRATIONS: Readonly<Record<string, Migration>> = {
  "0001-jobs-and-identifications": {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable("jobs")
        .ifNotExists()
        .addColumn("id", "text", (column) => column.primaryKey())
        .addColumn("name", "text", (column) => column.notNull())
        .addColumn("origin", "text", (column) => column.notNull())
        .addColumn("created_at", "text", (column) => column.notNull())
        .addColumn("updated_at", "text", (column) => column.notNull())
        .execute();
      await db.schema
        .createTable("identifications")
        .ifNotExists()
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
        .ifNotExists()
        .on("identifications")
        .columns(["job_id", "taken_at"])
        .execute();
    },
  },
  "0002-replacements": {
    async up(db: Kysely<unknown>) {
      if (await hasColumn(db, "identifications", "replacement")) return;
      await db.schema.alterTable("identifications").addColumn("replacement", "text").execute();
    },
  },
  "0003-versions": {
    async up(db: Kysely<unknown>) {
      for (const table of ["jobs", "identifications"]) {
        await db.schema
          .alterTable(table)
          .addColumn("version", "integer", (column) => column.notNull().defaultTo(1))
          .execute();
        await db.schema
          .alterTable(table)
          .addColumn("device", "text", (column) => column.notNull().defaultTo(""))
          .execute();
      }
      await db.schema
        .alterTable("identifications")
        .addColumn("set_aside", "text", (column) => column.notNull().defaultTo("[]"))
        .execute();
      await db.schema
        .createIndex("jobs_by_change")
        .on("jobs")
        .columns(["updated_at", "id"])
        .execute();
    },
  },
  "0004-repairs": {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable("repairs")
        .addColumn("id", "text", (column) => column.primaryKey())
        .addColumn("job_id", "text", (column) => column.notNull().references("jobs.id"))
        .addColumn("position", "text", (column) => column.notNull())
        .addColumn("record", "text", (column) => column.notNull())
        .addColumn("taken_at", "text", (column) => column.notNull())
        .addColumn("created_at", "text", (column) => column.notNull())
        .addColumn("updated_at", "text", (column) => column.notNull())
        .addColumn("version", "integer", (column) => column.notNull().defaultTo(1))
        .addColumn("device", "text", (column) => column.notNull().defaultTo(""))
        .addColumn("set_aside", "text", (column) => column.notNull().defaultTo("[]"))
        .execute();
      await db.schema
        .createIndex("repairs_by_job")
        .on("repairs")
        .columns(["job_id", "taken_at"])
        .execute();
    },
  },
  "0005-removed": {
    async up(db: Kysely<unknown>) {
      for (const table of ["jobs", "identifications", "repairs"]) {
        await db.schema
          .alterTable(table)
          .addColumn("removed", "integer", (column) => column.notNull().defaultTo(0))
          .execute();
      }
    },
  },
  "0006-own-words": {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable("own_words")
        .addColumn("id", "text", (column) => column.primaryKey())
        .addColumn("word", "text", (column) => column.notNull())
        .addColumn("means", "text", (column) => column.notNull())
        .addColumn("created_at", "text", (column) => column.notNull())
        .addColumn("updated_at", "text", (column) => column.notNull())
        .addColumn("version", "integer", (column) => column.notNull().defaultTo(1))
        .addColumn("device", "text", (column) => column.notNull().defaultTo(""))
        .addColumn("removed", "integer", (column) => column.notNull().defaultTo(0))
        .execute();
    },
  },
  "0007-machines-and-positions": machinesAndPositions,
  "0008-search": search,
  "0009-remarks": remarks,
  "0010-jobs-and-orders": jobsAndOrders,
  "0011-archived": archived,
  "0012-removed-at": removedAt,
  "0013-one-save": oneSave,
  "0014-kept-counts": keptCounts,
};

export const migrationProvider: MigrationProvider = {
  getMigrations: () => Promise.resolve({ ...MIGRATIONS }),
};
