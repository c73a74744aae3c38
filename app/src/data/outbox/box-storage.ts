import { entries, get, setMany, type UseStore } from "idb-keyval";
import { browserStore } from "../kept/browser-store";
import type { TextStorage } from "../kept/text-storage";

/** What a text under an id becomes; undefined is nothing there. */
export type Next = (kept: string | undefined) => string | undefined;

/** Where the box keeps its parcels, a key for each, so that two tabs never write over each other's. */
export interface BoxStorage {
  /** All that is kept, by its ids. */
  all(): Promise<ReadonlyMap<string, string>>;
  get(id: string): Promise<string | undefined>;
  /** Keeps a text at once, until `change` is through: the tab may be closed in between. */
  ahead(id: string, text: string): void;
  /**
   * Makes of what is kept what comes next, in one step: no tab writes in between.
   * @returns what is kept then
   */
  change(id: string, next: Next): Promise<string | undefined>;
}

/** One that tells of what other tabs have changed. */
export interface SharedBox extends BoxStorage {
  /** @param on told the ids; @returns ends it */
  follow(on: (id: string) => void): () => void;
}

/** What the keys of parcels begin with in the storage for texts. */
export const OUTBOX_KEY = "rg.outbox.";

function allIn(storage: TextStorage): ReadonlyMap<string, string> {
  const keys = storage.keys().filter((key) => key.startsWith(OUTBOX_KEY));
  return new Map(keys.map((key) => [key.slice(OUTBOX_KEY.length), storage.getItem(key) ?? ""]));
}

const textIn = (storage: TextStorage, id: string) => storage.getItem(OUTBOX_KEY + id) ?? undefined;

/** The box in the storage for texts: where the browser has no database to give, and what older versions kept. */
export function textBox(storage: TextStorage): BoxStorage {
  const change = (id: string, next: Next) => {
    const text = next(textIn(storage, id));
    if (text === undefined) storage.removeItem(OUTBOX_KEY + id);
    else storage.setItem(OUTBOX_KEY + id, text);
    return Promise.resolve(text);
  };
  return {
    all: () => Promise.resolve(allIn(storage)),
    get: (id) => Promise.resolve(textIn(storage, id)),
    ahead: (id, text) => void change(id, () => text),
    change,
  };
}

/** Reads, and writes what comes next, in one transaction of the database. */
const changeIn = (store: UseStore, id: string, next: Next) =>
  store(
    "readwrite",
    (kept) =>
      new Promise<string | undefined>((resolve, reject) => {
        const { transaction } = kept;
        const fail = () => reject(transaction.error ?? new Error("the browser did not keep it"));
        transaction.onerror = fail;
        transaction.onabort = fail;
        const reading = kept.get(id) as IDBRequest<string | undefined>;
        reading.onsuccess = () => {
          const text = next(reading.result);
          if (text === undefined) kept.delete(id);
          else kept.put(text, id);
          transaction.oncomplete = () => resolve(text);
        };
      }),
  );

/**
 * The box in the browser's database. Before a parcel is there, and where the database is full or forbidden, it is in the
 * storage for texts; what is found there at the start comes over.
 */
export function browserBox(storage: TextStorage): SharedBox {
  const texts = textBox(storage);
  /** Those whose newest text the database did not take. */
  const astray = new Set<string>();
  const store = browserStore("root-gauge-box", "parcels");
  const channel = "BroadcastChannel" in globalThis ? new BroadcastChannel("rg.outbox") : undefined;
  const aheadOf = (id: string) => textIn(storage, id);
  /** What the database has does not stay in the storage as well, unless it was written anew meanwhile. */
  const clear = (id: string, text: string | undefined) => {
    if (text !== undefined && aheadOf(id) === text) storage.removeItem(OUTBOX_KEY + id);
  };

  async function comeOver(): Promise<void> {
    const found = allIn(storage);
    if (found.size === 0) return;
    await setMany([...found], store);
    for (const [id, text] of found) clear(id, text);
  }

  return {
    all: async () => {
      await comeOver().catch(() => undefined);
      const kept = await entries<string, string>(store).catch(() => []);
      return new Map([...kept, ...allIn(storage)]);
    },
    get: async (id) => aheadOf(id) ?? (await get<string>(id, store).catch(() => undefined)),
    ahead: texts.ahead,
    change: async (id, next) => {
      const ahead = aheadOf(id);
      try {
        const text = await changeIn(store, id, (kept) => next(astray.has(id) ? ahead : kept));
        astray.delete(id);
        clear(id, ahead);
        return text;
      } catch {
        astray.add(id);
        return texts.change(id, next);
      } finally {
        channel?.postMessage(id);
      }
    },
    follow: (on) => {
      const listen = ({ data }: MessageEvent<string>) => on(data);
      channel?.addEventListener("message", listen);
      return () => channel?.removeEventListener("message", listen);
    },
  };
}
