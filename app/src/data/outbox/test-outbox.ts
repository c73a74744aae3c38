import { textBox } from "./box-storage";
import { createOutbox, type Delivery, type Outbox, type OutboxParts } from "./outbox";
import type { NewParcel } from "./parcel";
import { keepAside } from "../kept/put-aside";
import type { TextStorage } from "../kept/text-storage";

/** A box of a device whose storage for texts is this. */
export function outboxOver(
  storage: TextStorage,
  send: Delivery,
  { box = textBox(storage), askAnew }: Partial<Pick<OutboxParts, "box" | "askAnew">> = {},
): Outbox {
  const putAside = (id: string, text: string) => {
    keepAside(storage, `rg.outbox.${id}`, text);
  };
  return createOutbox({ box, send, putAside, ...(askAnew === undefined ? {} : { askAnew }) });
}

export const MACHINE = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";

export const machine = (name: string, queuedAt = 1, id = MACHINE): NewParcel => ({
  kind: "machine",
  id,
  queuedAt,
  saw: 0,
  body: { name, origin: "", year: null, stands: "", notes: "" },
});
