import { ServerAway, ServerFault, ServerRefused } from "./api";
import { keptJson } from "./older-names";
import { awaitedBy, parcelSchema, type NewParcel, type Parcel, type Trouble } from "./parcel";
import { putAside } from "./put-aside";
import type { TextStorage } from "./text-storage";

/** A key for each parcel, so that two tabs never write over each other's. */
const PREFIX = "rg.outbox.";

/** Sends a parcel; the version that the record then has. */
export type Delivery = (parcel: Parcel) => Promise<number>;

export interface OutboxState {
  readonly parcels: readonly Parcel[];
  /** Whether the last attempt found the server away. */
  readonly serverAway: boolean;
}

export interface Outbox {
  get(): OutboxState;
  subscribe(onChange: () => void): () => void;
  /** Keeps the parcel; one with the same id takes the place of the older. */
  add(parcel: NewParcel): void;
  /** Sends what waits, in order, past what has trouble of its own; stops only when the server is away. */
  deliver(): Promise<void>;
  /** Sends a parcel again that was refused; over a version that was looked at, where one is named. */
  retry(id: string, saw?: number): void;
  /** Throws a parcel away for good. */
  discard(id: string): void;
  /** Reads a key of the box anew, or all of it: another tab has put in or taken out. */
  refresh(key?: string | null): void;
}

/** What is in the box, by its keys: the storage is read once, and then what is changed of it. */
function createIndex(storage: TextStorage) {
  const parcels = new Map<string, Parcel>();
  let inOrder: readonly Parcel[] | undefined;
  const note = (key: string, parcel: Parcel | undefined) => {
    inOrder = undefined;
    if (parcel === undefined) parcels.delete(key);
    else parcels.set(key, parcel);
  };
  /** A value under its keys that is no parcel is put aside, not thrown away. */
  const read = (key: string) => {
    const text = storage.getItem(key);
    const parcel = parcelIn(text);
    if (text !== null && parcel === undefined) putAside(storage, key);
    note(key, parcel);
  };
  const readAll = () => {
    for (const key of parcels.keys()) note(key, undefined);
    for (const key of storage.keys().filter((one) => one.startsWith(PREFIX))) read(key);
  };
  readAll();
  return {
    note,
    read,
    readAll,
    all: () => (inOrder ??= [...parcels.values()].sort((a, b) => a.place - b.place)),
  };
}

/** The parcel that a text of the box holds, if it holds one. */
export function parcelIn(text: string | null): Parcel | undefined {
  try {
    const parsed = parcelSchema.safeParse(keptJson(text));
    return parsed.success ? parsed.data : undefined;
  } catch {
    return undefined;
  }
}

/** What is wrong with a parcel alone; undefined where the server is away and nothing else would arrive either. */
function troubleOf(error: unknown): Trouble | undefined {
  if (error instanceof ServerRefused) {
    return { kind: error.code === "conflict" ? "conflict" : "refused", message: error.message };
  }
  return error instanceof ServerFault ? { kind: "fault", message: error.message } : undefined;
}

/** The fields that two changes of one position touch, where both say which: what is not said is all of them. */
function touchedByBoth(parcel: NewParcel, older: Parcel | undefined): Pick<NewParcel, "touched"> {
  if (parcel.touched === undefined || older === undefined) return {};
  if (older.touched === undefined) return { touched: undefined };
  return { touched: [...new Set([...older.touched, ...parcel.touched])] };
}

/** A fault of the server may pass by itself; what was refused waits for a person. */
export const isSent = ({ trouble }: Parcel) => trouble === undefined || trouble.kind === "fault";

/** What belongs to a machine or a position that is still here waits for it: the server would refuse it. */
export function waitsForOther(parcel: Parcel, parcels: readonly Parcel[]): boolean {
  const awaited = awaitedBy(parcel);
  return parcels.some(
    ({ kind, id }) => (kind === "machine" || kind === "position") && awaited.includes(id),
  );
}

/**
 * A box of saves that survives a reload. Saving is by client-made id, so sending a parcel twice stores one record.
 */
export function createOutbox(storage: TextStorage, send: Delivery): Outbox {
  const index = createIndex(storage);
  let state: OutboxState = { parcels: index.all(), serverAway: false };
  let delivering: Promise<void> | undefined;
  const readers = new Set<() => void>();

  const update = (serverAway = state.serverAway) => {
    state = { parcels: index.all(), serverAway };
    readers.forEach((reader) => reader());
  };
  const keyOf = ({ id }: Pick<Parcel, "id">) => PREFIX + id;
  const keep = (parcel: Parcel) => {
    storage.setItem(keyOf(parcel), JSON.stringify(parcel));
    index.note(keyOf(parcel), parcel);
  };
  const drop = (key: string) => {
    storage.removeItem(key);
    index.note(key, undefined);
  };
  const held = (id: string) => parcelIn(storage.getItem(PREFIX + id));

  async function deliverOne(parcel: Parcel): Promise<void> {
    const sent = storage.getItem(keyOf(parcel));
    const isUnchanged = () => storage.getItem(keyOf(parcel)) === sent;
    try {
      const version = await send(parcel);
      if (isUnchanged()) return drop(keyOf(parcel));
      // What was changed while it travelled stays and goes out next. Another device may be in the version that has just
      // arrived, and was not on this screen.
      const changed = held(parcel.id);
      if (changed !== undefined) keep({ ...changed, saw: Math.min(version, changed.saw || 1) });
    } catch (error) {
      const trouble = troubleOf(error);
      if (trouble === undefined) throw error;
      if (isUnchanged()) keep({ ...parcel, trouble });
    }
  }

  async function deliverAll(): Promise<void> {
    const tried = new Set<string>();
    try {
      for (;;) {
        const parcels = index.all();
        const next = parcels.find(
          (parcel) =>
            isSent(parcel) &&
            !waitsForOther(parcel, parcels) &&
            !tried.has(storage.getItem(keyOf(parcel)) ?? ""),
        );
        if (next === undefined) return;
        await deliverOne(next);
        // One that the server had a fault with is tried again the next time, not at once.
        if (held(next.id)?.trouble !== undefined) tried.add(storage.getItem(keyOf(next)) ?? "");
        update(false);
      }
    } catch (error) {
      update(true);
      if (!(error instanceof ServerAway)) throw error;
    }
  }

  return {
    get: () => state,
    subscribe: (reader) => {
      readers.add(reader);
      return () => readers.delete(reader);
    },
    add: (parcel) => {
      index.read(keyOf(parcel));
      const parcels = index.all();
      // A parcel keeps its place in the queue, and the version seen when the first of its kind was put in.
      const older = parcels.find(({ id }) => id === parcel.id);
      const place = older?.place ?? (parcels.at(-1)?.place ?? 0) + 1;
      const saw = older?.saw ?? parcel.saw;
      keep({ ...parcel, place, saw, ...touchedByBoth(parcel, older) });
      update();
    },
    deliver: () => {
      delivering ??= deliverAll().finally(() => {
        delivering = undefined;
      });
      return delivering;
    },
    retry: (id, saw) => {
      const parcel = held(id);
      if (parcel === undefined) return;
      const { trouble: _trouble, ...again } = parcel;
      keep({ ...again, saw: saw ?? parcel.saw });
      update();
    },
    discard: (id) => {
      drop(PREFIX + id);
      update();
    },
    refresh: (key) => {
      if (key) index.read(key);
      else index.readAll();
      update();
    },
  };
}

/** Whether a change of storage is of the box. */
export function isOutboxKey(key: string | null): boolean {
  return key === null || key.startsWith(PREFIX);
}
