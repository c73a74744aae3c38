import {
  changeSpecify,
  specifyChangeSchema,
  type SpecifyState,
} from "../../data/kept/specify-state";
import type { LinkParams } from "../../shell/use-linked-state";

const TEXTS = [
  "kind",
  "typedIn",
  "size",
  "threadId",
  "grip",
  "depth",
  "material",
  "tap",
  "room",
  "gradeId",
] as const;

/** A hole as its address says it; nothing while nothing was said of it. */
export function specifyAddress(state: SpecifyState): LinkParams {
  const begun = [state.size, state.grip, state.depth].some((text) => text.trim() !== "");
  const said = TEXTS.map((name) => [name, begun ? state[name] || undefined : undefined] as const);
  return { ...Object.fromEntries(said), washer: begun && state.washer ? "yes" : undefined };
}

/** Asks what an address says; what is no word of this page is left as it was. */
export function takeSpecifyParams(params: LinkParams): void {
  const said = Object.fromEntries(
    TEXTS.flatMap((name) => (params[name] === undefined ? [] : [[name, params[name]]])),
  );
  const read = specifyChangeSchema.safeParse({ ...said, washer: params.washer === "yes" });
  if (read.success) changeSpecify(read.data as Partial<SpecifyState>);
}
