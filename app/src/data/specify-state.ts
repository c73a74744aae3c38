import { HEAD_ROOMS, HOLE_KINDS, HOLE_MATERIAL_KINDS, TAPS } from "@root-gauge/core";
import { useSyncExternalStore } from "react";
import { z } from "zod";
import { createPersistentStore } from "./persistent-store";
import { storage } from "./text-storage";

const specifyStateSchema = z.object({
  kind: z.enum(HOLE_KINDS),
  size: z.string(),
  /** Of the threads a measured hole may take, the one chosen. */
  threadId: z.string().optional(),
  grip: z.string(),
  depth: z.string(),
  material: z.enum(HOLE_MATERIAL_KINDS),
  tap: z.enum(TAPS),
  room: z.enum(HEAD_ROOMS),
  washer: z.boolean(),
  gradeId: z.string().optional(),
  /** A length looked at in the place of the one advised, mm. */
  lengthMm: z.number().optional(),
});

export type SpecifyState = z.infer<typeof specifyStateSchema>;

const store = createPersistentStore<SpecifyState>({
  key: "rg.specify",
  schema: specifyStateSchema,
  initial: () => ({
    kind: "blind",
    size: "",
    grip: "",
    depth: "",
    material: "cast-iron",
    tap: "bottoming",
    room: "spanner",
    washer: false,
  }),
  storage,
});

/** What was said of a hole to be filled, kept on this device. */
export function useSpecifyState(): SpecifyState {
  return useSyncExternalStore(store.subscribe, store.get, store.get);
}

/** Changes what was said; a length that was looked at belongs to the hole as it was before. */
export function changeSpecify(change: Partial<SpecifyState>): void {
  store.set({ ...store.get(), lengthMm: undefined, ...change });
}
