import { existsSync } from "node:fs";
import { rename, rm } from "node:fs/promises";
import { Kysely, Migrator, sql } from "kysely";
import { sqliteDialect } from "./sqlite-driver";
import { migrationProvider } from "./migrations/index";
import type { Store, Tables } from "./schema";
import { fillIndex } from "./search-index";
import { checkFile, unusable } from "./sound-file";
import { storeTrouble } from "./store-trouble";

export type { Store };

/** How long a lock of another program is waited for, ms. */
const PATIENCE_MS = 8000;

/**
 * Writes what the log holds into the database file itself and empties the log.
 * @returns whether all of it is in the file; false while another program reads
 */
export async function checkpoint(store: Store): Promise<boolean> {
  const { rows } = await sql<{ busy: number }>`pragma wal_checkpoint(truncate)`.execute(store);
  return rows[0]?.busy === 0;
}

/** A name for a copy that no other has: one that was made before an earlier migration of the same name is kept. */
function freeName(name: string): string {
  for (let at = 1; ; at += 1) {
    const numbered = at === 1 ? name : `${name}-${at}`;
    if (!existsSync(numbered)) return numbered;
  }
}

/** A copy of the file as it is, beside it, before a migration changes it. */
async function copyBefore(store: Store, file: string, migration: string): Promise<void> {
  const copy = freeName(`${file}.before-${migration}`);
  const making = `${copy}.making`;
  await rm(making, { force: true });
  await sql`vacuum into ${sql.lit(making)}`.execute(store);
  await rename(making, copy);
}

async function migrate(store: Store, file: string): Promise<void> {
  const migrator = new Migrator({ db: store, provider: migrationProvider });
  const migrations = await migrator.getMigrations();
  const [next] = migrations.filter(({ executedAt }) => executedAt === undefined);
  const { rows } = await sql<{ name: string }>`
    select name from sqlite_master where type = 'table' and name in ('jobs', 'machines')`.execute(
    store,
  );
  if (next !== undefined && rows.length > 0) await copyBefore(store, file, next.name);
  const { error } = await migrator.migrateToLatest();
  if (error !== undefined) throw error;
}

/** Says at once where nothing could be stored: the version of the index is written as it stands. */
async function tryToWrite(store: Store): Promise<void> {
  await store.transaction().execute(async (transaction) => {
    const { rows } = await sql<{ user_version: number }>`pragma user_version`.execute(transaction);
    await sql`pragma user_version = ${sql.lit(rows[0]?.user_version ?? 0)}`.execute(transaction);
  });
}

/**
 * Opens (or makes) the database file and brings it to the newest version: in one transaction, after a copy was made.
 * @param patienceMs how long a lock of another program is waited for
 * @throws StartupError when the file cannot be opened or written to, is damaged or no database, or is another program's or a
 * newer version's
 */
export async function openStore(file: string, patienceMs: number = PATIENCE_MS): Promise<Store> {
  await checkFile(file);
  const store = new Kysely<Tables>({ dialect: sqliteDialect(file, patienceMs) });
  try {
    await tryToWrite(store);
    await migrate(store, file);
    await fillIndex(store);
    return store;
  } catch (error) {
    await store.destroy();
    const why = error instanceof Error ? error.message : String(error);
    throw unusable(file, storeTrouble(error) ?? why);
  }
}

/** How often, and how many times, the log is tried to be written into the file when the server stops. */
const STOP_TRIES = 10;
const STOP_PAUSE_MS = 50;

/** Writes everything into the file itself and closes it: after this the file alone is the whole record. */
export async function closeStore(store: Store): Promise<void> {
  for (let tries = 0; tries < STOP_TRIES; tries += 1) {
    const whole = await checkpoint(store).catch(() => false);
    if (whole) break;
    await new Promise((resolve) => setTimeout(resolve, STOP_PAUSE_MS));
  }
  await store.destroy();
}
