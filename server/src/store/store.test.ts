import path from "node:path";
import type { IdentificationInput, Write } from "@root-gauge/contract";
import { sql } from "kysely";
import { StartupError } from "../config";
import { machineNamed, temporaryFolder } from "../test-server";
import { openStore, type Store } from "./database";
import { findIdentification, saveIdentification } from "./identifications";
import { listMachines, saveMachine } from "./machines";

const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const OTHER_MACHINE = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
const PART = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";
const MORNING = new Date("2026-03-02T08:30:00Z");
const NOON = new Date("2026-03-02T12:00:00Z");

const temporary = temporaryFolder();
const file = path.join(temporary.folder, "store.db");
let store: Store;

beforeAll(async () => {
  store = await openStore(file);
});

afterAll(async () => {
  await store.destroy();
  temporary.remove();
});

const input = (machineId: string, mm: number): IdentificationInput => ({
  machineId,
  position: "Clamp bar",
  readings: [{ kind: "external-diameter", mm } as const],
  options: {},
  notes: "",
  replacement: null,
  takenAt: MORNING.toISOString(),
});

async function saved(content: IdentificationInput, at: Date, write?: Write) {
  const result = await saveIdentification(store, PART, content, at, write);
  if (result.kind !== "saved") throw new Error(result.kind);
  return result.record;
}

async function pragma(name: string): Promise<unknown> {
  const { rows } = await sql<Record<string, unknown>>`pragma ${sql.raw(name)}`.execute(store);
  return Object.values(rows[0] ?? {})[0];
}

describe("the store", () => {
  it("keeps a write-ahead log, syncs in full and holds to foreign keys", async () => {
    expect(await pragma("journal_mode")).toBe("wal");
    expect(await pragma("synchronous")).toBe(2);
    expect(await pragma("foreign_keys")).toBe(1);
  });

  it("stores nothing for a machine that is not there, and the database itself would refuse it", async () => {
    expect(await saveIdentification(store, PART, input(MACHINE, 9.9), MORNING)).toEqual({
      kind: "no-machine",
    });
    expect(await findIdentification(store, PART)).toBeUndefined();
    const orphan = sql`
      insert into identifications (id, machine_id, position, readings, options, notes, result,
        taken_at, created_at, updated_at)
      values (${PART}, ${MACHINE}, '', '[]', '{}', '', '{}', '', '', '')`;
    await expect(orphan.execute(store)).rejects.toThrow(/FOREIGN KEY/);
  });

  it("keeps when a record was made, and says when it was changed", async () => {
    await saveMachine(store, MACHINE, machineNamed("Harrow"), MORNING);
    const made = await saved(input(MACHINE, 9.9), MORNING);
    const changed = await saved(input(MACHINE, 12.52), NOON, { saw: 1 });
    expect(changed).toMatchObject({
      createdAt: made.createdAt,
      updatedAt: NOON.toISOString(),
      version: 2,
      result: {
        candidates: expect.arrayContaining([expect.objectContaining({ threadId: "unc-1/2-13" })]),
      },
    });
    expect(await findIdentification(store, PART)).toEqual(changed);
  });

  it("lists the machine touched last first, and moves a part to another machine with its count", async () => {
    await saveMachine(store, OTHER_MACHINE, machineNamed("Kestrel"), MORNING);
    expect((await listMachines(store)).items.map(({ name }) => name)).toEqual([
      "Harrow",
      "Kestrel",
    ]);
    await saved(input(OTHER_MACHINE, 9.9), new Date("2026-03-03T08:00:00Z"), { saw: 2 });
    expect(
      (await listMachines(store)).items.map(({ name, identifications }) => [name, identifications]),
    ).toEqual([
      ["Kestrel", 1],
      ["Harrow", 0],
    ]);
  });

  it("renames a machine without making a second", async () => {
    await saveMachine(
      store,
      MACHINE,
      machineNamed("Harrow treadle platen", "Britain, 1926"),
      NOON,
      {
        saw: 1,
      },
    );
    const names = (await listMachines(store)).items.map(({ name }) => name);
    expect(names).toContain("Harrow treadle platen");
    expect(names).toHaveLength(2);
  });

  it("takes words as words, whatever they hold", async () => {
    const name = `Harrow'); drop table machines;-- "“½″ Ø`;
    const machine = await saveMachine(store, MACHINE, machineNamed(name), NOON, { saw: 2 });
    expect(machine?.name).toBe(name);
    expect((await listMachines(store)).items).toHaveLength(2);
  });

  it("does not open a database of a newer version", async () => {
    const newer = path.join(temporary.folder, "newer.db");
    const made = await openStore(newer);
    await sql`insert into kysely_migration values ('9999-from-the-future', '2030-01-01')`.execute(
      made,
    );
    await made.destroy();
    await expect(openStore(newer)).rejects.toThrow(StartupError);
    await expect(openStore(newer)).rejects.toThrow(/newer\.db cannot be used/);
  });
});
