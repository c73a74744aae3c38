import type {
  IdentificationInput,
  JobInput,
  MachineInput,
  OrderInput,
  OwnWordInput,
  Picture,
  PositionInput,
  RemarkInput,
  RepairInput,
} from "@root-gauge/contract";
import { useEffect, useSyncExternalStore } from "react";
import { v4 as uuid } from "uuid";
import { askAnew, deliverParcel } from "./deliver-parcel";
import { OUTBOX_KEY, browserBox } from "./box-storage";
import { createOutbox, isSent, type OutboxState } from "./outbox";
import type { MergeParcel, NewParcel } from "./parcel";
import { keepAside } from "../kept/put-aside";
import { queryClient } from "../server/query-client";
import { storage } from "../kept/text-storage";

/** How soon an undelivered parcel is tried again, ms. */
const RETRY_MS = 3000;

const box = browserBox(storage);

/** The saves of this device that the server does not have yet. */
export const outbox = createOutbox({
  box,
  send: (parcel) => deliverParcel(queryClient, parcel),
  putAside: (id, text) => keepAside(storage, OUTBOX_KEY + id, text),
  askAnew: (arrived) => askAnew(queryClient, arrived),
});

/** Puts a save in the box, and sends what waits. */
export function send(parcel: NewParcel): Promise<void> {
  outbox.add(parcel);
  return outbox.deliver();
}

/**
 * @param saw the version of the machine that was seen here; 0 for a new one
 * @param touched the fields that were changed of it
 */
export function saveMachine(
  id: string,
  body: MachineInput,
  saw = 0,
  touched?: readonly (keyof MachineInput)[],
): void {
  const fields = touched === undefined ? {} : { touched: [...touched] };
  void send({ kind: "machine", id, body, queuedAt: Date.now(), saw, ...fields });
}

/**
 * @param saw the version of the position that was seen here; 0 for a new one
 * @param touched the fields that were changed of it
 */
export function savePosition(
  id: string,
  body: PositionInput,
  saw = 0,
  touched?: readonly (keyof PositionInput)[],
): void {
  const fields = touched === undefined ? {} : { touched: [...touched] };
  void send({ kind: "position", id, body, queuedAt: Date.now(), saw, ...fields });
}

/** @param saw the version of the record that was seen here; 0 for a new one */
export function saveIdentification(id: string, body: IdentificationInput, saw = 0): void {
  void send({ kind: "identification", id, body, queuedAt: Date.now(), saw });
}

/** @param saw the version of the record that was seen here; 0 for a new one */
export function saveRepair(id: string, body: RepairInput, saw = 0): void {
  void send({ kind: "repair", id, body, queuedAt: Date.now(), saw });
}

/** @param saw the version of the word that was seen here; 0 for a new one */
export function saveWord(id: string, body: OwnWordInput, saw = 0): void {
  void send({ kind: "word", id, body, queuedAt: Date.now(), saw });
}

/**
 * @param saw the version of the job that was seen here; 0 for a new one
 * @param touched the fields that were changed of it
 */
export function saveJob(
  id: string,
  body: JobInput,
  saw = 0,
  touched?: readonly (keyof JobInput)[],
): void {
  const fields = touched === undefined ? {} : { touched: [...touched] };
  void send({ kind: "job", id, body, queuedAt: Date.now(), saw, ...fields });
}

/**
 * @param saw the version of the order that was seen here; 0 for a new one
 * @param touched the fields that were changed of it
 */
export function saveOrder(
  id: string,
  body: OrderInput,
  saw = 0,
  touched?: readonly (keyof OrderInput)[],
): void {
  const fields = touched === undefined ? {} : { touched: [...touched] };
  void send({ kind: "order", id, body, queuedAt: Date.now(), saw, ...fields });
}

/**
 * @param picture the size of the picture that is kept for it, where it has one
 * @param saw the version of the remark that was seen here; 0 for a new one
 */
export function saveRemark(
  id: string,
  body: Omit<RemarkInput, "picture">,
  picture: Picture | null,
  saw = 0,
): void {
  void send({ kind: "remark", id, body, picture, queuedAt: Date.now(), saw });
}

/**
 * Makes a place one with another.
 * @param saw the version of the first that was seen here
 */
export function mergePositions(body: MergeParcel["body"], saw: number): void {
  void send({ kind: "merge", id: uuid(), body, queuedAt: Date.now(), saw });
}

export function useOutbox(): OutboxState {
  return useSyncExternalStore(outbox.subscribe, outbox.get, outbox.get);
}

/** Keeps delivering while anything waits. Used once, at the top. */
export function useDelivery(): void {
  const { parcels } = useOutbox();
  const left = parcels.filter(isSent).length;
  useEffect(() => {
    if (left === 0) return undefined;
    void outbox.deliver();
    const timer = setInterval(() => void outbox.deliver(), RETRY_MS);
    return () => clearInterval(timer);
  }, [left]);
  useEffect(() => {
    // What another tab put in or delivered shows here too.
    const stop = box.follow((id) => void outbox.refresh(id));
    const holding = setInterval(storage.keepHeld, RETRY_MS);
    return () => {
      clearInterval(holding);
      stop();
    };
  }, []);
}
