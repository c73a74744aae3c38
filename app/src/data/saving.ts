import type { IdentificationInput, JobInput } from "@root-gauge/contract";
import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useSyncExternalStore } from "react";
import { api } from "./api";
import { createOutbox, isOutboxKey, isSent, type OutboxState } from "./outbox";
import { storage } from "./text-storage";

/** How soon an undelivered parcel is tried again, ms. */
const RETRY_MS = 3000;

/** The saves of this device that the server does not have yet. */
export const outbox = createOutbox(storage, async (parcel) => {
  const { version } =
    parcel.kind === "job"
      ? await api.saveJob(parcel.id, parcel.body, parcel.saw)
      : await api.saveIdentification(parcel.id, parcel.body, parcel.saw);
  return version;
});

/** @param saw the version of the job that was seen here; 0 for a new one */
export function saveJob(id: string, body: JobInput, saw = 0): void {
  outbox.add({ kind: "job", id, body, queuedAt: Date.now(), saw });
  void outbox.deliver();
}

/** @param saw the version of the record that was seen here; 0 for a new one */
export function saveIdentification(id: string, body: IdentificationInput, saw = 0): void {
  outbox.add({ kind: "identification", id, body, queuedAt: Date.now(), saw });
  void outbox.deliver();
}

export function useOutbox(): OutboxState {
  return useSyncExternalStore(outbox.subscribe, outbox.get, outbox.get);
}

/** Keeps delivering while anything waits, and reads the lists anew when something arrived. Used once, at the top. */
export function useDelivery(): void {
  const client = useQueryClient();
  const { parcels } = useOutbox();
  const left = parcels.filter(isSent).length;
  useEffect(() => {
    void client.invalidateQueries();
    if (left === 0) return undefined;
    void outbox.deliver();
    const timer = setInterval(() => void outbox.deliver(), RETRY_MS);
    return () => clearInterval(timer);
  }, [client, left]);
  useEffect(() => {
    // What another tab put in or delivered shows here too.
    const onOtherTab = ({ key }: StorageEvent) => {
      if (isOutboxKey(key)) outbox.refresh();
    };
    const holding = setInterval(storage.keepHeld, RETRY_MS);
    window.addEventListener("storage", onOtherTab);
    return () => {
      clearInterval(holding);
      window.removeEventListener("storage", onOtherTab);
    };
  }, []);
}
