import path from "node:path";
import { sql, type Kysely } from "kysely";
import { temporaryFolder } from "../../test-server";
import { changesOf } from "../history";
import { openStore, type Store } from "../database";
import { findIdentification, identificationsAt } from "../identifications";
import { findMachine, listMachines } from "../machines";
import { listRemoved } from "../removed";
import { findPosition, positionsOfMachine } from "../positions";
import { findRepair } from "../repairs";
import { seedDemo } from "../../demo/seed-demo";
import { olderDatabase } from "./test-older-database";

const JOB = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const GONE_JOB = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
const idOf = (i: number) => `0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b${String(i).padStart(2, "0")}`;
const AT = "2026-03-02T08:30:00.000Z";
const LATER = "2026-03-03T08:30:00.000Z";

const READINGS = JSON.stringify([{ kind: "external-diameter", mm: 12.52 }]);
const SETTLED = JSON.stringify({
  verdict: "settled",
  unknown: 0,
  candidates: [{ threadId: "unc-1/2-13", designation: "1/2-13 UNC", probability: 0.99 }],
});
const OPEN = JSON.stringify({ verdict: "open", unknown: 0.1, candidates: [] });
const GOES_IN = JSON.stringify({
  callout: "1/2-13 UNC x 2 hex cap screw grade 5",
  circumstances: { duty: "ordinary", environment: "indoor", metal: "steel" },
  acknowledgedAt: null,
});

const temporary = temporaryFolder();
const file = path.join(temporary.folder, "older.db");
let store: Store;

/** A database as the version before wrote it: jobs, with the places as words. */
async function writtenBefore(db: Kysely<never>): Promise<void> {
  await sql`insert into jobs (id, name, origin, created_at, updated_at, removed) values
    (${JOB}, 'Union lever guillotine', 'United States, 1951', ${AT}, ${LATER}, 0),
    (${GONE_JOB}, 'Nipping press', '', ${AT}, ${AT}, 1)`.execute(db);
  const finding = (
    i: number,
    job: string,
    place: string,
    { result = OPEN, at = AT, goesIn = null as string | null, removed = 0 },
  ) =>
    sql`
    insert into identifications (id, job_id, position, readings, options, notes, replacement, result,
      taken_at, created_at, updated_at, version, device, set_aside, removed)
    values (${idOf(i)}, ${job}, ${place}, ${READINGS}, '{}', ${`note ${i}`}, ${goesIn}, ${result},
      ${at}, ${AT}, ${AT}, 3, '', '["kept"]', ${removed})`.execute(db);
  await finding(1, JOB, "Clamp bar / left", { result: SETTLED, goesIn: GOES_IN });
  await finding(2, JOB, "clamp bar / right", {});
  await finding(3, JOB, "Clamp bar / left", { at: LATER });
  await finding(4, JOB, "", { result: SETTLED });
  await finding(5, JOB, "Guard", { result: SETTLED, removed: 1 });
  await finding(6, GONE_JOB, "Screw", { result: SETTLED });
  await sql`insert into repairs (id, job_id, position, record, taken_at, created_at, updated_at) values
    (${idOf(7)}, ${JOB}, 'Side cover', '{"of":"another make"}', ${AT}, ${AT}, ${AT})`.execute(db);
}

beforeAll(async () => {
  await olderDatabase(file, "0006-own-words", writtenBefore);
  store = await openStore(file);
});

afterAll(async () => {
  await store.destroy();
  temporary.remove();
});

it("that holds the demo is filled again without a place twice", async () => {
  const old = await openStore(path.join(temporary.folder, "demo.db"));
  await seedDemo(old);
  // As the migration leaves them: the same places under other ids.
  await sql`pragma foreign_keys = off`.execute(old);
  const other = (column: string) => {
    const id = sql.ref(column);
    return sql`case when ${id} like 'f%' then 'e' else 'f' end || substr(${id}, 2)`;
  };
  for (const table of ["identifications", "repairs", "remarks", "job_positions"]) {
    const id = other("position_id");
    await sql`update ${sql.table(table)} set position_id = ${id} where position_id is not null`.execute(
      old,
    );
  }
  await sql`
    update positions set id = ${other("id")},
      parent_id = case when parent_id is not null then ${other("parent_id")} end`.execute(old);
  const count = async () => (await old.selectFrom("positions").select("id").execute()).length;
  const before = await count();
  await seedDemo(old);
  expect(await count()).toBe(before);
  await old.destroy();
});

describe("a database of the version before", () => {
  it("has its jobs as machines, with the year that they named", async () => {
    expect((await listMachines(store)).items).toEqual([
      {
        id: JOB,
        name: "Union lever guillotine",
        origin: "United States, 1951",
        year: 1951,
        stands: "",
        updatedAt: LATER,
        version: 1,
        identifications: 4,
        states: { "to-identify": 3, identified: 1 },
        removed: false,
      },
    ]);
    expect(await findMachine(store, GONE_JOB)).toMatchObject({ removed: true, year: null });
    const { items } = await listRemoved(store);
    expect(items.filter(({ kind }) => kind === "machine")).toEqual([
      expect.objectContaining({ id: GONE_JOB, kind: "machine", at: AT }),
    ]);
  });

  it("has each place once, within what it is within, with what was found there", async () => {
    const { items } = await positionsOfMachine(store, JOB);
    const named = new Map(items.map((position) => [position.name, position]));
    expect([...named.keys()].sort()).toEqual(["Clamp bar", "Guard", "Side cover", "left", "right"]);
    const bar = named.get("Clamp bar");
    expect(named.get("left")).toMatchObject({
      parentId: bar?.id,
      state: "identified",
      holds: "1/2-13 UNC x 2 hex cap screw grade 5",
    });
    expect(named.get("right")).toMatchObject({ parentId: bar?.id, state: "to-identify" });
    // What was taken out of the lists keeps its place, which nothing is known of.
    expect(named.get("Guard")).toMatchObject({ parentId: null, state: "to-identify", holds: "" });
    const left = named.get("left")?.id ?? "";
    const { items: found } = await identificationsAt(store, { positionId: left });
    expect(found.map(({ id }) => id)).toEqual([idOf(3), idOf(1)]);
    expect(await findPosition(store, left)).toMatchObject({ path: "Clamp bar / left", alike: 1 });
    expect((await changesOf(store, left)).items).toEqual([]);
  });

  it("has lost nothing of what was found and mended", async () => {
    for (const i of [1, 2, 3, 4, 5, 6]) {
      expect(await findIdentification(store, idOf(i))).toMatchObject({
        notes: `note ${i}`,
        version: 3,
        readings: JSON.parse(READINGS) as unknown,
        unreadable: ["kept"],
      });
    }
    expect(await findIdentification(store, idOf(4))).toMatchObject({
      position: "",
      positionId: null,
    });
    expect(await findIdentification(store, idOf(6))).toMatchObject({ position: "Screw" });
    expect(await findRepair(store, idOf(7))).toMatchObject({
      machineId: JOB,
      position: "Side cover",
      unreadable: ['{"of":"another make"}'],
    });
  });
});
