import { ServerAway, ServerFault, ServerRefused } from "../server/api";
import { keptJson } from "../kept/older-names";
import { awaitedBy, parcelSchema, type NewParcel, type Parcel, type Trouble } from "./parcel";
import type { BoxStorage, Next } from "./box-storage";
import { rememberedBy } from "../kept/remembered";

/** Sends a parcel; the version that the record then has. */
export type Delivery = (parcel: Parcel) => Promise<number>;

export interface OutboxState {
  readonly parcels: readonly Parcel[];
  /** Those, and what has just arrived and is not yet shown as the server has it. */
  readonly shown: readonly Parcel[];
  /** Whether the last attempt found the server away. */
  readonly serverAway: boolean;
  /** Whether what was left on this device is read. */
  readonly opened: boolean;
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
  /** Reads what another tab has put in under an id, or taken out. */
  refresh(id: string): Promise<void>;
  /** When what was left on this device is read, and all that was changed is kept. */
  settled(): Promise<void>;
}

/** What a box needs. */
export interface OutboxParts {
  readonly box: BoxStorage;
  readonly send: Delivery;
  /** Puts a text of the box that is no parcel where it is not thrown away. */
  readonly putAside: (id: string, text: string) => void;
  /** Asks anew for what arrived parcels have changed; they are shown as they wait until it is answered. */
  readonly askAnew?: (arrived: readonly Parcel[]) => Promise<unknown>;
}

/** The parcel that a text of the box holds, if it holds one. */
function parcelIn(text: string | undefined): Parcel | undefined {
  if (text === undefined) return undefined;
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

/** The machines and positions among parcels: what belongs to them waits for them. */
const placesIn = rememberedBy(
  (parcels: readonly Parcel[]): ReadonlySet<string> =>
    new Set(
      parcels.flatMap(({ kind, id }) => (kind === "machine" || kind === "position" ? [id] : [])),
    ),
);

/** What belongs to a machine or a position that is still here waits for it: the server would refuse it. */
export function waitsForOther(parcel: Parcel, parcels: readonly Parcel[]): boolean {
  const places = placesIn(parcels);
  return awaitedBy(parcel).some((id) => places.has(id));
}

/** A parcel keeps its place in the queue, and the version seen when the first of its kind was put in. */
function addedTo(older: Parcel | undefined, parcel: NewParcel, place: number): string {
  const saw = older?.saw ?? parcel.saw;
  const kept = { ...parcel, place: older?.place ?? place, saw, ...touchedByBoth(parcel, older) };
  return JSON.stringify(kept);
}

/** What waits, by its ids, as its texts have it: here for the screen, ahead of what keeps it. */
function createIndex() {
  const held = new Map<string, { readonly text: string; readonly parcel: Parcel }>();
  let inOrder: readonly Parcel[] | undefined;
  return {
    /** @returns whether the text is a parcel, or nothing */
    note: (id: string, text: string | undefined): boolean => {
      if (held.get(id)?.text === text) return true;
      const parcel = parcelIn(text);
      inOrder = undefined;
      if (text === undefined || parcel === undefined) held.delete(id);
      else held.set(id, { text, parcel });
      return text === undefined || parcel !== undefined;
    },
    get: (id: string) => held.get(id),
    all: () => (inOrder ??= [...held.values()].map(({ parcel }) => parcel).sort(byPlace)),
  };
}

/** How often a screen is told of what is being delivered, ms: telling it takes longer than sending. */
const TOLD_MS = 300;

const byPlace = (a: Parcel, b: Parcel) => a.place - b.place;

/**
 * A box of saves that survives a reload. Saving is by client-made id, so sending a parcel twice stores one record. What is
 * put in is on the screen at once; what another tab wrote of the same comes in as it is kept.
 */
export function createOutbox({ box, send, putAside, askAnew }: OutboxParts): Outbox {
  const index = createIndex();
  /** Writings under way, by ids: the last says how it came out. */
  const underWay = new Map<string, Promise<void>>();
  const readers = new Set<() => void>();
  /** What the server has and the screens do not show yet. */
  const arrived = new Map<string, Parcel>();
  let state: OutboxState = { parcels: [], shown: [], serverAway: false, opened: false };
  let delivering: Promise<void> | undefined;
  let asking: Promise<void> | undefined;
  let telling: ReturnType<typeof setTimeout> | undefined;

  const update = (change: Partial<OutboxState> = {}) => {
    clearTimeout(telling);
    telling = undefined;
    const parcels = index.all();
    const rest = [...arrived.values()].filter(({ id }) => index.get(id) === undefined);
    // The same list as long as it is the same: what is worked out of it is not worked out anew.
    const shown = rest.length === 0 ? parcels : [...rest, ...parcels];
    state = { ...state, ...change, parcels, shown };
    readers.forEach((reader) => reader());
  };
  const updateSoon = () => {
    telling ??= setTimeout(update, TOLD_MS);
  };

  async function askForArrived(): Promise<void> {
    while (arrived.size > 0) {
      const all = [...arrived.entries()];
      await askAnew?.(all.map(([, parcel]) => parcel));
      for (const [id, parcel] of all) if (arrived.get(id) === parcel) arrived.delete(id);
      updateSoon();
    }
  }
  const arrive = (parcel: Parcel) => {
    arrived.set(parcel.id, parcel);
    asking ??= askForArrived().finally(() => {
      asking = undefined;
    });
  };
  const take = (id: string, text: string | undefined) => {
    if (index.note(id, text) || text === undefined) return;
    putAside(id, text);
    void box.change(id, (kept) => (kept === text ? undefined : kept));
  };

  function write(id: string, next: Next, tell = update): Promise<void> {
    const soon = next(index.get(id)?.text);
    take(id, soon);
    if (soon !== undefined) box.ahead(id, soon);
    tell();
    const writing = box.change(id, next).then((text) => {
      if (underWay.get(id) !== writing) return;
      underWay.delete(id);
      if (text === soon) return;
      take(id, text);
      update();
    });
    underWay.set(id, writing);
    return writing;
  }

  async function open(): Promise<void> {
    for (const [id, text] of await box.all()) if (!underWay.has(id)) take(id, text);
    update({ opened: true });
  }
  const opening = open();

  async function settled(): Promise<void> {
    await opening;
    await Promise.all(underWay.values());
  }

  async function deliverOne({ id }: Parcel): Promise<void> {
    await underWay.get(id);
    const sent = index.get(id);
    if (sent === undefined) return;
    try {
      const version = await send(sent.parcel);
      arrive(sent.parcel);
      const left: Next = (text) => {
        const changed = text === sent.text ? undefined : parcelIn(text);
        // What was changed while it travelled stays and goes out next. Another device may be in the version that has just
        // arrived, and was not on this screen.
        return changed && JSON.stringify({ ...changed, saw: Math.min(version, changed.saw || 1) });
      };
      // The next one does not wait until this one is out of the database: sent twice it is stored once.
      void write(id, left, updateSoon);
    } catch (error) {
      const trouble = troubleOf(error);
      if (trouble === undefined) throw error;
      const troubled = JSON.stringify({ ...sent.parcel, trouble });
      await write(id, (text) => (text === sent.text ? troubled : text));
    }
  }

  async function deliverAll(): Promise<void> {
    const tried = new Set<string>();
    try {
      await opening;
      for (;;) {
        const parcels = index.all();
        const next = parcels.find(
          (parcel) =>
            isSent(parcel) &&
            !waitsForOther(parcel, parcels) &&
            !tried.has(index.get(parcel.id)?.text ?? ""),
        );
        if (next === undefined) return;
        await deliverOne(next);
        // One that the server had a fault with is tried again the next time, not at once.
        const after = index.get(next.id);
        if (after?.parcel.trouble !== undefined) tried.add(after.text);
        if (state.serverAway) update({ serverAway: false });
      }
    } catch (error) {
      update({ serverAway: true });
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
      const place = (index.all().at(-1)?.place ?? 0) + 1;
      void write(parcel.id, (text) => addedTo(parcelIn(text), parcel, place));
    },
    deliver: async () => {
      delivering ??= deliverAll().finally(() => {
        delivering = undefined;
      });
      await delivering;
      // Nothing that is put in from here on waits for this: it is another delivery.
      await settled();
      await asking;
      if (telling !== undefined) update();
    },
    retry: (id, saw) => {
      void write(id, (text) => {
        const parcel = parcelIn(text);
        if (parcel === undefined) return text;
        const { trouble: _trouble, ...again } = parcel;
        return JSON.stringify({ ...again, saw: saw ?? parcel.saw });
      });
    },
    discard: (id) => void write(id, () => undefined),
    refresh: async (id) => {
      const before = index.get(id)?.parcel;
      const text = await box.get(id);
      // What this tab is writing brings in what the other wrote.
      if (underWay.has(id)) return;
      take(id, text);
      update();
      // It may have arrived.
      if (text === undefined && before !== undefined) arrive(before);
    },
    settled,
  };
}
