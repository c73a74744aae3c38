import { Kysely, Migrator } from "kysely";
import { sqliteDialect } from "../sqlite-driver";
import { migrationProvider } from "./index";

/**
 * Makes a database as an older version has it. For tests.
 * @param last the last migration of that version
 * @param fill writes what it held
 */
export async function olderDatabase(
  file: string,
  last: string,
  fill: (db: Kysely<never>) => Promise<void>,
): Promise<void> {
  const db = new Kysely<never>({ dialect: sqliteDialect(file, 1000) });
  const { error } = await new Migrator({ db, provider: migrationProvider }).migrateTo(last);
  if (error !== undefined) throw error;
  await fill(db);
  await db.destroy();
}
