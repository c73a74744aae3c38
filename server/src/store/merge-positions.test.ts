import path from "node:path";
import {
  identificationInputSchema,
  jobInputSchema,
  orderInputSchema,
  positionInputSchema,
  remarkInputSchema,
  type Write,
} from "@root-gauge/contract";
import { machineNamed, temporaryFolder } from "../test-server";
import { openStore, type Store } from "./database";
import { changesOf } from "./history";
import { identificationsAt, saveIdentification } from "./identifications";
import { findJob, saveJob } from "./jobs";
import { saveMachine } from "./machines";
import { mergePositions } from "./merge-positions";
import { findOrder, placesOfOrder, saveOrder } from "./orders";
import { findPosition, positionsOfMachine, savePosition } from "./positions";
import { remarksAt, saveRemark } from "./remarks";
import { searchRecords } from "./search";

const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const OTHER = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
const idOf = (i: number) => `0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b${String(i).padStart(2, "0")}`;
const [FROM, INTO, INNER] = [idOf(1), idOf(2), idOf(3)];
const AT = new Date("2026-03-02T08:30:00Z");
const NOTED = { takenAt: AT.toISOString() };
const SPEC = {
  callout: "M10 x 40 hex bolt 8.8",
  circumstances: { duty: "ordinary", environment: "indoor", metal: "steel" },
  acknowledgedAt: null,
};

const temporary = temporaryFolder();
let store: Store;

const save = (id: string, name: string, change: object = {}) =>
  savePosition(store, id, positionInputSchema.parse({ machineId: MACHINE, name, ...change }), AT);

const versionOf = async (id: string) => (await findPosition(store, id))?.version ?? 0;

/** Makes the one place the other, as both stand now. */
const merge = async (write: Partial<Write> = {}) =>
  mergePositions(
    store,
    FROM,
    INTO,
    AT,
    { saw: await versionOf(FROM), ...write },
    await versionOf(INTO),
  );

beforeEach(async () => {
  store = await openStore(path.join(temporary.folder, `${Math.random()}.db`));
  await saveMachine(store, MACHINE, machineNamed("Kestrel cylinder proofer"), AT);
  await saveMachine(store, OTHER, machineNamed("Folding machine"), AT);
  await save(FROM, "Side cover", { spec: SPEC, notes: "From the one." });
  await save(INTO, "Cover, side", { notes: "From the other." });
  await save(INNER, "Left", { parentId: FROM });
});

afterEach(() => store.destroy());
afterAll(() => temporary.remove());

describe("two positions that are made one", () => {
  it("have what was found, noted and stands within both, and what goes in", async () => {
    const finding = identificationInputSchema.parse({
      machineId: MACHINE,
      positionId: FROM,
      position: "Side cover",
      readings: [{ kind: "external-diameter", mm: 9.85 }],
      options: {},
      notes: "",
      ...NOTED,
    });
    await saveIdentification(store, idOf(10), finding, AT);
    const remark = remarkInputSchema.parse({ positionId: FROM, text: "Sound.", ...NOTED });
    await saveRemark(store, idOf(11), remark, undefined, AT);
    const merged = await merge({ who: "Fitter 1" });
    expect(merged).toMatchObject({
      kind: "merged",
      record: {
        id: INTO,
        spec: { callout: SPEC.callout },
        notes: "From the other.\nFrom the one.",
      },
    });
    expect((await identificationsAt(store, { positionId: INTO })).items).toHaveLength(1);
    expect((await remarksAt(store, INTO)).items).toMatchObject([{ text: "Sound." }]);
    expect((await findPosition(store, INNER))?.path).toBe("Cover, side / Left");
    const { items } = await positionsOfMachine(store, MACHINE);
    expect(items.map(({ id }) => id)).toEqual([INTO, INNER]);
    expect((await changesOf(store, INTO)).items[0]).toMatchObject({
      field: "merged",
      became: "Side cover: to-identify, 1 alike",
      who: "Fitter 1",
    });
    const { items: hits } = await searchRecords(store, "sound");
    expect(hits.map(({ id }) => id)).not.toContain(FROM);
  });

  it("stand once in jobs and on orders", async () => {
    const job = jobInputSchema.parse({
      name: "Service",
      opened: "2026-03-02",
      positions: [FROM, INTO],
    });
    await saveJob(store, idOf(20), job, AT);
    const order = orderInputSchema.parse({
      name: "Order",
      rule: { sparesPercent: 0, sparesAtLeast: 0, pack: 1 },
      lines: [{ id: idOf(30), callout: "M8 nut", needed: 1, positions: [FROM] }],
    });
    await saveOrder(store, idOf(21), order, AT);
    await merge();
    expect((await findJob(store, idOf(20)))?.positions).toEqual([INTO]);
    const kept = await findOrder(store, idOf(21));
    expect(kept && (await placesOfOrder(store, kept)).map(({ id }) => id)).toEqual([INTO]);
  });

  it("are one once, whose answer was lost and who asks again", async () => {
    const [from, into] = [await versionOf(FROM), await versionOf(INTO)];
    const ask = () => mergePositions(store, FROM, INTO, AT, { saw: from }, into);
    expect((await ask()).kind).toBe("merged");
    const after = await versionOf(INTO);
    expect(await ask()).toMatchObject({ kind: "merged", record: { id: INTO, version: after } });
  });

  it("are not one with itself, with what stands within it, nor with another machine's", async () => {
    const elsewhere = idOf(4);
    await save(elsewhere, "Elsewhere", { machineId: OTHER });
    for (const into of [FROM, INNER, elsewhere]) {
      expect(await mergePositions(store, FROM, into, AT)).toEqual({ kind: "in-itself" });
    }
    expect(await mergePositions(store, FROM, idOf(9), AT)).toEqual({ kind: "no-position" });
    expect((await positionsOfMachine(store, MACHINE)).items).toHaveLength(3);
  });
});

describe("a position that is archived", () => {
  it("takes what stands within it along, and brings it back", async () => {
    const archivedOnes = async () =>
      (await positionsOfMachine(store, MACHINE)).items
        .filter(({ archived }) => archived)
        .map(({ id }) => id);
    await save(FROM, "Side cover", { archived: true });
    expect(await archivedOnes()).toEqual([]);
    const write = { saw: 1, touched: "archived" };
    const input = positionInputSchema.parse({
      machineId: MACHINE,
      name: "Side cover",
      archived: true,
    });
    await savePosition(store, FROM, input, AT, write);
    expect(await archivedOnes()).toEqual([FROM, INNER]);
    await savePosition(store, FROM, { ...input, archived: false }, AT, { ...write, saw: 2 });
    expect(await archivedOnes()).toEqual([]);
  });
});
