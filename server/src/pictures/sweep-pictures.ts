import type { Store } from "../store/database";
import type { PictureFolder } from "./picture-folder";

/** How long the picture of a note that was taken out is kept, and one that no note names, days. */
const KEPT_DAYS = 30;
const DAY_MS = 24 * 60 * 60 * 1000;

/** What a sweep found: half files, pictures of no note, those that a note names again, and those that went for good. */
export interface Swept {
  readonly half: number;
  readonly aside: number;
  readonly back: number;
  readonly gone: number;
}

/** The notes that have a picture, and when those that were taken out were. */
async function picturedNotes(store: Store): Promise<ReadonlyMap<string, string | null>> {
  const rows = await store
    .selectFrom("remarks")
    .select(["id", "removed_at"])
    .where("width", "is not", null)
    .execute();
  return new Map(rows.map(({ id, removed_at }) => [id, removed_at]));
}

/**
 * Brings the folder of photographs in line with the notes: half files go, a picture that no note names is put aside and
 * goes after thirty days, as does that of a note which was taken out so long ago; one that a note names again comes back.
 */
export async function sweepPictures(
  store: Store,
  pictures: PictureFolder,
  now: Date,
): Promise<Swept> {
  const longAgo = new Date(now.getTime() - KEPT_DAYS * DAY_MS);
  const half = await pictures.dropHalf();
  const notes = await picturedNotes(store);
  const kept = new Set(await pictures.all());
  const orphans = [...kept].filter((id) => !notes.has(id));
  for (const id of orphans) await pictures.putAside(id, now);
  const old = [...notes].filter(
    ([, removedAt]) => removedAt !== null && removedAt < longAgo.toISOString(),
  );
  for (const [id] of old) {
    await store
      .updateTable("remarks")
      .set({ width: null, height: null, bytes: null })
      .where("id", "=", id)
      .where("removed", "=", 1)
      .execute();
    await pictures.drop(id);
  }
  let back = 0;
  for (const id of notes.keys()) if (!kept.has(id) && (await pictures.bringBack(id))) back += 1;
  const gone = old.length + (await pictures.dropAside(longAgo));
  return { half, aside: orphans.length, back, gone };
}
