import { v4 as uuid } from "uuid";
import { emptyPart } from "./bench-state";
import type { BenchState } from "../kept/kept-schemas";
import { createKeptStore } from "../kept/kept-store";
import { schemasToCome } from "../kept/schemas-to-come";

/** What is kept of the Bench: the part on it, and the steps back. */
export const useBenchStore = createKeptStore<BenchState>({
  key: "rg.bench",
  schema: schemasToCome.then(({ bench }) => bench),
  initial: () => ({ part: emptyPart(uuid(), new Date(), null), past: [] }),
  says: "The part on the Bench",
});
