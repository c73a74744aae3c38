import path from "node:path";
import type { IdentificationInput } from "@root-gauge/contract";
import { sql } from "kysely";
import { machineNamed, temporaryFolder } from "../test-server";
import { openStore, type Store } from "./database";
import { findIdentification, identificationsAt, saveIdentification } from "./identifications";
import { findMachine, listMachines, saveMachine } from "./machines";
import { PAGE_LENGTH } from "./page";

const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const PART = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";
const PHONE = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
const DESK = "7a1b2c3d-4e5f-4a6b-8c7d-9e0f1a2b3c4d";
const AT = new Date("2026-03-02T08:30:00Z");

const part = (notes: string, change: Partial<IdentificationInput> = {}): IdentificationInput => ({
  machineId: MACHINE,
  position: "Guard, upper right",
  readings: [{ kind: "external-diameter", mm: 11.02 }],
  options: {},
  notes,
  replacement: null,
  takenAt: AT.toISOString(),
  ...change,
});

const temporary = temporaryFolder();
let store: Store;

beforeEach(async () => {
  store = await openStore(path.join(temporary.folder, `${Math.random()}.db`));
  await saveMachine(store, MACHINE, machineNamed("Union lever guillotine"), AT, {
    device: PHONE,
    saw: 0,
  });
});

afterEach(() => store.destroy());
afterAll(() => temporary.remove());

const save = (notes: string, device: string, saw: number) =>
  saveIdentification(store, PART, part(notes), AT, { device, saw });

describe("two devices and one record", () => {
  it("refuses the older copy, and stores nothing of it", async () => {
    await save("from the phone", PHONE, 0);
    expect(await save("from the desk", DESK, 1)).toMatchObject({ kind: "saved" });
    expect(await saveIdentification(store, PART, part("old"), AT, { saw: 1 })).toEqual({
      kind: "conflict",
    });
    expect(await save("the phone again, not having looked", PHONE, 1)).toEqual({
      kind: "conflict",
    });
    expect((await findIdentification(store, PART))?.notes).toBe("from the desk");
  });

  it("lets a device that has looked take the place of the other's, and its own changes follow each other", async () => {
    await save("one", PHONE, 0);
    await save("two", DESK, 1);
    expect(await save("three", PHONE, 2)).toMatchObject({ record: { version: 3 } });
    // The answer to "three" may have been lost on the way: what follows it comes from the same device.
    expect(await save("four", PHONE, 2)).toMatchObject({ record: { version: 4 } });
  });

  it("takes the same thing said twice as said once, whoever says it", async () => {
    await save("one", PHONE, 0);
    expect(await save("one", DESK, 0)).toMatchObject({ kind: "saved", record: { version: 1 } });
  });

  it("takes what two devices changed of a machine where it is not the same, and refuses the later of the same", async () => {
    const [seen, desk, phone] = [
      (await findMachine(store, MACHINE))?.version ?? 0,
      "8a1b2c3d-4e5f-4a6b-8c7d-9e0f1a2b3c4e",
      "7a1b2c3d-4e5f-4a6b-8c7d-9e0f1a2b3c4e",
    ];
    const input = machineNamed("Union lever guillotine");
    const save = (change: object, device: string, touched: string) =>
      saveMachine(store, MACHINE, { ...input, ...change }, AT, { device, saw: seen, touched });
    await save({ stands: "Bindery" }, desk, "stands");
    expect(await save({ notes: "Oiled." }, phone, "notes")).toMatchObject({
      stands: "Bindery",
      notes: "Oiled.",
    });
    expect(await save({ stands: "Front shop" }, phone, "stands")).toBeUndefined();
    expect((await findMachine(store, MACHINE))?.stands).toBe("Bindery");
  });

  it("guards the name of a machine in the same way", async () => {
    const rename = (name: string, device: string, saw: number) =>
      saveMachine(store, MACHINE, machineNamed(name), AT, { device, saw });
    expect(await rename("Guillotine", DESK, 1)).toMatchObject({ version: 2 });
    expect(await rename("Lever guillotine", PHONE, 1)).toBeUndefined();
    expect((await findMachine(store, MACHINE))?.name).toBe("Guillotine");
  });
});

describe("a row of an older rule", () => {
  const OLD = { kind: "count", threads: 13, spanMm: 1 };

  beforeEach(async () => {
    await save("with an old reading", PHONE, 0);
    const readings = JSON.stringify([{ kind: "external-diameter", mm: 11.02 }, OLD]);
    await sql`update identifications set readings = ${readings}, options = '{"part":"sprocket"}',
      result = '{"verdict":"certain"}' where id = ${PART}`.execute(store);
  });

  it("is shown as far as it can be read, and marked, with the rest of its machine", async () => {
    await saveIdentification(store, DESK, part("another"), AT);
    const { items } = await identificationsAt(store, { machineId: MACHINE });
    expect(items).toHaveLength(2);
    const old = items.find(({ id }) => id === PART);
    expect(old).toMatchObject({
      readings: [{ kind: "external-diameter", mm: 11.02 }],
      unreadable: [JSON.stringify(OLD), '{"part":"sprocket"}'],
    });
    expect(old?.result.candidates.length).toBeGreaterThan(0);
  });

  it("keeps what could not be read when it is written again", async () => {
    await save("written up again", PHONE, 1);
    const again = await findIdentification(store, PART);
    expect(again?.unreadable).toContain(JSON.stringify(OLD));
    expect(again?.notes).toBe("written up again");
  });
});

describe("long lists", () => {
  it("come in pages that join up to the whole, nothing twice", async () => {
    const count = 2 * PAGE_LENGTH + 7;
    for (let at = 0; at < count; at += 1) {
      const id = `00000000-0000-4000-8000-${String(at).padStart(12, "0")}`;
      const takenAt = new Date(AT.getTime() + 60_000 * Math.floor(at / 3)).toISOString();
      await saveIdentification(store, id, part("", { takenAt }), AT);
    }
    const seen: string[] = [];
    for (let after: string | undefined; ;) {
      const { items, next } = await identificationsAt(store, { machineId: MACHINE }, after);
      expect(items.length).toBeLessThanOrEqual(PAGE_LENGTH);
      seen.push(...items.map(({ id }) => id));
      if (next === null) break;
      after = next;
    }
    expect([seen.length, new Set(seen).size]).toEqual([count, count]);
    expect((await listMachines(store)).items[0]?.identifications).toBe(count);
  });
});
