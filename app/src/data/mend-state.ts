import { DUTIES, UNITS, type Units } from "@root-gauge/core";
import { WORK_MATERIAL_KINDS } from "@root-gauge/core/holes";
import { ACCESSES, MEDIA, SYMPTOMS } from "@root-gauge/core/repair";
import { z } from "zod/mini";
import { createKeptStore } from "./kept-store";
import { typedUnits } from "./typed-units";

const stepDoneSchema = z.object({ at: z.string(), note: z.string() });

const mendStateSchema = z.object({
  symptom: z.optional(z.enum(SYMPTOMS)),
  thread: z.string(),
  material: z.enum(WORK_MATERIAL_KINDS),
  hole: z.enum(["through", "blind"]),
  /** The unit that bare lengths were typed in: they mean the same after the unit of the screen was changed. */
  typedIn: z.enum(UNITS),
  depth: z.string(),
  edge: z.string(),
  bore: z.string(),
  engaged: z.string(),
  grade: z.string(),
  duty: z.enum(DUTIES),
  acknowledged: z.boolean(),
  access: z.enum(ACCESSES),
  medium: z.enum(MEDIA),
  often: z.boolean(),
  behind: z.boolean(),
  /** The option that is looked at, by its kind and thread. */
  chosen: z.optional(z.string()),
  /** Whether its plan is worked at. */
  planning: z.boolean(),
  /** What was done of the plan, step by step. */
  done: z.array(stepDoneSchema),
});

export type MendState = z.infer<typeof mendStateSchema>;

const EMPTY: MendState = {
  thread: "",
  material: "aluminium-cast",
  hole: "blind",
  typedIn: "mm",
  depth: "",
  edge: "",
  bore: "",
  engaged: "",
  grade: "",
  duty: "ordinary",
  acknowledged: false,
  access: "open",
  medium: "water",
  often: false,
  behind: false,
  planning: false,
  done: [],
};

const useMendStore = createKeptStore<MendState>({
  key: "rg.mend",
  schema: mendStateSchema,
  initial: () => EMPTY,
});

/** What was said of a damage and done about it, kept on this device. */
export function useMendState(): MendState {
  return useMendStore();
}

export const MEND_LENGTHS = ["depth", "edge", "bore", "engaged"] as const;

export type MendLength = (typeof MEND_LENGTHS)[number];

/** The unit that lengths are read in: that of the first that was typed, else that of the screen. */
export function mendUnits(state: MendState, units: Units): Units {
  return typedUnits(
    MEND_LENGTHS.map((length) => state[length]),
    state.typedIn,
    units,
  );
}

/** Says something of the damage: an option that was chosen, and its plan, belong to it as it was before. */
export function changeDamage(change: Partial<MendState>): void {
  useMendStore.setState({ chosen: undefined, planning: false, done: [], ...change });
}

/** Says a length of the damage, in the unit that the others were typed in. */
export function changeLength(length: MendLength, text: string, units: Units): void {
  const typedIn = mendUnits(useMendStore.getState(), units);
  changeDamage({ [length]: text, typedIn });
}

/** Looks at another option, without beginning its plan. */
export function chooseRepair(chosen: string): void {
  useMendStore.setState({ chosen, planning: false, done: [] });
}

export function beginPlan(): void {
  useMendStore.setState({ planning: true, done: [] });
}

/** Goes back from the plan to the options; what was done of it stays until another is begun. */
export function leavePlan(): void {
  useMendStore.setState({ planning: false });
}

export function resumePlan(): void {
  useMendStore.setState({ planning: true });
}

/** Ticks the next step of the plan. */
export function stepDone(note: string, now: Date): void {
  useMendStore.setState(({ done }) => ({ done: [...done, { at: now.toISOString(), note }] }));
}

/** Takes the last tick back. */
export function stepBack(): void {
  useMendStore.setState(({ done }) => ({ done: done.slice(0, -1) }));
}

/** Begins with another damage. */
export function startMend(): void {
  useMendStore.setState(EMPTY, true);
}
