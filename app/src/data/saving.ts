import type { IdentificationInput, JobInput } from "@root-gauge/contract";
import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useSyncExternalStore } from "react";
import { api } from "./api";
import { createOutbox, type OutboxState, type Parcel } from "./outbox";
import { storage } from "./persistent-store";

/** How soon an undelivered parcel is tried again, ms. */
const RETRY_MS = 3000;

const outbox = createOutbox(storage, (parcel: Parcel) =>
  parcel.kind === "job"
    ? api.saveJob(parcel.id, parcel.body)
    : api.saveIdentification(parcel.id, parcel.body),
);

export function saveJob(id: string, body: JobInput): void {
  outbox.add({ kind: "job", id, body, queuedAt: Date.now() });
  void outbox.deliver();
}

export function saveIdentification(id: string, body: IdentificationInput): void {
  outbox.add({ kind: "identification", id, body, queuedAt: Date.now() });
  void outbox.deliver();
}

export function useOutbox(): OutboxState {
  return useSyncExternalStore(outbox.subscribe, outbox.get, outbox.get);
}

/** Keeps delivering while anything waits, and reads the lists anew when something arrived. Used once, at the top. */
export function useDelivery(): void {
  const client = useQueryClient();
  const waiting = useOutbox().parcels.filter(({ refused }) => refused === undefined).length;
  useEffect(() => {
    void client.invalidateQueries();
    if (waiting === 0) return undefined;
    void outbox.deliver();
    const timer = setInterval(() => void outbox.deliver(), RETRY_MS);
    return () => clearInterval(timer);
  }, [client, waiting]);
}
