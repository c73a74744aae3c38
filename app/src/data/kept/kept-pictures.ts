import { del, get, set } from "idb-keyval";
import { browserStore } from "./browser-store";

/** Pictures that wait for the server are kept in the browser's database: they are too large for the box of saves. */
const waiting = browserStore("root-gauge-pictures", "waiting");

/** What a browser that forbids its database holds for this visit. */
const held = new Map<string, Blob>();

/** Keeps a picture under the id of its remark. */
export async function keepPicture(id: string, picture: Blob): Promise<void> {
  try {
    await set(id, picture, waiting);
  } catch {
    held.set(id, picture);
  }
}

/** The picture that waits for a remark, if one does. */
export async function keptPicture(id: string): Promise<Blob | undefined> {
  const kept = await get<Blob>(id, waiting).catch(() => undefined);
  return kept ?? held.get(id);
}

/** Drops a picture that the server has, or that was thrown away. */
export async function dropPicture(id: string): Promise<void> {
  held.delete(id);
  await del(id, waiting).catch(() => undefined);
}

/** A picture as a save carries it. */
export function base64Of(picture: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result).replace(/^[^,]*,/, ""));
    reader.onerror = () => reject(reader.error ?? new Error("the picture cannot be read"));
    reader.readAsDataURL(picture);
  });
}
