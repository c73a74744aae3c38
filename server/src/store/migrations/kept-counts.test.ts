import { randomUUID } from "node:crypto";
import path from "node:path";
import { sql, type Kysely } from "kysely";
import { temporaryFolder } from "../../test-server";
import { closeStore, openStore } from "../database";
import { findMachine, listMachines } from "../machines";
import { olderDatabase } from "./test-older-database";

const AT = "2026-03-02T08:30:00.000Z";
const [MACHINE, BARE] = [randomUUID(), randomUUID()];

describe("a database whose places were counted at each reading", () => {
  const temporary = temporaryFolder();
  const file = path.join(temporary.folder, "before.db");
  afterAll(() => temporary.remove());

  const fill = async (db: Kysely<never>) => {
    for (const id of [MACHINE, BARE]) {
      await sql`insert into machines (id, name, origin, stands, notes, created_at, updated_at)
        values (${id}, 'Stitcher', '', '', '', ${AT}, ${AT})`.execute(db);
    }
    const place = async (state: string, parent: string | null, removed = 0, archived = 0) => {
      const id = randomUUID();
      await sql`
        insert into positions (id, machine_id, parent_id, name, rank, alike, state, notes, created_at,
          updated_at, removed, archived)
        values (${id}, ${MACHINE}, ${parent}, ${id}, 0, 1, ${state}, '', ${AT}, ${AT}, ${removed},
          ${archived})`.execute(db);
      return id;
    };
    // A part of the machine: it has places within, and nothing was found at it itself.
    const feed = await place("to-identify", null);
    await place("fitted", feed);
    await place("to-order", feed);
    await place("to-order", feed, 1);
    await place("to-order", feed, 0, 1);
    // Nothing is within it any more.
    const knife = await place("to-identify", null);
    await place("fitted", knife, 1);
    // What is within it is archived.
    const brake = await place("to-identify", null);
    await place("fitted", brake, 0, 1);
  };

  beforeAll(() => olderDatabase(file, "0013-one-save", fill));

  it("has them counted as before", async () => {
    const store = await openStore(file);
    expect((await findMachine(store, MACHINE))?.states).toEqual({
      "to-identify": 2,
      fitted: 1,
      "to-order": 1,
    });
    expect((await findMachine(store, BARE))?.states).toEqual({});
    const { items } = await listMachines(store, { sort: "name", state: "fitted" });
    expect(items.map(({ id }) => id)).toEqual([MACHINE]);
    await closeStore(store);
  });
});
