import { randomUUID as uuid } from "node:crypto";
import { copyFileSync, readFileSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import { DatabaseSync } from "@photostructure/sqlite";
import { sql } from "kysely";
import { machineNamed, startForTest, temporaryFolder } from "../test-server";
import { closeStore, openStore } from "./database";
import { listMachines, saveMachine } from "./machines";
import { storeTrouble } from "./store-trouble";

const temporary = temporaryFolder();
afterAll(() => temporary.remove());

const fileOf = (name: string) => path.join(temporary.folder, `${name}.db`);
const AT = new Date("2026-03-02T08:30:00Z");
const write = { saw: 0, device: "one" } as const;

async function withMachines(file: string, count: number): Promise<void> {
  const store = await openStore(file);
  for (let at = 0; at < count; at += 1) {
    await saveMachine(
      store,
      uuid(),
      { ...machineNamed(`Press ${at}`), notes: "x".repeat(900) },
      AT,
      write,
    );
  }
  await closeStore(store);
}

/** Nothing of a file that is refused is changed, and nothing is left beside it. */
async function refused(file: string, why: RegExp): Promise<void> {
  const [before, beside] = [readFileSync(file), readdirSync(temporary.folder)];
  await expect(openStore(file)).rejects.toThrow(why);
  expect(readFileSync(file).equals(before)).toBe(true);
  expect(readdirSync(temporary.folder).sort()).toEqual(beside.sort());
}

describe("a database file before it is used", () => {
  it("is refused when it is damaged", async () => {
    const file = fileOf("damaged");
    await withMachines(file, 60);
    const bytes = readFileSync(file);
    bytes.fill(0x5a, bytes.length - 3 * 4096, bytes.length - 4096);
    writeFileSync(file, bytes);
    await refused(
      file,
      /cannot be used: it is damaged: put back a copy\. Nothing in it was changed/,
    );
  });

  it("is refused with another file's log beside it, and starts when that is moved away", async () => {
    const [file, other] = [fileOf("put-back"), fileOf("other")];
    await withMachines(file, 3);
    const store = await openStore(other);
    for (let at = 0; at < 120; at += 1) {
      await saveMachine(store, uuid(), machineNamed(`Other ${at}`), AT, write);
    }
    copyFileSync(`${other}-wal`, `${file}-wal`);
    await closeStore(store);
    await refused(file, /the log beside it, put-back\.db-wal, is not its own: move that away/);
    rmSync(`${file}-wal`);
    const again = await openStore(file);
    expect((await listMachines(again)).items).toHaveLength(3);
    await closeStore(again);
  });

  it("is opened with its own log, as a kill leaves it", async () => {
    const [file, killed] = [fileOf("alive"), fileOf("killed")];
    const store = await openStore(file);
    await saveMachine(store, uuid(), machineNamed("Press"), AT, write);
    for (const end of ["", "-wal"]) copyFileSync(`${file}${end}`, `${killed}${end}`);
    await closeStore(store);
    const again = await openStore(killed);
    expect((await listMachines(again)).items).toHaveLength(1);
    await closeStore(again);
  });

  it("is refused when it is another program's, or a newer version's", async () => {
    const foreign = fileOf("foreign");
    const database = new DatabaseSync(foreign);
    database.exec("create table recipes (name text); insert into recipes values ('bread')");
    database.close();
    await refused(foreign, /it is another program's: it holds the table recipes/);

    const newer = fileOf("newer");
    const store = await openStore(newer);
    await sql`insert into kysely_migration values ('9999-to-come', '2031-01-01')`.execute(store);
    await closeStore(store);
    await refused(newer, /a newer version has written it \(9999-to-come\)/);
  });

  it("is copied anew before a migration, whatever copy is there", async () => {
    const file = fileOf("copied");
    await withMachines(file, 1);
    const copy = `${file}.before-0012-removed-at`;
    writeFileSync(copy, "an older copy");
    const database = new DatabaseSync(file);
    database.exec("delete from kysely_migration where name = '0012-removed-at'");
    database.close();
    // The migration was done already, so it fails; what counts is the copy.
    await expect(openStore(file)).rejects.toThrow(/cannot be used/);
    expect(readFileSync(copy, "utf8")).toBe("an older copy");
    const [anew] = new DatabaseSync(`${copy}-2`).prepare("select name from machines").all();
    expect(anew).toMatchObject({ name: "Press 0" });
  });
});

describe("a disk that is full", () => {
  it("is said to whoever saves, and nothing is stored", async () => {
    const server = await startForTest(temporary.folder);
    await sql`pragma max_page_count = 40`.execute(server.store);
    let answer = { status: 200, body: "" };
    for (let at = 0; at < 400 && answer.status === 200; at += 1) {
      const saved = await fetch(`${server.address}/api/machines/${uuid()}`, {
        method: "PUT",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ ...machineNamed(`Press ${at}`), notes: "x".repeat(900) }),
      });
      answer = { status: saved.status, body: await saved.text() };
      if (answer.status === 200) continue;
      expect(answer.status).toBe(507);
      expect(answer.body).toContain(
        "Nothing was stored. The server cannot use its database: the disk is full",
      );
      expect((await listMachines(server.store)).items.map(({ name }) => name)).not.toContain(
        `Press ${at}`,
      );
    }
    expect(answer.status).toBe(507);
    await server.stop();
  });

  it.each([
    [{ code: "SQLITE_READONLY", message: "attempt to write a readonly database" }, /only be read/],
    [{ code: "EACCES", message: "permission denied" }, /only be read/],
    [{ code: "SQLITE_IOERR_WRITE", message: "disk I/O error" }, /does not read or write/],
    [{ code: "", message: "URI malformed" }, undefined],
  ])("is told from other trouble: %j", (error, sentence) => {
    const trouble = storeTrouble(Object.assign(new Error(error.message), { code: error.code }));
    if (sentence === undefined) expect(trouble).toBeUndefined();
    else expect(trouble).toMatch(sentence);
  });
});
