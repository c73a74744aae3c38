import { existsSync, mkdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { gunzipSync, gzipSync } from "node:zlib";
import { get } from "node:http";
import { sql } from "kysely";
import { readConfig, StartupError } from "./config";
import { seedDemo } from "./demo/seed-demo";
import { openPictures } from "./pictures/picture-folder";
import { cleanJpeg } from "./pictures/clean-jpeg";
import { openStore, type Store } from "./store/database";
import { listJobs } from "./store/jobs";
import { listOrders } from "./store/orders";
import { repairsAt } from "./store/repairs";
import { identificationsAt } from "./store/identifications";
import { listMachines } from "./store/machines";
import { startForTest, temporaryFolder } from "./test-server";

const temporary = temporaryFolder();
afterAll(() => temporary.remove());

const inFolder = (name: string) => path.join(temporary.folder, name);

describe("starting up", () => {
  it("refuses a database file that is none, and leaves it as it was", async () => {
    const file = inFolder("broken.db");
    const content = "this is not a database, it is a shopping list ".repeat(200);
    writeFileSync(file, content);
    await expect(openStore(file)).rejects.toThrow(StartupError);
    await expect(openStore(file)).rejects.toThrow(/broken\.db cannot be used: .*Move it away/s);
    expect(readFileSync(file, "utf8")).toBe(content);
  });

  it("refuses a folder that is not there", async () => {
    await expect(openStore(inFolder("nowhere/test.db"))).rejects.toThrow(StartupError);
  });

  it("says so when the port is taken, and goes on serving where it was", async () => {
    mkdirSync(inFolder("one"));
    mkdirSync(inFolder("two"));
    const first = await startForTest(inFolder("one"));
    const port = Number(new URL(first.address).port);
    await expect(startForTest(inFolder("two"), port)).rejects.toThrow(
      `Cannot listen on 127.0.0.1:${port}: something else is already listening there. Stop it, or choose another port with PORT.`,
    );
    expect((await fetch(`${first.address}/api/health`)).status).toBe(200);
    await first.stop();
  });

  it("finds everything again after a restart, and keeps to WAL and full synchronising", async () => {
    mkdirSync(inFolder("kept"));
    const before = await startForTest(inFolder("kept"));
    await seedDemo(before.store);
    const { items: machines } = await listMachines(before.store);
    await before.stop();
    const after = await startForTest(inFolder("kept"));
    expect((await listMachines(after.store)).items).toEqual(machines);
    await after.stop();
    expect(existsSync(path.join(inFolder("kept"), "test.db"))).toBe(true);
  });

  it.each([
    [{ PORT: "eighty" }, /port: “eighty” is not a number/],
    [{ PORT: "70000" }, /port: “70000” is over 65535/],
    [{ LOG_LEVEL: "loud" }, /logLevel: “loud” is not one of/],
  ])("explains the setting %j", (env, sentence) => {
    expect(() => readConfig(env)).toThrow(sentence);
  });

  it("serves the gzip file where the client takes one", async () => {
    const folder = inFolder("packed");
    mkdirSync(path.join(folder, "web", "_expo"), { recursive: true });
    writeFileSync(path.join(folder, "web", "_expo", "app.js"), "plain");
    writeFileSync(path.join(folder, "web", "_expo", "app.js.gz"), gzipSync("packed"));
    const server = await startForTest(folder);
    const body = await new Promise<{ encoding: string | undefined; bytes: Buffer }>((resolve) => {
      get(
        `${server.address}/_expo/app.js`,
        { headers: { "accept-encoding": "gzip" } },
        (answer) => {
          const parts: Buffer[] = [];
          answer.on("data", (part: Buffer) => parts.push(part));
          answer.on("end", () =>
            resolve({ encoding: answer.headers["content-encoding"], bytes: Buffer.concat(parts) }),
          );
        },
      );
    });
    expect(body.encoding).toBe("gzip");
    expect(gunzipSync(body.bytes).toString()).toBe("packed");
    await server.stop();
  });
});

/** The jobs by the day they were done, and how many lines each order has. */
async function worksOf(store: Store) {
  const { items: jobs } = await listJobs(store);
  const { items: orders } = await listOrders(store);
  return { jobs: jobs.map(({ done }) => done), lines: orders.map(({ lines }) => lines.length) };
}

describe("the demo", () => {
  it("is six machines with forty fasteners read three times each, the same every time and when done twice", async () => {
    const [one, two] = await Promise.all(
      [inFolder("a.db"), inFolder("b.db")].map((file) => openStore(file)),
    );
    if (one === undefined || two === undefined) throw new Error("two stores were expected");
    await seedDemo(one);
    await seedDemo(one);
    await seedDemo(two);
    const { items: machines } = await listMachines(one);
    expect(machines).toEqual((await listMachines(two)).items);
    expect(machines.map(({ identifications }) => identifications)).toEqual([15, 18, 6, 30, 30, 21]);
    const repairs = await Promise.all(
      machines.map(async ({ id }) => (await repairsAt(one, { machineId: id })).items),
    );
    expect(
      repairs
        .flat()
        .map(({ record }) => record?.outcome)
        .sort(),
    ).toEqual(["holds", null, "watch"]);
    const verdicts = await Promise.all(
      machines.map(async ({ id }) => {
        const { items: records } = await identificationsAt(one, { machineId: id });
        expect(records).toEqual((await identificationsAt(two, { machineId: id })).items);
        return records.map(({ result }) => result.verdict);
      }),
    );
    expect(verdicts.flat().filter((verdict) => verdict === "settled")).toHaveLength(85);
    expect(await worksOf(one)).toEqual(await worksOf(two));
    expect(await worksOf(one)).toMatchObject({ jobs: [null, null, "2026-03-04"], lines: [4] });
    await one.destroy();
    await two.destroy();
  });

  it("starts over one that somebody has gone on with, and leaves that as it is", async () => {
    const store = await openStore(inFolder("gone-on.db"));
    await seedDemo(store);
    for (const table of ["machines", "positions", "identifications", "repairs", "jobs", "orders"]) {
      await sql`update ${sql.table(table)} set version = version + 1,
        device = 'another'`.execute(store);
    }
    await sql`update machines set stands = 'Moved'`.execute(store);
    await sql`update positions set notes = 'Gone on with'`.execute(store);
    await sql`update identifications set notes = 'Looked at again'`.execute(store);
    await sql`update repairs set record = json_set(record, '$.notes', 'Held')`.execute(store);
    await sql`update jobs set notes = 'Half done'`.execute(store);
    await sql`update orders set notes = 'Rung through'`.execute(store);
    const rows = async () => [
      await store.selectFrom("machines").selectAll().execute(),
      await store.selectFrom("positions").selectAll().execute(),
      await store.selectFrom("identifications").selectAll().execute(),
      await store.selectFrom("repairs").selectAll().execute(),
      await store.selectFrom("jobs").selectAll().execute(),
      await store.selectFrom("orders").selectAll().execute(),
    ];
    const before = await rows();
    await seedDemo(store);
    expect(await rows()).toEqual(before);
    await store.destroy();
  });

  it("has photographs drawn for it, each a whole picture in a file, and drawn once", async () => {
    const file = inFolder("pictured.db");
    const store = await openStore(file);
    await seedDemo(store, openPictures(file));
    const rows = await store.selectFrom("remarks").selectAll().execute();
    const pictured = rows.filter(({ width }) => width !== null);
    expect(pictured.length).toBeGreaterThanOrEqual(10);
    const fileOf = (id: string) => path.join(`${file}.pictures`, `${id}.jpg`);
    for (const { id, width, height } of pictured) {
      expect(cleanJpeg(readFileSync(fileOf(id)))).toMatchObject({ width, height });
    }
    const written = pictured.map(({ id }) => statSync(fileOf(id)).mtimeMs);
    await seedDemo(store, openPictures(file));
    expect(pictured.map(({ id }) => statSync(fileOf(id)).mtimeMs)).toEqual(written);
    expect(await store.selectFrom("remarks").selectAll().execute()).toEqual(rows);
    await store.destroy();
  });
});
