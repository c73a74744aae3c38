import { z } from "zod";
import { createPersistentStore } from "./persistent-store";
import { allPutAside, putAsideTyped } from "./put-aside";
import { createHoldingStorage, memoryStorage, type TextStorage } from "./text-storage";

const schema = z.object({ units: z.enum(["mm", "in"]) });
const initial = () => ({ units: "mm" as const });

describe("a kept value", () => {
  it("is there again, and tells its readers", () => {
    const storage = memoryStorage();
    const store = createPersistentStore({ key: "k", schema, initial, storage });
    const heard: string[] = [];
    store.subscribe(() => heard.push(store.get().units));
    store.set({ units: "in" });
    expect(heard).toEqual(["in"]);
    expect(createPersistentStore({ key: "k", schema, initial, storage }).get()).toEqual({
      units: "in",
    });
  });

  it.each(["{broken", '{"units":"cubits"}', "null", '"constructor"'])(
    "is put aside when it cannot be read: %s",
    (kept) => {
      const storage = memoryStorage();
      storage.setItem("k", kept);
      expect(createPersistentStore({ key: "k", schema, initial, storage }).get()).toEqual({
        units: "mm",
      });
      expect(allPutAside(storage)).toEqual([{ key: "rg.aside.1.k", from: "k", text: kept }]);
    },
  );

  it("is put aside and begun again when it makes a screen fail, beside what was put aside before", () => {
    const storage = memoryStorage();
    storage.setItem("rg.bench", "{broken");
    const open = () => createPersistentStore({ key: "rg.bench", schema, initial, storage });
    open().set({ units: "in" });
    storage.setItem("rg.settings", "kept");
    putAsideTyped(storage);
    expect(open().get()).toEqual({ units: "mm" });
    expect(storage.getItem("rg.settings")).toBe("kept");
    expect(allPutAside(storage).map(({ text }) => text)).toEqual(["{broken", '{"units":"in"}']);
  });
});

/** A storage with room for so many letters, as a browser's, or none where it is forbidden. */
function narrowStorage(room: { letters: number }): TextStorage {
  const below = memoryStorage();
  return {
    ...below,
    setItem: (key, value) => {
      const others = below.keys().filter((one) => one !== key);
      const used = others.reduce((sum, one) => sum + (below.getItem(one)?.length ?? 0), 0);
      if (used + value.length > room.letters) {
        throw new DOMException("no room", "QuotaExceededError");
      }
      below.setItem(key, value);
    },
  };
}

describe("a storage that is full or forbidden", () => {
  it("holds what it cannot keep, says so, and keeps it when there is room", () => {
    const room = { letters: 10 };
    const below = narrowStorage(room);
    const storage = createHoldingStorage(below);
    const heard: (string | undefined)[] = [];
    storage.subscribe(() => heard.push(storage.holding()));
    storage.setItem("a", "12345");
    storage.setItem("b", "1234567890");
    expect([storage.getItem("b"), storage.holding(), below.getItem("b")]).toEqual([
      "1234567890",
      "full",
      null,
    ]);
    expect(storage.keys().sort()).toEqual(["a", "b"]);
    storage.removeItem("a");
    expect([below.getItem("b"), storage.holding()]).toEqual(["1234567890", undefined]);
    expect(heard).toEqual(["full", undefined]);
  });

  it("works from memory while the browser forbids it, and keeps all of it once it is allowed", () => {
    let allowed = false;
    const kept = memoryStorage();
    const guarded = <Result>(work: () => Result): Result => {
      if (!allowed) throw new DOMException("denied", "SecurityError");
      return work();
    };
    const storage = createHoldingStorage({
      getItem: (key) => guarded(() => kept.getItem(key)),
      setItem: (key, value) => guarded(() => kept.setItem(key, value)),
      removeItem: (key) => guarded(() => kept.removeItem(key)),
      keys: () => guarded(() => kept.keys()),
    });
    storage.setItem("a", "typed");
    expect([storage.getItem("a"), storage.keys(), storage.holding()]).toEqual([
      "typed",
      ["a"],
      "forbidden",
    ]);
    allowed = true;
    storage.keepHeld();
    expect([kept.getItem("a"), storage.holding()]).toEqual(["typed", undefined]);
  });
});
