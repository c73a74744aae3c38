import { z } from "zod/mini";
import { createKeptStore } from "./kept-store";
import { allPutAside, putAsideTyped } from "./put-aside";
import { createHoldingStorage, memoryStorage, type TextStorage } from "./text-storage";

const schema = z.object({ units: z.enum(["mm", "in"]) });
const initial = () => ({ units: "mm" as const });

const kept = (storage: TextStorage, key = "k") =>
  createKeptStore({ key, schema, initial, storage });

describe("a kept value", () => {
  it("is written down as it changes, and is there again", () => {
    const storage = memoryStorage();
    kept(storage).setState({ units: "in" });
    expect(storage.getItem("k")).toBe('{"units":"in"}');
    expect(kept(storage).getState()).toEqual({ units: "in" });
  });

  it("is read anew when another tab has changed it", () => {
    const storage = memoryStorage();
    const store = kept(storage);
    storage.setItem("k", '{"units":"in"}');
    window.dispatchEvent(new StorageEvent("storage", { key: "other" }));
    expect(store.getState()).toEqual({ units: "mm" });
    window.dispatchEvent(new StorageEvent("storage", { key: "k" }));
    expect(store.getState()).toEqual({ units: "in" });
  });

  it.each(["{broken", '{"units":"cubits"}', "null", '"constructor"'])(
    "is put aside when it cannot be read: %s",
    (text) => {
      const storage = memoryStorage();
      storage.setItem("k", text);
      expect(kept(storage).getState()).toEqual({ units: "mm" });
      expect(allPutAside(storage)).toEqual([{ key: "rg.aside.1.k", from: "k", text }]);
    },
  );

  it("is put aside and begun again when it makes a screen fail, beside what was put aside before", () => {
    const storage = memoryStorage();
    storage.setItem("rg.bench", "{broken");
    kept(storage, "rg.bench").setState({ units: "in" });
    storage.setItem("rg.settings", "kept");
    putAsideTyped(storage);
    expect(kept(storage, "rg.bench").getState()).toEqual({ units: "mm" });
    expect(storage.getItem("rg.settings")).toBe("kept");
    expect(allPutAside(storage).map(({ text }) => text)).toEqual(["{broken", '{"units":"in"}']);
  });
});

describe("a kept value whose schema is still to come", () => {
  const waiting = (storage: TextStorage) => {
    let come: (is: typeof schema) => void = () => undefined;
    const promise = new Promise<typeof schema>((resolve) => {
      come = resolve;
    });
    return { store: createKeptStore({ key: "k", schema: promise, initial, storage }), come };
  };
  const isRead = (store: ReturnType<typeof waiting>["store"]) => store.persist.hasHydrated();

  it("is read at once where nothing is kept", () => {
    const { store } = waiting(memoryStorage());
    expect(isRead(store)).toBe(true);
    store.setState({ units: "in" });
    expect(store.getState()).toEqual({ units: "in" });
  });

  it("is read when the schema is there, and untouched until then", async () => {
    const storage = memoryStorage();
    storage.setItem("k", '{"units":"in"}');
    const { store, come } = waiting(storage);
    await Promise.resolve();
    expect(isRead(store)).toBe(false);
    expect(storage.getItem("k")).toBe('{"units":"in"}');
    const read = new Promise((resolve) => store.persist.onFinishHydration(resolve));
    come(schema);
    expect(await read).toEqual({ units: "in" });
    expect(isRead(store)).toBe(true);
  });

  it("is put aside then when it cannot be read", async () => {
    const storage = memoryStorage();
    storage.setItem("k", "{broken");
    const { store, come } = waiting(storage);
    const read = new Promise((resolve) => store.persist.onFinishHydration(resolve));
    come(schema);
    expect(await read).toEqual({ units: "mm" });
    expect(allPutAside(storage).map(({ text }) => text)).toEqual(["{broken"]);
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
