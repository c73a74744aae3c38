import { copyFileSync, existsSync, mkdtempSync, rmSync, statSync } from "node:fs";
import path from "node:path";
import { DatabaseSync, type DatabaseSyncInstance } from "@photostructure/sqlite";
import { StartupError } from "../config";
import { migrationProvider } from "./migrations/index";
import { storeTrouble } from "./store-trouble";

const LOG = "-wal";

const isThere = (file: string) => existsSync(file) && statSync(file).size > 0;

/** The tables of the first migration, which stand alone where a start was killed within it. */
const FIRST_TABLES: ReadonlySet<string> = new Set(["jobs", "identifications"]);

interface Checked {
  readonly integrity_check: string;
}

interface Named {
  readonly name: string;
}

/** What is wrong with a database, which is read and not written; undefined of one that can be used. */
async function faultIn(file: string): Promise<string | undefined> {
  let database: DatabaseSyncInstance | undefined;
  try {
    database = new DatabaseSync(file);
    const check = database.prepare("pragma integrity_check(1)").get() as Checked | undefined;
    if (check?.integrity_check !== "ok") return "it is damaged: put back a copy";
    const tables = database
      .prepare("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'")
      .all() as Named[];
    if (tables.length === 0) return undefined;
    if (!tables.some(({ name }) => name === "kysely_migration")) {
      const foreign = tables.find(({ name }) => !FIRST_TABLES.has(name));
      return foreign && `it is another program's: it holds the table ${foreign.name}`;
    }
    const made = database.prepare("select name from kysely_migration").all() as Named[];
    const known = await migrationProvider.getMigrations();
    const newer = made.find(({ name }) => !(name in known));
    return newer && `a newer version has written it (${newer.name}): start that version or a later`;
  } catch (error) {
    return storeTrouble(error) ?? (error instanceof Error ? error.message : String(error));
  } finally {
    database?.close();
  }
}

/** Looks at copies, so that a log which is not the file's own is never written into it. */
async function faultBesideLog(file: string): Promise<string | undefined> {
  const folder = mkdtempSync(`${file}.looked-at-`);
  try {
    const copy = path.join(folder, "whole.db");
    copyFileSync(file, copy);
    copyFileSync(`${file}${LOG}`, `${copy}${LOG}`);
    const fault = await faultIn(copy);
    if (fault === undefined) return undefined;
    const alone = path.join(folder, "alone.db");
    copyFileSync(file, alone);
    return (await faultIn(alone)) === undefined
      ? `the log beside it, ${path.basename(file)}${LOG}, is not its own: move that away and start again`
      : fault;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/**
 * Looks whether a database file can be used, and writes nothing to it: whole, of this program, of no later version, and
 * with no other file's log beside it.
 * @throws StartupError with a sentence of what to do
 */
export async function checkFile(file: string): Promise<void> {
  if (!isThere(file)) return;
  const fault = isThere(`${file}${LOG}`) ? await faultBesideLog(file) : await faultIn(file);
  if (fault !== undefined) throw unusable(file, fault);
}

/** The sentence of a file that cannot be used. */
export function unusable(file: string, why: string): StartupError {
  return new StartupError(
    `The database file ${file} cannot be used: ${why}. Nothing in it was changed. ` +
      "Move it away to start with an empty one, or name another with DATABASE_FILE.",
  );
}
