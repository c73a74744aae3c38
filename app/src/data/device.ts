import { v4 as uuid } from "uuid";
import { z } from "zod";
import { storage } from "./text-storage";
import { createPersistentStore } from "./persistent-store";

const store = createPersistentStore<string>({
  key: "rg.device",
  schema: z.uuid(),
  initial: uuid,
  storage,
});

/** A name that only this browser has: its changes follow each other, another device's are looked at first. */
export function deviceId(): string {
  const id = store.get();
  if (storage.getItem("rg.device") === null) store.set(id);
  return id;
}
