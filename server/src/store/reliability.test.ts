import { seededRandom } from "@root-gauge/core/random";
import { sql } from "kysely";
import { spawn } from "node:child_process";
import { copyFileSync, existsSync, readdirSync } from "node:fs";
import { setTimeout as pause } from "node:timers/promises";
import { machineNamed, temporaryFolder } from "../test-server";
import { checkpoint, closeStore, openStore } from "./database";
import { listMachines, saveMachine } from "./machines";
import { StoreBusy } from "./patience";
import path from "node:path";
import { DatabaseSync } from "@photostructure/sqlite";

const temporary = temporaryFolder();
afterAll(() => temporary.remove());

const fileOf = (name: string) => path.join(temporary.folder, `${name}.db`);
const idOf = (at: number) => `00000000-0000-4000-8000-${String(at).padStart(12, "0")}`;
const AT = new Date("2026-03-02T08:30:00Z");
const MACHINE = machineNamed("Kestrel cylinder proofer", "Germany, 1968");

/** What is in the file, read by a connection of its own. */
function idsIn(file: string, table = "machines"): string[] {
  const database = new DatabaseSync(file);
  try {
    return (database.prepare(`select id from ${table}`).all() as { id: string }[]).map(
      ({ id }) => id,
    );
  } finally {
    database.close();
  }
}

describe("another program that holds the database", () => {
  it("costs nothing that was acknowledged, and what follows it is stored, five times over", async () => {
    const file = fileOf("locked");
    const store = await openStore(file, 150);
    const other = new DatabaseSync(file);
    const acknowledged: string[] = [];
    let refused = 0;
    let turns = 0;
    const counting = setInterval(() => (turns += 1), 5);
    for (let lock = 0; lock < 5; lock += 1) {
      other.exec("begin immediate");
      const released = pause(lock % 2 === 0 ? 450 : 60).then(() => other.exec("commit"));
      for (let at = 0; at < 6; at += 1) {
        const id = idOf(100 * lock + at);
        try {
          await saveMachine(store, id, MACHINE, AT);
          acknowledged.push(id);
        } catch (error) {
          expect(error).toBeInstanceOf(StoreBusy);
          refused += 1;
        }
      }
      await released;
      const after = idOf(100 * lock + 50);
      await saveMachine(store, after, MACHINE, AT);
      acknowledged.push(after);
      await pause(450);
    }
    clearInterval(counting);
    other.close();
    expect(refused).toBeGreaterThan(0);
    // The process went on with other work while it waited.
    expect(turns).toBeGreaterThan(5);
    await closeStore(store);
    expect(idsIn(file).sort()).toEqual(acknowledged.sort());
  });

  it("is waited for over more than five seconds, reads going on meanwhile", async () => {
    const file = fileOf("waited");
    const store = await openStore(file);
    await saveMachine(store, idOf(1), MACHINE, AT);
    const other = new DatabaseSync(file);
    other.exec("begin immediate");
    const released = pause(6000).then(() => other.exec("commit"));
    let saved = false;
    const saving = saveMachine(store, idOf(2), MACHINE, AT).finally(() => (saved = true));
    // Reads stand behind no writer: they are answered while the save still waits for its lock.
    for (let read = 0; read < 5; read += 1) {
      expect((await listMachines(store)).items.map(({ id }) => id)).toEqual([idOf(1)]);
      expect(saved).toBe(false);
    }
    await released;
    expect(await saving).toMatchObject({ id: idOf(2) });
    other.close();
    await closeStore(store);
    expect(idsIn(file)).toHaveLength(2);
  });
});

describe("a server that is killed", () => {
  it("has kept everything that it acknowledged, twenty times over", async () => {
    const file = fileOf("killed");
    await closeStore(await openStore(file));
    const random = seededRandom(20261126);
    const acknowledged: string[] = [];
    for (let kill = 0; kill < 20; kill += 1) {
      acknowledged.push(...(await runAndKill(file, kill, 20 + 180 * random.even())));
    }
    expect(acknowledged.length).toBeGreaterThan(20);
    const kept = new Set(idsIn(file));
    expect(acknowledged.filter((id) => !kept.has(id))).toEqual([]);
    const store = await openStore(file);
    expect((await listMachines(store)).items.length).toBeGreaterThan(0);
    await closeStore(store);
  });
});

/** Starts a program that saves and acknowledges without end, and kills it some time after its first acknowledgement. */
function runAndKill(file: string, run: number, afterMs: number): Promise<string[]> {
  return new Promise((resolve, reject) => {
    const script = path.resolve("server/src/store/save-without-end.ts");
    const child = spawn(process.execPath, ["--import", "tsx", script, file, String(run)], {
      stdio: ["ignore", "pipe", "inherit"],
    });
    let said = "";
    child.stdout.on("data", (text: Buffer) => {
      if (said === "") setTimeout(() => child.kill("SIGKILL"), afterMs);
      said += text.toString();
    });
    child.once("error", reject);
    child.once("exit", () =>
      resolve(
        said
          .split("\n")
          .slice(0, -1)
          .filter((line) => line.length === 36),
      ),
    );
  });
}

describe("the database file", () => {
  it("is the whole record by itself after a stop, and from time to time before", async () => {
    const file = fileOf("alone");
    const store = await openStore(file);
    await saveMachine(store, idOf(1), MACHINE, AT);
    expect(await checkpoint(store)).toBe(true);
    copyFileSync(file, fileOf("alone-running"));
    expect(idsIn(fileOf("alone-running"))).toEqual([idOf(1)]);
    await saveMachine(store, idOf(2), MACHINE, AT);
    await closeStore(store);
    copyFileSync(file, fileOf("alone-stopped"));
    expect(idsIn(fileOf("alone-stopped")).sort()).toEqual([idOf(1), idOf(2)]);
  });

  it("is copied before it is changed by a newer version", async () => {
    const file = fileOf("older");
    const older = new DatabaseSync(file);
    older.exec(`
      create table jobs (id text primary key, name text not null, origin text not null,
        created_at text not null, updated_at text not null);
      create table identifications (id text primary key, job_id text not null references jobs(id),
        position text not null, readings text not null, options text not null, notes text not null,
        result text not null, taken_at text not null, created_at text not null, updated_at text not null);
      insert into jobs values ('${idOf(7)}', 'Nipping press', '', '2026-01-01', '2026-01-01');`);
    older.close();
    // Killed within its first migration: the tables stand, and nothing says that they do.
    const store = await openStore(file);
    expect((await listMachines(store)).items).toMatchObject([
      { name: "Nipping press", version: 1 },
    ]);
    await closeStore(store);
    const copies = readdirSync(temporary.folder).filter((name) =>
      name.startsWith("older.db.before"),
    );
    expect(copies).toHaveLength(1);
    expect(idsIn(path.join(temporary.folder, copies[0] ?? ""), "jobs")).toEqual([idOf(7)]);
  });

  it("is as it was when a migration fails half-way", async () => {
    const file = fileOf("half");
    const store = await openStore(file);
    await sql`delete from kysely_migration where name = '0003-versions'`.execute(store);
    await sql`alter table identifications drop column set_aside`.execute(store);
    await closeStore(store);
    // machines.version is there already, so the third migration fails after nothing or something was done.
    await expect(openStore(file)).rejects.toThrow(/cannot be used/);
    const database = new DatabaseSync(file);
    const names = (
      database.prepare("pragma table_info(identifications)").all() as { name: string }[]
    ).map(({ name }) => name);
    database.close();
    expect(names).not.toContain("set_aside");
    expect(existsSync(`${file}.before-0003-versions`)).toBe(true);
  });
});
