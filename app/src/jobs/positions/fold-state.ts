import { z } from "zod/mini";
import { createKeptStore } from "../../data/kept/kept-store";

/** Which positions are folded on this device. */
const useFoldStore = createKeptStore<{ folded: string[] }>({
  key: "rg.folded",
  schema: z.object({ folded: z.array(z.string()) }),
  initial: () => ({ folded: [] }),
});

export function useFolded(): readonly string[] {
  return useFoldStore(({ folded }) => folded);
}

/** Folds what is open and opens what is folded. */
export function fold(id: string): void {
  const { folded } = useFoldStore.getState();
  const next = folded.includes(id) ? folded.filter((one) => one !== id) : [...folded, id];
  useFoldStore.setState({ folded: next });
}
