import { UNITS, type Units } from "@root-gauge/core";
import { HOLE_MATERIAL_KINDS, TAPS } from "@root-gauge/core/decide/joints";
import { HEAD_ROOMS, HOLE_KINDS } from "@root-gauge/core/decide/specify";
import { z } from "zod/mini";
import { createKeptStore } from "./kept-store";
import { typedUnits } from "./typed-units";

const specifyStateSchema = z.object({
  kind: z.enum(HOLE_KINDS),
  /** The unit that bare lengths were typed in. */
  typedIn: z._default(z.enum(UNITS), "mm"),
  size: z.string(),
  /** Of the threads a measured hole may take, the one chosen. */
  threadId: z.optional(z.string()),
  grip: z.string(),
  depth: z.string(),
  material: z.enum(HOLE_MATERIAL_KINDS),
  tap: z.enum(TAPS),
  room: z.enum(HEAD_ROOMS),
  washer: z.boolean(),
  gradeId: z.optional(z.string()),
  /** A length looked at in the place of the one advised, mm. */
  lengthMm: z.optional(z.number()),
});

/** What must hold of a change of it. */
export const specifyChangeSchema = z.partial(specifyStateSchema);

export type SpecifyState = z.infer<typeof specifyStateSchema>;

const useSpecifyStore = createKeptStore<SpecifyState>({
  key: "rg.specify",
  schema: specifyStateSchema,
  initial: () => ({
    kind: "blind",
    typedIn: "mm",
    size: "",
    grip: "",
    depth: "",
    material: "cast-iron",
    tap: "bottoming",
    room: "spanner",
    washer: false,
  }),
});

/** What was said of a hole to be filled, kept on this device. */
export function useSpecifyState(): SpecifyState {
  return useSpecifyStore();
}

/** The unit that size, thickness and depth are read in: that of the first that was typed, else that of the screen. */
export function specifyUnits({ size, grip, depth, typedIn }: SpecifyState, units: Units): Units {
  return typedUnits([size, grip, depth], typedIn, units);
}

/** Changes what was said; a length that was looked at belongs to the hole as it was before. */
export function changeSpecify(change: Partial<SpecifyState>): void {
  useSpecifyStore.setState({ lengthMm: undefined, ...change });
}
