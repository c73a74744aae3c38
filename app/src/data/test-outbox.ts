import { textBox } from "./box-storage";
import { createOutbox, type Delivery, type Outbox, type OutboxParts } from "./outbox";
import { keepAside } from "./put-aside";
import type { TextStorage } from "./text-storage";

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
