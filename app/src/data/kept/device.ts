import { v4 as uuid } from "uuid";
import { storage } from "./text-storage";

const KEY = "rg.device";
const UUID = /^"([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})"$/;

/** A name that only this browser has: its changes follow each other, another device's are looked at first. */
export function deviceId(): string {
  const kept = UUID.exec(storage.getItem(KEY) ?? "")?.[1];
  if (kept !== undefined) return kept;
  const made = uuid();
  storage.setItem(KEY, JSON.stringify(made));
  return made;
}
