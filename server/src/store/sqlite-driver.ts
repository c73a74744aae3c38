import {
  DatabaseSync,
  type DatabaseSyncInstance,
  type StatementSyncInstance,
} from "@photostructure/sqlite";
import {
  CompiledQuery,
  SqliteAdapter,
  SqliteIntrospector,
  SqliteQueryCompiler,
  type DatabaseConnection,
  type Dialect,
  type Driver,
  type Kysely,
  type QueryResult,
} from "kysely";
import { createMutex, type Mutex } from "./mutex";
import { createPatience, type Patience } from "./patience";

/** How many statements are kept prepared. */
const MOST_PREPARED = 200;

/** The driver would wait for a lock with the whole process; waiting is done between attempts instead. */
const WAITS_MS = 0;

type Value = string | number | bigint | null | Uint8Array;

/** One connection to the file, opened when it is first asked: another program may hold the file. */
class Connection {
  #opened: DatabaseSyncInstance | undefined;
  readonly #prepared = new Map<string, StatementSyncInstance>();
  readonly #file: string;
  readonly #patience: Patience;

  constructor(file: string, patience: Patience) {
    this.#file = file;
    this.#patience = patience;
  }

  /** Waits where another program holds the file. */
  executeQuery<Row>(query: CompiledQuery): Promise<QueryResult<Row>> {
    return this.#patience.untilFree(() => {
      const statement = this.#statement(query.sql);
      const parameters = query.parameters as readonly Value[];
      if (statement.columns().length > 0) {
        return { rows: [...(statement.all(...parameters) as Row[])] };
      }
      const { changes } = statement.run(...parameters);
      return { rows: [], numAffectedRows: BigInt(changes) };
    });
  }

  begin(): Promise<void> {
    return this.#patience.untilFree(() => this.#database().exec("begin immediate"));
  }

  commit(): void {
    this.#database().exec("commit");
  }

  /** A full disk, for one, has rolled back by itself. */
  rollback(): void {
    if (this.#opened?.isTransaction === true) this.#opened.exec("rollback");
  }

  close(): void {
    this.#prepared.clear();
    this.#opened?.close();
    this.#opened = undefined;
  }

  #database(): DatabaseSyncInstance {
    if (this.#opened !== undefined) return this.#opened;
    const database = new DatabaseSync(this.#file, { timeout: WAITS_MS });
    try {
      database.exec("pragma journal_mode = wal; pragma synchronous = full");
    } catch (error) {
      database.close();
      throw error;
    }
    this.#opened = database;
    return database;
  }

  #statement(text: string): StatementSyncInstance {
    const known = this.#prepared.get(text);
    if (known !== undefined) return known;
    if (this.#prepared.size >= MOST_PREPARED) this.#prepared.clear();
    const statement = this.#database().prepare(text);
    this.#prepared.set(text, statement);
    return statement;
  }
}

/** Whether a statement only reads. None of ours that begins so writes. */
const onlyReads = (text: string) => /^\s*(?:select|with)\b/i.test(text);

/** What one caller works with: reads go on beside whoever writes, on a connection of their own; writers take turns. */
class Lease implements DatabaseConnection {
  #writes = false;
  readonly #writer: Connection;
  readonly #reader: Connection;
  readonly #turns: Mutex;

  constructor(writer: Connection, reader: Connection, turns: Mutex) {
    this.#writer = writer;
    this.#reader = reader;
    this.#turns = turns;
  }

  async executeQuery<Row>(query: CompiledQuery): Promise<QueryResult<Row>> {
    if (this.#writes) return this.#writer.executeQuery<Row>(query);
    if (onlyReads(query.sql)) return this.#reader.executeQuery<Row>(query);
    await this.#turns.lock();
    try {
      return await this.#writer.executeQuery<Row>(query);
    } finally {
      this.#turns.unlock();
    }
  }

  async *streamQuery(): AsyncIterableIterator<never> {
    throw new Error("the store reads whole answers");
  }

  async begin(): Promise<void> {
    await this.#turns.lock();
    this.#writes = true;
    await this.#writer.begin();
  }

  commit(): void {
    this.#writer.commit();
  }

  rollback(): void {
    this.#writer.rollback();
  }

  /** Lets the next one write. */
  end(): void {
    if (this.#writes) this.#turns.unlock();
    this.#writes = false;
  }
}

class SqliteDriver implements Driver {
  readonly #writer: Connection;
  readonly #reader: Connection;
  readonly #turns = createMutex();

  constructor(file: string, patienceMs: number) {
    this.#writer = new Connection(file, createPatience(patienceMs));
    this.#reader = new Connection(file, createPatience(patienceMs));
  }

  async init(): Promise<void> {
    await this.#writer.executeQuery(CompiledQuery.raw("select 1"));
  }

  async acquireConnection(): Promise<Lease> {
    return new Lease(this.#writer, this.#reader, this.#turns);
  }

  beginTransaction(lease: Lease): Promise<void> {
    return lease.begin();
  }

  async commitTransaction(lease: Lease): Promise<void> {
    lease.commit();
  }

  async rollbackTransaction(lease: Lease): Promise<void> {
    lease.rollback();
  }

  async releaseConnection(lease: Lease): Promise<void> {
    lease.end();
  }

  async destroy(): Promise<void> {
    this.#reader.close();
    this.#writer.close();
  }
}

/** SQLite can change its tables within a transaction, so all pending migrations are one: all of them or none. */
class TransactionalAdapter extends SqliteAdapter {
  override get supportsTransactionalDdl(): boolean {
    return true;
  }
}

/**
 * SQLite with two connections, one to read and one to write, and waits that leave the process free.
 * @param patienceMs how long a lock of another program is waited for
 */
export function sqliteDialect(file: string, patienceMs: number): Dialect {
  return {
    createAdapter: () => new TransactionalAdapter(),
    createDriver: () => new SqliteDriver(file, patienceMs),
    createIntrospector: (db: Kysely<unknown>) => new SqliteIntrospector(db),
    createQueryCompiler: () => new SqliteQueryCompiler(),
  };
}
