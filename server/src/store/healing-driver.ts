import LibsqlDatabase from "libsql";
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

const PRAGMAS = [
  "journal_mode = WAL",
  "foreign_keys = ON",
  "synchronous = FULL",
  // The driver would wait with the whole process; waiting is done between attempts instead.
  "busy_timeout = 0",
];

/** How many statements are kept prepared: the driver frees one only when the engine collects its garbage, which it may not for minutes. */
const MOST_PREPARED = 200;

function open(file: string): LibsqlDatabase.Database {
  const database = new LibsqlDatabase(file);
  try {
    for (const pragma of PRAGMAS) database.pragma(pragma);
    return database;
  } catch (error) {
    database.close();
    throw error;
  }
}

/**
 * One connection to the file that is thrown away after any error of the driver and opened anew for the next statement:
 * libsql leaves a statement that failed on a lock unfinished, and what is "committed" after it is lost.
 */
class HealingConnection {
  #database: LibsqlDatabase.Database | undefined;
  readonly #prepared = new Map<string, LibsqlDatabase.Statement>();
  #inTransaction = false;
  readonly #file: string;
  readonly #patience: Patience;

  constructor(file: string, patience: Patience) {
    this.#file = file;
    this.#patience = patience;
  }

  executeQuery<Row>(query: CompiledQuery): Promise<QueryResult<Row>> {
    // In a transaction the lock is held already; a statement that fails there fails the whole of it.
    return this.#inTransaction
      ? Promise.resolve().then(() => this.#once<Row>(query))
      : this.#patience.untilFree(() => this.#once<Row>(query));
  }

  async begin(): Promise<void> {
    await this.#patience.untilFree(() =>
      this.#attempt((database) => database.exec("begin immediate")),
    );
    this.#inTransaction = true;
  }

  commit(): void {
    this.#attempt((database) => database.exec("commit"));
    this.#inTransaction = false;
    this.#assertFinished();
  }

  rollback(): void {
    const database = this.#database;
    this.#inTransaction = false;
    if (database === undefined) return;
    try {
      database.exec("rollback");
    } catch {
      // A connection that is closed has rolled back.
      this.discard();
    }
  }

  discard(): void {
    this.#prepared.clear();
    this.#database?.close();
    this.#database = undefined;
  }

  #once<Row>(query: CompiledQuery): QueryResult<Row> {
    const result = this.#attempt((database) => {
      const statement = this.#statement(database, query.sql);
      if (statement.reader) return { rows: statement.all(query.parameters) as Row[] };
      const { changes } = statement.run(query.parameters);
      return { rows: [], numAffectedRows: BigInt(changes) };
    });
    if (!this.#inTransaction) this.#assertFinished();
    return result;
  }

  #statement(database: LibsqlDatabase.Database, text: string): LibsqlDatabase.Statement {
    const known = this.#prepared.get(text);
    if (known !== undefined) return known;
    if (this.#prepared.size >= MOST_PREPARED) this.#prepared.clear();
    const statement = database.prepare(text);
    this.#prepared.set(text, statement);
    return statement;
  }

  #attempt<Result>(work: (database: LibsqlDatabase.Database) => Result): Result {
    try {
      this.#database ??= open(this.#file);
      return work(this.#database);
    } catch (error) {
      this.discard();
      throw error;
    }
  }

  /** Nothing is acknowledged while the driver still holds it open. */
  #assertFinished(): void {
    if (this.#database?.inTransaction !== true) return;
    this.discard();
    throw new Error("the driver left a statement unfinished; nothing of it was stored");
  }
}

/** Whether a statement only reads. None of ours that begins so writes. */
const onlyReads = (text: string) => /^\s*(?:select|with)\b/i.test(text);

/** What one caller works with: reads go on beside whoever writes, on a connection of their own; writers take turns. */
class Lease implements DatabaseConnection {
  #writes = false;
  readonly #writer: HealingConnection;
  readonly #reader: HealingConnection;
  readonly #turns: Mutex;

  constructor(writer: HealingConnection, reader: HealingConnection, turns: Mutex) {
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

class HealingDriver implements Driver {
  readonly #writer: HealingConnection;
  readonly #reader: HealingConnection;
  readonly #turns = createMutex();

  constructor(file: string, patienceMs: number) {
    this.#writer = new HealingConnection(file, createPatience(patienceMs));
    this.#reader = new HealingConnection(file, createPatience(patienceMs));
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
    this.#reader.discard();
    this.#writer.discard();
  }
}

/** SQLite can change its tables within a transaction, so all pending migrations are one: all of them or none. */
class TransactionalAdapter extends SqliteAdapter {
  override get supportsTransactionalDdl(): boolean {
    return true;
  }
}

/**
 * SQLite through libsql with a connection that heals and waits that leave the process free.
 * @param patienceMs how long a lock of another program is waited for
 */
export function healingDialect(file: string, patienceMs: number): Dialect {
  return {
    createAdapter: () => new TransactionalAdapter(),
    createDriver: () => new HealingDriver(file, patienceMs),
    createIntrospector: (db: Kysely<unknown>) => new SqliteIntrospector(db),
    createQueryCompiler: () => new SqliteQueryCompiler(),
  };
}
