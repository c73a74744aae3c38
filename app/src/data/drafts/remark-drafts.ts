import { z } from "zod/mini";
import { createKeptStore } from "../kept/kept-store";

/** What is typed of a note and not yet added, by its position; of one that is being changed, by its own id. */
const useRemarkDraftStore = createKeptStore<Record<string, string>>({
  key: "rg.remarks",
  schema: z.record(z.string(), z.string()),
  initial: () => ({}),
});

/** What is typed there; undefined where nothing is. */
export function useRemarkDraft(id: string): string | undefined {
  return useRemarkDraftStore((drafts) => drafts[id]);
}

/** Of a note that is being changed: which version of it was on the screen when that began. */
export function useRemarkSeen(id: string): number | undefined {
  const saw = useRemarkDraftStore((drafts) => drafts[seenOf(id)]);
  return saw === undefined ? undefined : Number(saw);
}

const seenOf = (id: string) => `${id} saw`;

/** Begins to change a note as it is on the screen. */
export function beginRemarkDraft(id: string, text: string, version: number): void {
  writeRemarkDraft(seenOf(id), String(version));
  writeRemarkDraft(id, text);
}

/** Gives up or has taken what was typed of a note. */
export function leaveRemarkDraft(id: string): void {
  writeRemarkDraft(seenOf(id), undefined);
  writeRemarkDraft(id, undefined);
}

/** @param text undefined for what was taken, or given up */
export function writeRemarkDraft(id: string, text: string | undefined): void {
  const { [id]: _former, ...others } = useRemarkDraftStore.getState();
  useRemarkDraftStore.setState(text === undefined ? others : { ...others, [id]: text }, true);
}

/** Clears what was typed there, where it still is what was taken: what was typed on meanwhile stays. */
export function clearRemarkDraft(id: string, taken: string): void {
  if (useRemarkDraftStore.getState()[id] === taken) writeRemarkDraft(id, undefined);
}
