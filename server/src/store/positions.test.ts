import path from "node:path";
import {
  identificationInputSchema,
  positionInputSchema,
  type Position,
  type PositionInput,
  type Write,
} from "@root-gauge/contract";
import { machineNamed, temporaryFolder } from "../test-server";
import { openStore, type Store } from "./database";
import { changesOf } from "./history";
import { findIdentification, identificationsAt, saveIdentification } from "./identifications";
import { findMachine, saveMachine } from "./machines";
import { findPosition, positionsOfMachine, positionsToOrder, savePosition } from "./positions";

const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const OTHER = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
const PHONE = "7a1b2c3d-4e5f-4a6b-8c7d-9e0f1a2b3c4d";
const DESK = "8a1b2c3d-4e5f-4a6b-8c7d-9e0f1a2b3c4d";
const idOf = (i: number) => `0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b${String(i).padStart(2, "0")}`;
const AT = new Date("2026-03-02T08:30:00Z");

const temporary = temporaryFolder();
let store: Store;

beforeEach(async () => {
  store = await openStore(path.join(temporary.folder, `${Math.random()}.db`));
  await saveMachine(store, MACHINE, machineNamed("Kestrel cylinder proofer"), AT);
  await saveMachine(store, OTHER, machineNamed("Folding machine"), AT);
});

afterEach(() => store.destroy());
afterAll(() => temporary.remove());

const inputOf = (name: string, change: Partial<PositionInput> = {}) =>
  positionInputSchema.parse({ machineId: MACHINE, name, ...change });

const save = (i: number, name: string, change: Partial<PositionInput> = {}, write?: Write) =>
  savePosition(store, idOf(i), inputOf(name, change), AT, write);

async function saved(...given: Parameters<typeof save>): Promise<Position> {
  const result = await save(...given);
  if (result.kind !== "saved") throw new Error(result.kind);
  return result.record;
}

const finding = (position: string, change: object = {}) =>
  identificationInputSchema.parse({
    machineId: MACHINE,
    position,
    readings: [
      { kind: "external-diameter", mm: 9.85 },
      { kind: "leaf", pitchMm: 1.5, outcome: "drops-in" },
      { kind: "crest-to-crest", pitches: 10, mm: 15 },
    ],
    options: {},
    notes: "",
    takenAt: AT.toISOString(),
    ...change,
  });

async function found(i: number, position: string, change: object = {}) {
  const result = await saveIdentification(store, idOf(i), finding(position, change), AT);
  if (result.kind !== "saved") throw new Error(result.kind);
  return result.record;
}

const GOES_IN = {
  callout: "M10 x 40 hex bolt 8.8",
  circumstances: { duty: "ordinary", environment: "indoor", metal: "steel" },
  acknowledgedAt: null,
} as const;

describe("what is found", () => {
  it("lands at the place that was named, made where there is none, each name once", async () => {
    const one = await found(1, "Feed side / Gripper bar / left");
    const two = await found(2, "feed  side / gripper bar / right");
    expect(two.position).toBe("Feed side / Gripper bar / right");
    const { items } = await positionsOfMachine(store, MACHINE);
    expect(items.map(({ name }) => name).sort()).toEqual([
      "Feed side",
      "Gripper bar",
      "left",
      "right",
    ]);
    expect(await found(3, "", { positionId: one.positionId })).toMatchObject({
      position: "Feed side / Gripper bar / left",
    });
  });

  it("says what the position holds and what goes in, and its history says so too", async () => {
    const { positionId } = await found(1, "Side cover");
    const id = positionId ?? "";
    expect(await findPosition(store, id)).toMatchObject({ state: "identified", spec: null });
    expect((await positionsOfMachine(store, MACHINE)).items[0]?.holds).toBe("M10 x 1.5");
    await found(2, "Side cover", { replacement: GOES_IN });
    expect(await findPosition(store, id)).toMatchObject({ spec: GOES_IN, version: 3 });
    expect((await positionsOfMachine(store, MACHINE)).items[0]?.holds).toBe(GOES_IN.callout);
    const { items } = await changesOf(store, id);
    expect(items.map(({ field, was, became }) => [field, was, became])).toEqual([
      ["spec", "", GOES_IN.callout],
      ["found", "", `M10 x 1.5, settled; ${GOES_IN.callout}`],
      ["state", "to-identify", "identified"],
      ["found", "", "M10 x 1.5, settled"],
      ["made", "", "Side cover"],
    ]);
  });

  it("follows its position when that is renamed, moved, and goes to another machine", async () => {
    const { id, positionId } = await found(1, "Gripper bar / left");
    const bar = (await positionsOfMachine(store, MACHINE)).items.find(
      ({ name }) => name === "Gripper bar",
    );
    const write = { saw: 1 };
    const moved = inputOf("Gripper shaft", { machineId: OTHER });
    expect((await savePosition(store, bar?.id ?? "", moved, AT, write)).kind).toBe("saved");
    expect(await findIdentification(store, id)).toMatchObject({
      machineId: OTHER,
      position: "Gripper shaft / left",
      positionId,
    });
    expect((await positionsOfMachine(store, MACHINE)).items).toEqual([]);
    expect((await findMachine(store, OTHER))?.states).toEqual({ identified: 1 });
    expect((await changesOf(store, bar?.id ?? "")).items).toContainEqual(
      expect.objectContaining({
        field: "machine",
        was: "Kestrel cylinder proofer",
        became: "Folding machine",
      }),
    );
  });

  it("brings back a position that was taken out, with what it stands within", async () => {
    const bar = await saved(11, "Gripper bar");
    const left = await saved(12, "left", { parentId: bar.id });
    await save(11, "Gripper bar", { removed: true }, { saw: 1 });
    await save(12, "left", { parentId: bar.id, removed: true }, { saw: 1 });
    expect((await positionsOfMachine(store, MACHINE)).items).toEqual([]);
    await found(1, "Gripper bar / left");
    const { items } = await positionsOfMachine(store, MACHINE);
    expect(items.map(({ id }) => id).sort()).toEqual([bar.id, left.id].sort());
  });
});

describe("a position", () => {
  it("is kept as it was sent, once however often it is sent", async () => {
    const sent = { alike: 4, notes: "Cast iron.", state: "watch", spec: GOES_IN } as const;
    const made = await saved(1, "Side cover", sent);
    expect(await saved(1, "Side cover", sent)).toEqual(made);
    expect(made).toMatchObject({ ...sent, version: 1, path: "Side cover", removed: false });
  });

  it("is refused within itself, within a stranger's, and on a machine that is not there", async () => {
    const bar = await saved(1, "Bar");
    const left = await saved(2, "left", { parentId: bar.id });
    const write = { saw: 1 };
    expect(await save(1, "Bar", { parentId: left.id }, write)).toEqual({ kind: "in-itself" });
    expect(await save(1, "Bar", { parentId: bar.id }, write)).toEqual({ kind: "in-itself" });
    expect(await save(3, "x", { machineId: OTHER, parentId: bar.id })).toEqual({
      kind: "in-itself",
    });
    expect(await save(3, "x", { machineId: idOf(77) })).toEqual({ kind: "no-machine" });
    expect(await findPosition(store, bar.id)).toEqual(bar);
    expect(await findPosition(store, idOf(3))).toBeUndefined();
  });

  it("says who changed what, from what to what", async () => {
    await save(1, "Bar", {}, { device: PHONE, saw: 0, who: "Ash" });
    await save(1, "Clamp bar", { state: "to-order" }, { device: DESK, saw: 1, who: "Rowan" });
    const { items, next } = await changesOf(store, idOf(1));
    expect(next).toBeNull();
    expect(items.map(({ who, field, was, became }) => [who, field, was, became]).sort()).toEqual([
      ["Ash", "made", "", "Bar"],
      ["Rowan", "name", "Bar", "Clamp bar"],
      ["Rowan", "state", "to-identify", "to-order"],
    ]);
  });
});

describe("a position that others stand within", () => {
  const listed = async () =>
    (await positionsOfMachine(store, MACHINE)).items.map(({ name }) => name).sort();

  beforeEach(async () => {
    await save(1, "Feed side");
    await save(2, "Bar", { parentId: idOf(1) });
    await save(3, "left", { parentId: idOf(2) });
    await save(4, "right", { parentId: idOf(2) });
    await save(4, "right", { parentId: idOf(2), removed: true }, { saw: 1 });
  });

  it("leaves the lists with them, and comes back with them, but not with what was taken out before", async () => {
    await save(1, "Feed side", { removed: true }, { saw: 1 });
    expect(await listed()).toEqual([]);
    expect((await findMachine(store, MACHINE))?.states).toEqual({});
    expect(await findPosition(store, idOf(3))).toMatchObject({ removed: true, version: 2 });
    await save(1, "Feed side", {}, { saw: 2 });
    expect(await listed()).toEqual(["Bar", "Feed side", "left"]);
    expect(await findPosition(store, idOf(4))).toMatchObject({ removed: true });
  });

  it("comes back when one within it is worked at again", async () => {
    await save(1, "Feed side", { removed: true }, { saw: 1 });
    await found(9, "", { positionId: idOf(3) });
    expect(await listed()).toEqual(["Bar", "Feed side", "left"]);
    await save(1, "Feed side", { removed: true }, { saw: 3 });
    const saw = (await findPosition(store, idOf(2)))?.version ?? 0;
    await save(2, "Bar, bent", { parentId: idOf(1) }, { saw });
    expect(await listed()).toEqual(["Bar, bent", "Feed side", "left"]);
  });
});

describe("a place that stands deep", () => {
  it("is named with all that it stands within", async () => {
    const deep = 140;
    const at = (i: number) => `1c2d3e4f-7c51-4a3d-8f52-6d1f0e9a7${String(i).padStart(3, "0")}`;
    for (let i = 0; i < deep; i += 1) {
      const parentId = i === 0 ? null : at(i - 1);
      await savePosition(store, at(i), inputOf(`${i}`, { parentId }), AT);
    }
    const path = (await findPosition(store, at(deep - 1)))?.path.split(" / ");
    expect(path).toEqual(Array.from({ length: deep }, (_, i) => `${i}`));
  });
});

describe("two devices and one position", () => {
  beforeEach(async () => {
    await save(1, "Bar", {}, { device: PHONE, saw: 0 });
    await save(1, "Bar", { state: "to-order" }, { device: DESK, saw: 1, touched: "state" });
  });

  it("both have their way where each changed another field", async () => {
    const write = { device: PHONE, saw: 1, touched: "name,notes" };
    expect(await save(1, "Clamp bar", { notes: "Bent." }, write)).toMatchObject({
      kind: "saved",
      record: { name: "Clamp bar", notes: "Bent.", state: "to-order", version: 3 },
    });
  });

  it("are told where both changed the same, or where one does not say what it changed", async () => {
    for (const touched of ["name,state", undefined]) {
      const write = { device: PHONE, saw: 1, ...(touched === undefined ? {} : { touched }) };
      expect(await save(1, "Bar", { state: "fitted" }, write)).toEqual({ kind: "conflict" });
    }
    expect(await findPosition(store, idOf(1))).toMatchObject({ state: "to-order", version: 2 });
  });

  it("keep what the other did also when one of them wrote last, and writes again from what it saw first", async () => {
    await save(1, "Clamp bar", {}, { device: PHONE, saw: 1, touched: "name" });
    // Its own save is the newest, yet it never saw the state that the desk wrote.
    const write = { device: PHONE, saw: 1, touched: "name,notes" };
    expect(await save(1, "Clamp bar", { notes: "Bent." }, write)).toMatchObject({
      record: { state: "to-order", notes: "Bent.", name: "Clamp bar" },
    });
  });

  it("have their way over what a finding said in between", async () => {
    await found(5, "", { positionId: idOf(1), replacement: GOES_IN });
    const write = { device: DESK, saw: 2, touched: "alike" };
    expect(await save(1, "Bar", { state: "to-order", alike: 6 }, write)).toMatchObject({
      record: { alike: 6, spec: GOES_IN },
    });
  });
});

describe("what is to be ordered", () => {
  it("is what stands so on machines that are in the lists, all of them or one", async () => {
    const wanted = { state: "to-order", spec: GOES_IN } as const;
    const bar = await saved(1, "Bar");
    await save(2, "left", { parentId: bar.id, alike: 3, ...wanted });
    await save(3, "Plate", { machineId: OTHER, ...wanted });
    await save(4, "Gone", { removed: true, ...wanted });
    await save(5, "Fitted", { state: "fitted", spec: GOES_IN });
    const names = async (machine?: string) =>
      (await positionsToOrder(store, { machine })).items.map(
        (one) => `${one.machine}: ${one.path}`,
      );
    expect((await names()).sort()).toEqual([
      "Folding machine: Plate",
      "Kestrel cylinder proofer: Bar / left",
    ]);
    expect(await names(OTHER)).toEqual(["Folding machine: Plate"]);
    const saw = (await findMachine(store, OTHER))?.version ?? 0;
    const removed = { ...machineNamed("Folding machine"), removed: true };
    await saveMachine(store, OTHER, removed, AT, { saw });
    expect(await names(OTHER)).toEqual([]);
  });
});

describe("a machine of 3,000 positions", () => {
  it("lists them all, page by page, each once", async () => {
    const rows = Array.from({ length: 3000 }, (_, i) => ({
      id: `${String(i).padStart(8, "0")}-7c51-4a3d-8f52-6d1f0e9a7b44`,
      machine_id: OTHER,
      parent_id: null,
      name: `Screw ${i}`,
      rank: i,
      alike: 1,
      state: "to-identify" as const,
      spec: null,
      notes: "",
      archived: 0,
      created_at: AT.toISOString(),
      updated_at: AT.toISOString(),
    }));
    for (let i = 0; i < rows.length; i += 500) {
      await store
        .insertInto("positions")
        .values(rows.slice(i, i + 500))
        .execute();
    }
    const ids: string[] = [];
    let after: string | undefined;
    do {
      const { items, next } = await positionsOfMachine(store, OTHER, after);
      ids.push(...items.map(({ id }) => id));
      after = next ?? undefined;
    } while (after !== undefined);
    expect(ids).toEqual(rows.map(({ id }) => id));
    expect((await identificationsAt(store, { machineId: OTHER })).items).toEqual([]);
  });

  it("says what was found there, what of it was changed, and that it was taken away to another place", async () => {
    const { id } = await saved(1, "Side cover");
    const { id: other } = await saved(2, "Other cover");
    const at = (positionId: string, change: object = {}) => finding("", { positionId, ...change });
    await saveIdentification(store, idOf(30), at(id), AT);
    const readings = [{ kind: "external-diameter", mm: 9.85 }];
    await saveIdentification(store, idOf(30), at(id, { readings }), AT, { saw: 1 });
    await saveIdentification(store, idOf(30), at(other, { readings }), AT, { saw: 2 });
    const foundAt = async (position: string) =>
      (await changesOf(store, position)).items
        .filter(({ field }) => field === "found")
        .map(({ was, became }) => [was, became]);
    const [settled, open] = [
      "M10 x 1.5, settled",
      expect.stringMatching(/open|narrowed/) as string,
    ];
    expect(await foundAt(id)).toEqual([
      [open, ""],
      [settled, open],
      ["", settled],
    ]);
    expect(await foundAt(other)).toEqual([["", open]]);
  });
});
