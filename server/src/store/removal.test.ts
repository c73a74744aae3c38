import path from "node:path";
import {
  positionInputSchema,
  remarkInputSchema,
  repairInputSchema,
  type IdentificationInput,
} from "@root-gauge/contract";
import { REPAIR_BEGUN, machineNamed, temporaryFolder } from "../test-server";
import { openStore, type Store } from "./database";
import { findIdentification, identificationsAt, saveIdentification } from "./identifications";
import { findMachine, listMachines, saveMachine } from "./machines";
import { saveWord } from "./own-words";
import { savePosition } from "./positions";
import { saveRemark } from "./remarks";
import { listRemoved } from "./removed";
import { saveRepair } from "./repairs";

const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const OTHER_MACHINE = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
const PART = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";
const NOW = new Date("2026-03-02T08:30:00Z");

const temporary = temporaryFolder();
let store: Store;

const part: IdentificationInput = {
  machineId: MACHINE,
  position: "Clamp bar",
  readings: [{ kind: "external-diameter", mm: 9.9, said: ["9.9 mm"] }],
  options: {},
  notes: "",
  replacement: null,
  takenAt: NOW.toISOString(),
};

const names = async (search?: string) =>
  (await listMachines(store, { sort: "changed", q: search })).items.map(({ name }) => name);
const partsOf = async (machineId: string) =>
  (await identificationsAt(store, { machineId: machineId })).items.map(({ id }) => id);

beforeAll(async () => {
  store = await openStore(path.join(temporary.folder, "removal.db"));
  await saveMachine(store, MACHINE, machineNamed("Impression roller", "Britain, 1953"), NOW);
  await saveMachine(store, OTHER_MACHINE, machineNamed("Folding machine 100%"), NOW);
});

afterAll(async () => {
  await store.destroy();
  temporary.remove();
});

describe("what is removed", () => {
  it("leaves the lists and its count, is kept as it was, and comes back when it is sent again", async () => {
    await saveIdentification(store, PART, part, NOW);
    expect((await findMachine(store, MACHINE))?.identifications).toBe(1);
    await saveIdentification(store, PART, { ...part, removed: true }, NOW, { saw: 1 });
    expect(await partsOf(MACHINE)).toEqual([]);
    expect((await findMachine(store, MACHINE))?.identifications).toBe(0);
    expect(await findIdentification(store, PART)).toMatchObject({
      removed: true,
      readings: part.readings,
    });
    await saveIdentification(store, PART, part, NOW, { saw: 2 });
    expect(await partsOf(MACHINE)).toEqual([PART]);
  });

  it("says when it was taken out, whatever is changed of it since, until it is back", async () => {
    const [taken, since] = [new Date("2026-03-03T09:00:00Z"), new Date("2026-03-05T09:00:00Z")];
    const id = "7d0c5b61-1f7a-4b52-8d0e-2f6a3c9b1e55";
    const machine = machineNamed("Stitcher");
    const removedAt = async () =>
      (await listRemoved(store)).items.map(({ name, at }) => [name, at]);
    await saveMachine(store, id, machine, NOW);
    expect(await removedAt()).toEqual([]);
    await saveMachine(store, id, { ...machine, removed: true }, taken, { saw: 1 });
    await saveMachine(store, id, { ...machine, notes: "Sold", removed: true }, since, { saw: 2 });
    expect(await removedAt()).toEqual([["Stitcher", taken.toISOString()]]);
    await saveMachine(store, id, machine, since, { saw: 3 });
    expect(await removedAt()).toEqual([]);
    await saveMachine(store, id, { ...machine, removed: true }, since, { saw: 4 });
    expect(await removedAt()).toEqual([["Stitcher", since.toISOString()]]);
  });

  it("is not removed over a change of another device", async () => {
    const removal = { ...part, removed: true };
    const result = await saveIdentification(store, PART, removal, NOW, { saw: 1 });
    expect(result.kind).toBe("conflict");
    expect(await partsOf(MACHINE)).toEqual([PART]);
  });

  it("is a machine with its parts, until one of them is worked on again", async () => {
    const machine = machineNamed("Impression roller", "Britain, 1953");
    await saveMachine(store, MACHINE, { ...machine, removed: true }, NOW, { saw: 1 });
    expect(await names()).toEqual(["Folding machine 100%"]);
    await saveIdentification(store, PART, { ...part, notes: "rusted" }, NOW, { saw: 3 });
    expect(await names()).toContain("Impression roller");
  });

  it("stands in the machine it was moved to, and there alone", async () => {
    const { version = 0 } = (await findIdentification(store, PART)) ?? {};
    await saveIdentification(store, PART, { ...part, machineId: OTHER_MACHINE }, NOW, {
      saw: version,
    });
    expect(await partsOf(MACHINE)).toEqual([]);
    expect(await partsOf(OTHER_MACHINE)).toEqual([PART]);
  });
});

describe("a search of the machines", () => {
  it("finds a few letters of the name or the origin, in either case", async () => {
    expect(await names("ROLL")).toEqual(["Impression roller"]);
    expect(await names("1953")).toEqual(["Impression roller"]);
    expect(await names("nothing like it")).toEqual([]);
  });

  it("takes every sign for itself", async () => {
    expect(await names("100%")).toEqual(["Folding machine 100%"]);
    expect(await names("1__")).toEqual([]);
  });
});

describe("the list of what was taken out", () => {
  it("has whatever it was, with where it stood", async () => {
    const machine = "8d0c5b61-1f7a-4b52-8d0e-2f6a3c9b1e56";
    const idOf = (i: number) => `9d0c5b61-1f7a-4b52-8d0e-2f6a3c9b1e5${i}`;
    await saveMachine(store, machine, machineNamed("Stitcher"), NOW);
    const takenAt = NOW.toISOString();
    const gone = { removed: true };
    const found = { ...part, machineId: machine, position: "Feed side / bar" };
    await saveIdentification(store, idOf(1), { ...found, ...gone }, NOW);
    const repair = { machineId: machine, position: "Bar", record: REPAIR_BEGUN, takenAt, ...gone };
    await saveRepair(store, idOf(2), repairInputSchema.parse(repair), NOW);
    const place = idOf(3);
    const input = positionInputSchema.parse({ machineId: machine, name: "Foot" });
    await savePosition(store, place, input, NOW);
    const note = remarkInputSchema.parse({ positionId: place, text: "Cracked.", takenAt, ...gone });
    await saveRemark(store, idOf(4), note, undefined, NOW);
    await saveWord(store, idOf(5), { word: "wibble", means: { kind: "nothing" }, ...gone }, NOW);
    const { items } = await listRemoved(store);
    const listed = items.map(({ kind, name, machine: where }) => [kind, name, where]);
    expect(listed).toEqual(
      expect.arrayContaining([
        ["identification", expect.any(String), "Stitcher, Feed side / bar"],
        ["repair", expect.any(String), "Stitcher, Bar"],
        ["remark", "Cracked.", "Stitcher, Foot"],
        ["word", "wibble", ""],
      ]),
    );
    expect(listed.find(([kind]) => kind === "repair")?.[1]).not.toContain("{");
  });
});
