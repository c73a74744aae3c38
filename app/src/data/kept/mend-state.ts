import { UNITS, type Units } from "@root-gauge/core";
import { DUTIES } from "@root-gauge/core/catalogue/circumstances";
import { DRILL_SETS, WORK_MATERIAL_KINDS, type Drill } from "@root-gauge/core/mend/holes";
import {
  ACCESSES,
  BROKEN_TOOLS,
  DRIVE_SHAPES,
  MEDIA,
  NUT_KINDS,
  REPAIR_OUTCOMES,
  SCREW_FLAWS,
  SPACES,
  STEP_CODES,
  STEP_FEELS,
  SYMPTOMS,
} from "@root-gauge/core/mend/repair";
import { z } from "zod/mini";
import { createKeptStore } from "./kept-store";
import { keptJson } from "./older-names";
import { typedUnits } from "./typed-units";

const text = z._default(z.string(), "");

const feelsSchema = z._default(z.array(z.enum(STEP_FEELS)), []);

const stepDoneSchema = z.object({
  /** Missing in what an older make kept. */
  code: z._default(z.enum(STEP_CODES), "measure"),
  at: z.string(),
  note: z.string(),
  skipped: z._default(z.boolean(), false),
  felt: feelsSchema,
});

const mendStateSchema = z.object({
  symptom: z.optional(z.enum(SYMPTOMS)),
  /** The plates of what is wrong are open, over what was said. */
  choosing: z._default(z.boolean(), false),
  thread: z.string(),
  /** The thread that is screwed in, of a joint that leaks. */
  male: text,
  material: z.enum(WORK_MATERIAL_KINDS),
  hole: z.enum(["through", "blind"]),
  /** The unit that bare lengths were typed in: they mean the same after the unit of the screen was changed. */
  typedIn: z.enum(UNITS),
  depth: z.string(),
  edge: z.string(),
  bore: z.string(),
  engaged: z.string(),
  thickness: text,
  boss: text,
  neighbour: text,
  wear: text,
  matingHole: text,
  headRoom: text,
  /** Whole thread found below the tear; how long the old screw was; how far the hole lies off its place. */
  soundBelow: text,
  screwLength: text,
  offPlace: text,
  /** Of a screw of no standard: over its crests, and its pitch. */
  odd: z._default(z.boolean(), false),
  crests: text,
  pitch: text,
  torque: text,
  grade: z.string(),
  duty: z.enum(DUTIES),
  structural: z._default(z.boolean(), false),
  acknowledged: z.boolean(),
  access: z.enum(ACCESSES),
  /** Not said until somebody says it. */
  medium: z.optional(z.enum(MEDIA)),
  nutKind: z._default(z.enum(NUT_KINDS), "plain"),
  space: z._default(z.enum(SPACES), "combustion"),
  driveShape: z._default(z.enum(DRIVE_SHAPES), "hexagon"),
  brokenTool: z._default(z.enum(BROKEN_TOOLS), "tap"),
  standsOut: z._default(z.boolean(), false),
  noFlame: z.optional(z.boolean()),
  purpose: z._default(z.enum(["screw", "plug"]), "screw"),
  flaws: z._default(z.array(z.enum(SCREW_FLAWS)), []),
  often: z.boolean(),
  /** Not said until somebody says it. */
  behind: z.optional(z.boolean()),
  /** The option that is looked at, by its kind and thread; and a drill in place of the planned one. */
  chosen: z.optional(z.string()),
  drill: z.optional(z.object({ set: z.enum(DRILL_SETS), mark: z.string(), mm: z.number() })),
  /** Whether its plan is worked at, and whose plan the steps below are of. */
  planning: z.boolean(),
  begun: z.optional(z.string()),
  /** What was done of the plan, step by step. */
  done: z.array(stepDoneSchema),
  /** What the step at hand felt like, and what is noted at it. */
  felt: feelsSchema,
  note: text,
  /** A clock that runs with a step: since when, and for how many minutes. */
  clock: z.optional(z.object({ from: z.string(), minutes: z.number() })),
  /** Repairs that were begun and given up for another. */
  former: z._default(z.array(z.object({ option: z.string(), done: z.array(stepDoneSchema) })), []),
  /** Where it is, and as what it is stored. */
  machineId: z._default(z.nullable(z.string()), null),
  position: text,
  /** The position itself, where it was chosen and not only named. */
  positionId: z.optional(z.string()),
  repairId: z.optional(z.string()),
  saw: z._default(z.number(), 0),
  takenAt: z.optional(z.string()),
  used: z.optional(z.string()),
  outcome: z._default(z.nullable(z.enum(REPAIR_OUTCOMES)), null),
  notes: text,
  /** Plans that were left half done for another damage, as JSON of this. */
  parked: z._default(z.array(z.string()), []),
});

export type MendState = z.infer<typeof mendStateSchema>;
export type StepDone = z.infer<typeof stepDoneSchema>;

const EMPTY: MendState = {
  choosing: false,
  thread: "",
  male: "",
  material: "aluminium-cast",
  hole: "blind",
  typedIn: "mm",
  depth: "",
  edge: "",
  bore: "",
  engaged: "",
  thickness: "",
  boss: "",
  neighbour: "",
  wear: "",
  matingHole: "",
  headRoom: "",
  soundBelow: "",
  screwLength: "",
  offPlace: "",
  odd: false,
  crests: "",
  pitch: "",
  torque: "",
  grade: "",
  duty: "ordinary",
  structural: false,
  acknowledged: false,
  access: "open",
  nutKind: "plain",
  space: "combustion",
  driveShape: "hexagon",
  brokenTool: "tap",
  standsOut: false,
  purpose: "screw",
  flaws: [],
  often: false,
  planning: false,
  done: [],
  felt: [],
  note: "",
  former: [],
  machineId: null,
  position: "",
  saw: 0,
  outcome: null,
  notes: "",
  parked: [],
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

const MEND_LENGTHS = [
  "depth",
  "edge",
  "bore",
  "engaged",
  "thickness",
  "boss",
  "neighbour",
  "wear",
  "matingHole",
  "headRoom",
  "soundBelow",
  "screwLength",
  "offPlace",
  "crests",
] as const;

export type MendLength = (typeof MEND_LENGTHS)[number];

/** The unit that lengths are read in: that of the first that was typed, else that of the screen. */
export function mendUnits(state: MendState, units: Units): Units {
  return typedUnits(
    MEND_LENGTHS.map((length) => state[length]),
    state.typedIn,
    units,
  );
}

function set(change: Partial<MendState>): void {
  useMendStore.setState(change);
}

/** Says something of the damage. What was chosen and done stays: whether it still may be done is worked out anew. */
export function changeDamage(change: Partial<MendState>): void {
  set({ planning: false, ...change });
}

/** Says a length of the damage, in the unit that the others were typed in. */
export function changeLength(length: MendLength, text: string, units: Units): void {
  const typedIn = mendUnits(useMendStore.getState(), units);
  changeDamage({ [length]: text, typedIn });
}

/** What is parked once the one at hand is left: with it, where something of it was done that no machine holds yet. */
function parkedWith({ parked, ...now }: MendState): string[] {
  const isWorth = now.done.length > 0 && (now.outcome === null || now.repairId === undefined);
  return isWorth ? [...parked, JSON.stringify(now)] : parked;
}

/** Begins with what is known of a hole elsewhere; a plan that is half done is parked, to be gone back to. */
export function beginWith(known: Partial<MendState>): void {
  const parked = parkedWith(useMendStore.getState());
  useMendStore.setState({ ...EMPTY, ...known, parked }, true);
}

/** The damage as it was said, with nothing chosen or done of it, nor stored. */
function damageAlone(now: MendState): MendState {
  const { chosen: _chosen, drill: _drill, begun: _begun, clock: _clock, ...rest } = now;
  const { repairId: _repairId, takenAt: _takenAt, used: _used, ...said } = rest;
  const { planning, done, felt, note, former, saw, outcome, notes } = EMPTY;
  return { ...said, planning, done, felt, note, former, saw, outcome, notes };
}

/** Begins with what is wrong. Where something of the last was done or stored it is another repair: that one is left as it is. */
export function beginSymptom(symptom: MendState["symptom"]): void {
  const now = useMendStore.getState();
  const isNew = now.done.length > 0 || now.repairId !== undefined;
  const from = isNew ? { ...damageAlone(now), parked: parkedWith(now) } : now;
  useMendStore.setState({ ...from, symptom, choosing: false, planning: false }, true);
}

function parkedState(text: string | undefined): MendState | undefined {
  try {
    return mendStateSchema.safeParse(keptJson(text ?? null)).data;
  } catch {
    return undefined;
  }
}

/** What was parked, as far as it can be read. */
export function parkedMends({
  parked,
}: MendState): readonly (MendState & { readonly at: number })[] {
  return parked.flatMap((text, at) => {
    const read = parkedState(text);
    return read === undefined ? [] : [{ ...read, at }];
  });
}

/** Goes on with one that was parked; the one at hand is parked in its place. */
export function takeUp(at: number): void {
  const now = useMendStore.getState();
  const read = parkedState(now.parked[at]);
  if (read === undefined) return;
  const parked = parkedWith({ ...now, parked: now.parked.filter((_, i) => i !== at) });
  useMendStore.setState({ ...read, choosing: false, parked }, true);
}

/** Looks at another option, without beginning its plan. */
export function chooseRepair(chosen: string): void {
  const { drill: _drill, ...kept } = useMendStore.getState();
  useMendStore.setState({ ...kept, chosen, planning: false }, true);
}

/** Takes another drill than the planned one; undefined: the planned one. */
export function chooseDrill(drill: Drill | undefined): void {
  const { drill: _drill, ...kept } = useMendStore.getState();
  useMendStore.setState(drill === undefined ? kept : { ...kept, drill }, true);
}

/** Works at the plan of an option: goes on where it was left, or begins it and keeps what was done of another. */
export function workAt(option: string): void {
  const now = useMendStore.getState();
  if (now.begun === option) {
    set({ planning: true });
    return;
  }
  if (now.outcome !== null) {
    // The last one has come to its end: this is another repair, and takes nothing of its place.
    const { chosen } = now;
    const parked = parkedWith(now);
    const next = { ...damageAlone(now), ...(chosen === undefined ? {} : { chosen }), parked };
    useMendStore.setState({ ...next, planning: true, begun: option }, true);
    return;
  }
  const { begun, done, former } = now;
  const given = begun === undefined || done.length === 0 ? [] : [{ option: begun, done }];
  set({
    planning: true,
    begun: option,
    done: [],
    felt: [],
    note: "",
    former: [...former, ...given],
  });
}

/** Goes back from the plan to the options; what was done of it stays. */
export function leavePlan(): void {
  set({ planning: false });
}

/** Writes at the plan's end, or at the step at hand. */
export function writePlan(
  change: Partial<
    Pick<MendState, "note" | "used" | "outcome" | "notes" | "machineId" | "position" | "positionId">
  >,
): void {
  set(change);
}

/** The step at hand felt so. */
export function feltLike(feel: MendState["felt"][number]): void {
  const { felt } = useMendStore.getState();
  if (!felt.includes(feel)) set({ felt: [...felt, feel] });
}

/** Ticks the step at hand, or skips it for the reason that is noted. */
export function stepDone(code: StepDone["code"], now: Date, skipped = false): void {
  const { done, felt, note, clock: _clock, ...kept } = useMendStore.getState();
  const step = { code, at: now.toISOString(), note: note.trim(), skipped, felt };
  useMendStore.setState({ ...kept, done: [...done, step], felt: [], note: "" }, true);
}

/** Takes the last tick back, what was noted at it with it. */
export function stepBack(): void {
  const { done } = useMendStore.getState();
  const last = done.at(-1);
  if (last !== undefined) set({ done: done.slice(0, -1), felt: last.felt, note: last.note });
}

/** Starts the clock of a step, for so many minutes. */
export function startClock(minutes: number, now: Date): void {
  set({ clock: { from: now.toISOString(), minutes } });
}

/** Remembers as what it is stored. */
export function wasStored(repairId: string, saw: number, takenAt: string): void {
  set({ repairId, saw, takenAt });
}

/** Begins with another damage. */
export function startMend(): void {
  const { parked } = useMendStore.getState();
  useMendStore.setState({ ...EMPTY, parked }, true);
}
