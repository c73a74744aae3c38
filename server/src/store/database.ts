import LibsqlDatabase from "libsql";
import { Kysely, Migrator, SqliteDialect, type SqliteDatabase } from "kysely";
import { StartupError } from "../config";
import { migrationProvider } from "./migrations";
import type { Tables } from "./schema";

export type Store = Kysely<Tables>;

const PRAGMAS = [
  "journal_mode = WAL",
  "foreign_keys = ON",
  "synchronous = FULL",
  "busy_timeout = 5000",
];

/**
 * Opens (or makes) the database file and brings it to the newest version.
 * @throws StartupError when the file cannot be opened, is not a database, or comes from a newer version
 */
export async function openStore(file: string): Promise<Store> {
  try {
    const database = new LibsqlDatabase(file);
    for (const pragma of PRAGMAS) database.pragma(pragma);
    // libsql keeps better-sqlite3's interface; only its type declarations differ in what `all` returns.
    const store = new Kysely<Tables>({
      dialect: new SqliteDialect({ database: database as unknown as SqliteDatabase }),
    });
    const { error } = await new Migrator({
      db: store,
      provider: migrationProvider,
    }).migrateToLatest();
    if (error !== undefined) throw error;
    return store;
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    throw new StartupError(
      `The database file ${file} cannot be used: ${why}. Nothing in it was changed. ` +
        "Move it away to start with an empty one, or name another with DATABASE_FILE.",
    );
  }
}
