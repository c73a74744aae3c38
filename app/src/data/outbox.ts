import { identificationInputSchema, jobInputSchema } from "@root-gauge/contract";
import { z } from "zod";
import { ServerAway, ServerRefused } from "./api";
import type { TextStorage } from "./persistent-store";

const common = { id: z.uuid(), queuedAt: z.number(), refused: z.string().optional() };

/** Something to be saved on the server, kept here until the server has it. */
const parcelSchema = z.discriminatedUnion("kind", [
  z.object({ ...common, kind: z.literal("job"), body: jobInputSchema }),
  z.object({ ...common, kind: z.literal("identification"), body: identificationInputSchema }),
]);

export type Parcel = z.infer<typeof parcelSchema>;

/** A key for each parcel, so that two tabs never write over each other's. */
const PREFIX = "rg.outbox.";

export type Delivery = (parcel: Parcel) => Promise<unknown>;

export interface OutboxState {
  readonly parcels: readonly Parcel[];
  /** Whether the last attempt found the server away. */
  readonly serverAway: boolean;
}

export interface Outbox {
  get(): OutboxState;
  subscribe(onChange: () => void): () => void;
  /** Keeps the parcel; one with the same id takes the place of the older. */
  add(parcel: Parcel): void;
  /** Sends what waits, oldest first, stopping at the first that finds the server away. */
  deliver(): Promise<void>;
}

function readParcels(storage: TextStorage): Parcel[] {
  return storage
    .keys()
    .filter((key) => key.startsWith(PREFIX))
    .flatMap((key) => {
      const parsed = parcelSchema.safeParse(JSON.parse(storage.getItem(key) ?? "null"));
      return parsed.success ? [parsed.data] : [];
    })
    .sort((a, b) => a.queuedAt - b.queuedAt);
}

/**
 * A first-in, first-out box of saves that survives a reload. Saving is by client-made id, so sending a parcel
 * twice stores one record.
 */
export function createOutbox(storage: TextStorage, send: Delivery): Outbox {
  let state: OutboxState = { parcels: readParcels(storage), serverAway: false };
  let delivering: Promise<void> | undefined;
  const readers = new Set<() => void>();

  const update = (serverAway: boolean) => {
    state = { parcels: readParcels(storage), serverAway };
    readers.forEach((reader) => reader());
  };
  const keep = (parcel: Parcel) => storage.setItem(PREFIX + parcel.id, JSON.stringify(parcel));

  async function deliverOne(parcel: Parcel): Promise<void> {
    const key = PREFIX + parcel.id;
    const sent = storage.getItem(key);
    try {
      await send(parcel);
      // What was changed while it travelled stays, and goes out next.
      if (storage.getItem(key) === sent) storage.removeItem(key);
    } catch (error) {
      if (!(error instanceof ServerRefused)) throw error;
      keep({ ...parcel, refused: error.message });
    }
  }

  async function deliverAll(): Promise<void> {
    try {
      for (;;) {
        const next = readParcels(storage).find(({ refused }) => refused === undefined);
        if (next === undefined) break;
        await deliverOne(next);
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
      // A parcel keeps its place in the queue: an identification never goes out before its job.
      const older = state.parcels.find(({ id }) => id === parcel.id);
      keep({ ...parcel, queuedAt: older?.queuedAt ?? parcel.queuedAt });
      update(state.serverAway);
    },
    deliver: () => {
      delivering ??= deliverAll().finally(() => {
        delivering = undefined;
      });
      return delivering;
    },
  };
}
