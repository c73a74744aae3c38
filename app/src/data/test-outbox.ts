import { textBox, type BoxStorage } from "./box-storage";
import { createOutbox, type Delivery, type Outbox } from "./outbox";
import { keepAside } from "./put-aside";
import type { TextStorage } from "./text-storage";

/** A box of a device whose storage for texts is this. */
export function outboxOver(
  storage: TextStorage,
  send: Delivery,
  box: BoxStorage = textBox(storage),
): Outbox {
  const putAside = (id: string, text: string) => {
    keepAside(storage, `rg.outbox.${id}`, text);
  };
  return createOutbox({ box, send, putAside });
}
