import { randomUUID } from "node:crypto";
import { copyFileSync } from "node:fs";
import path from "node:path";
import { temporaryFolder } from "../test-server";
import { closeStore, openStore } from "./database";
import { listWords, pageOfWords, saveWord } from "./own-words";

const ID = "5f0c7a52-4f6e-5d0a-9c3e-0a8f7b1d2c30";
const DEVICE = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";
const OTHER = "2c1d0f9e-8b7a-4c6d-9e5f-4a3b2c1d0e9f";
const NOW = new Date("2026-03-02T08:30:00Z");
const BUTTON = { word: "wibble", means: { kind: "head", head: "button" } } as const;

const temporary = temporaryFolder();
afterAll(() => temporary.remove());

describe("the shop's own words", () => {
  it("are taught, changed and forgotten, and travel with a copy of the records", async () => {
    const file = path.join(temporary.folder, "words.db");
    const store = await openStore(file);
    await saveWord(store, ID, BUTTON, NOW, { saw: 0, device: DEVICE });
    expect(await saveWord(store, ID, BUTTON, NOW, { saw: 0, device: DEVICE })).toMatchObject({
      version: 1,
    });
    await saveWord(store, ID, { word: "wibble", means: { kind: "nothing" } }, NOW, { saw: 1 });
    expect(await listWords(store)).toMatchObject([{ word: "wibble", means: { kind: "nothing" } }]);
    await closeStore(store);

    const copy = path.join(temporary.folder, "copy.db");
    copyFileSync(file, copy);
    const elsewhere = await openStore(copy);
    expect((await listWords(elsewhere)).map(({ word }) => word)).toEqual(["wibble"]);
    await saveWord(elsewhere, ID, { ...BUTTON, removed: true }, NOW, { saw: 2 });
    expect(await listWords(elsewhere)).toEqual([]);
    await closeStore(elsewhere);
  });

  it("are listed by their letters, a page at a time, each once", async () => {
    const store = await openStore(path.join(temporary.folder, "many.db"));
    const names = Array.from(
      { length: 130 },
      (_, at) => `wibble | ${String(at).padStart(3, "0")} %`,
    );
    for (const word of names) {
      await saveWord(store, randomUUID(), { word, means: { kind: "nothing" } }, NOW);
    }
    const first = await pageOfWords(store);
    expect(first.items).toHaveLength(100);
    const second = await pageOfWords(store, first.next ?? undefined);
    expect(second.next).toBeNull();
    expect([...first.items, ...second.items].map(({ word }) => word)).toEqual(names);
    await closeStore(store);
  });

  it("are taught again by a device that has not seen them go", async () => {
    const store = await openStore(path.join(temporary.folder, "again.db"));
    await saveWord(store, ID, BUTTON, NOW, { saw: 0, device: DEVICE });
    await saveWord(store, ID, { ...BUTTON, removed: true }, NOW, { saw: 1, device: DEVICE });
    const late = { word: "wibble", means: { kind: "finish", finish: "zinc" } } as const;
    expect(await saveWord(store, ID, late, NOW, { saw: 0, device: OTHER })).toMatchObject({
      version: 3,
      removed: false,
    });
    expect(await listWords(store)).toMatchObject([{ means: late.means }]);
    await closeStore(store);
  });

  it("are not changed over what another device has taught since", async () => {
    const store = await openStore(path.join(temporary.folder, "two.db"));
    await saveWord(store, ID, BUTTON, NOW, { saw: 0, device: DEVICE });
    const late = { word: "wibble", means: { kind: "finish", finish: "zinc" } } as const;
    expect(await saveWord(store, ID, late, NOW, { saw: 0, device: OTHER })).toBeUndefined();
    expect(await listWords(store)).toMatchObject([{ means: BUTTON.means }]);
    await closeStore(store);
  });
});
