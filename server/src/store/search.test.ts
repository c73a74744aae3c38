import path from "node:path";
import { identificationInputSchema, positionInputSchema } from "@root-gauge/contract";
import { sql } from "kysely";
import { seedDemo } from "../demo/seed-demo";
import { machineNamed, temporaryFolder } from "../test-server";
import { openStore, type Store } from "./database";
import { saveIdentification } from "./identifications";
import { findMachine, saveMachine } from "./machines";
import { findPosition, savePosition } from "./positions";
import { indexQuery, searchRecords } from "./search";

const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const idOf = (i: number) => `0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b${String(i).padStart(2, "0")}`;
const AT = new Date("2026-03-02T08:30:00Z");

const temporary = temporaryFolder();
const file = path.join(temporary.folder, "search.db");
let store: Store;

beforeAll(async () => {
  store = await openStore(file);
  await seedDemo(store);
});

afterAll(async () => {
  await store.destroy();
  temporary.remove();
});

const found = async (text: string) =>
  (await searchRecords(store, text)).items.map(({ machine, place }) =>
    place === "" ? machine : `${machine}: ${place}`,
  );

describe("what is searched for", () => {
  it.each([
    ["kestrel", "Kestrel cylinder proofer"],
    ["proofing room", "Kestrel cylinder proofer"],
    ["1951", "Union lever guillotine"],
    ["flywheel", "Harrow treadle platen: Flywheel nut"],
    ["1/2 whit", "Harrow treadle platen: Frame bolt, lower left"],
    ["1/2 BSW", "Harrow treadle platen: Frame bolt, lower left"],
    ["10 mm", "Harrow treadle platen: Motor plate, rear right"],
    ["M10", "Harrow treadle platen: Motor plate, rear right"],
    ["2ba", "Harrow treadle platen: Roller hook, left"],
    ["7/16-14", "Union lever guillotine: Guard, upper right"],
    ["motor was added", "Harrow treadle platen: Motor plate, rear right"],
    ["flywh", "Harrow treadle platen: Flywheel nut"],
    // Noted of a place.
    ["left-hand drill", "Folding machine: Knife cover"],
  ])("%s finds %s", async (text, name) => {
    expect(await found(text)).toContain(name);
  });

  it("is all of it, not some of it", async () => {
    expect(await found("flywheel guillotine")).toEqual([]);
    expect(await found("7/8 whit")).toEqual([]);
  });

  it.each(['"', "***", '" OR text:', "NEAR(a b)", "^a", "a AND NOT b", "(((", "½″ Ø", "", "   "])(
    "takes %j as words, and breaks at nothing",
    async (text) => {
      await expect(searchRecords(store, text)).resolves.toMatchObject({
        items: expect.any(Array) as unknown,
      });
    },
  );

  it("asks for no more words than help", () => {
    const words = Array.from({ length: 500 }, (_, i) => `w${i}`).join(" ");
    expect((indexQuery(words) ?? "").split(" ").length).toBeLessThan(20);
    expect(indexQuery('  "" ')).toBeUndefined();
  });
});

describe("what changes", () => {
  const input = (name: string, change: object = {}) =>
    positionInputSchema.parse({ machineId: MACHINE, name, ...change });

  it("is found by what it is now, with what stands within it", async () => {
    await saveMachine(store, MACHINE, machineNamed("Ruling machine"), AT);
    await savePosition(store, idOf(1), input("Ink trough"), AT);
    await saveIdentification(
      store,
      idOf(2),
      identificationInputSchema.parse({
        machineId: MACHINE,
        position: "Ink trough / wick clamp",
        readings: [{ kind: "external-diameter", mm: 4.8 }],
        options: {},
        notes: "Brass thumbscrew.",
        takenAt: AT.toISOString(),
      }),
      AT,
    );
    expect(await found("trough")).toHaveLength(2);
    expect(await found("thumbscrew")).toEqual(["Ruling machine: Ink trough / wick clamp"]);
    const version = (await findPosition(store, idOf(1)))?.version ?? 0;
    await savePosition(store, idOf(1), input("Water trough"), AT, { saw: version });
    expect(await found("ink trough")).toEqual([]);
    expect(await found("water wick")).toEqual(["Ruling machine: Water trough / wick clamp"]);
    const saw = (await findMachine(store, MACHINE))?.version ?? 0;
    await saveMachine(store, MACHINE, { ...machineNamed("Ruling machine"), removed: true }, AT, {
      saw,
    });
    expect(await found("trough")).toEqual([]);
    // Another device works on it again.
    await savePosition(store, idOf(3), input("Pen rack"), AT);
    expect(await found("ruling")).toEqual(["Ruling machine"]);
    expect(await found("trough")).toHaveLength(2);
  });
});

describe("the index", () => {
  it("is filled anew where another make of the server filled it", async () => {
    const before = await found("flywheel");
    await sql`delete from search_text`.execute(store);
    await sql`pragma user_version = 0`.execute(store);
    expect(await found("flywheel")).toEqual([]);
    await store.destroy();
    store = await openStore(file);
    expect(await found("flywheel")).toEqual(before);
  });
});

describe("an index that was filled", () => {
  it("is left as it is by the next start", async () => {
    const own = path.join(temporary.folder, "filled.db");
    const first = await openStore(own);
    await saveMachine(first, MACHINE, machineNamed("Stitcher"), AT);
    // What stands in no record would be gone if it were filled anew.
    await sql`update search_text set text = 'a mark of its own'`.execute(first);
    await first.destroy();
    const again = await openStore(own);
    const { rows } = await sql<{ text: string }>`select text from search_text`.execute(again);
    expect(rows).toEqual([{ text: "a mark of its own" }]);
    await again.destroy();
  });
});
