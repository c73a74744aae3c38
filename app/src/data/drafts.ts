import { z } from "zod/mini";
import { useShallow } from "zustand/react/shallow";
import { createKeptStore } from "./kept-store";
import { storage } from "./text-storage";

/** Every field in which something can be typed, or chosen, before it is taken. */
export const DRAFT_FIELDS = [
  "diameter",
  "gauge.over",
  "gauge.not-over",
  "bore",
  "leaf",
  "count.threads",
  "count.span",
  "crests.pitches",
  "crests.length",
  "pitch.way",
  "length",
  "flats",
  "taper.small",
  "taper.large",
  "taper.apart",
  "head.mark",
  "trial.with",
  "trial.turns",
  "find",
  "job.name",
  "job.origin",
  "fastener.position",
  "fastener.job",
  "out.callout",
  "out.duty",
  "out.environment",
  "out.metal",
  "out.surface",
  "out.acknowledged",
] as const;

export type DraftField = (typeof DRAFT_FIELDS)[number];

type Drafts = Partial<Record<DraftField, string>>;

const draftsSchema = z.partialRecord(z.enum(DRAFT_FIELDS), z.string());

/** What was typed while drafts were still kept with the part. */
function draftsOfOldBench(): Drafts {
  try {
    const kept = JSON.parse(storage.getItem("rg.bench") ?? "null") as { drafts?: unknown } | null;
    const parsed = draftsSchema.safeParse(kept?.drafts ?? {});
    return parsed.success ? parsed.data : {};
  } catch {
    return {};
  }
}

const useDraftStore = createKeptStore<Drafts>({
  key: "rg.drafts",
  schema: draftsSchema,
  initial: draftsOfOldBench,
});

/** What is typed in a field and not yet taken; a reload loses none of it. */
export function useDraft(field: DraftField): string | undefined {
  return useDraftStore((drafts) => drafts[field]);
}

/** What is typed in several fields that are shown as one. */
export function useDrafts<Field extends DraftField>(
  fields: readonly Field[],
): Partial<Record<Field, string>> {
  return useDraftStore(
    useShallow((drafts) => {
      const typed: Partial<Record<Field, string>> = {};
      for (const field of fields) typed[field] = drafts[field];
      return typed;
    }),
  );
}

/** What is typed in a field now. */
export function draftOf(field: DraftField): string | undefined {
  return useDraftStore.getState()[field];
}

export function writeDraft(field: DraftField, text: string): void {
  useDraftStore.setState({ [field]: text });
}

/** Clears fields whose text was taken; all of them for another part. */
export function clearDrafts(fields: readonly DraftField[] = DRAFT_FIELDS): void {
  const left = Object.entries(useDraftStore.getState()).filter(
    ([field]) => !fields.some((taken) => taken === field),
  );
  useDraftStore.setState(Object.fromEntries(left), true);
}
