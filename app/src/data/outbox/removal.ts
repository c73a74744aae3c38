import { z } from "zod/mini";
import { createKeptStore } from "../kept/kept-store";
import { newParcelSchema, type NewParcel } from "./parcel";
import { send } from "./saving";

/** What was taken out of the lists last, with what it takes to put it back. */
const removalSchema = z.nullable(z.object({ what: z.string(), parcel: newParcelSchema }));

const useRemovalStore = createKeptStore<{ last: z.infer<typeof removalSchema> }>({
  key: "rg.removed",
  schema: z.object({ last: removalSchema }),
  initial: () => ({ last: null }),
});

/**
 * Takes a record out of the lists. The server keeps it; until something else is removed it is put back with a touch.
 * @param what its name, as the way back calls it
 */
export function remove(what: string, parcel: NewParcel): void {
  const body = { ...parcel.body, removed: true };
  void send({ ...parcel, body, queuedAt: Date.now(), touched: ["removed"] } as NewParcel);
  useRemovalStore.setState({ last: { what, parcel } });
}

/** What was removed last, if it was not put back. */
export function useLastRemoved(): string | undefined {
  return useRemovalStore(({ last }) => last?.what);
}

/** Puts back what was removed last. */
export function putBack(): void {
  const { last } = useRemovalStore.getState();
  if (last === null) return;
  // This device's own removal is nothing unseen: what others did since stands against it.
  void send({ ...last.parcel, queuedAt: Date.now(), touched: ["removed"] });
  useRemovalStore.setState({ last: null });
}
