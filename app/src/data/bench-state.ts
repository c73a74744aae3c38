import { identifyOptionsSchema, readingsSchema, replacementSchema } from "@root-gauge/contract";
import type { PartKind, Reading } from "@root-gauge/core";
import { z } from "zod";

const partSchema = z.object({
  /** The id it is, or will be, stored under. */
  identificationId: z.uuid(),
  jobId: z.uuid().nullable(),
  position: z.string(),
  notes: z.string(),
  readings: readingsSchema,
  options: identifyOptionsSchema,
  /** Tests that cannot be made or answered for this part, by their key. */
  skipped: z.array(z.string()).default([]),
  /** What goes in, where it was stored with the part. */
  replacement: replacementSchema.nullable().default(null),
  /** The version of the stored record that was laid on the bench; 0 for a part that was never stored. */
  saw: z.number().int().min(0).default(0),
  takenAt: z.iso.datetime(),
});

/** What is typed and not yet taken, by field, so that a reload loses nothing. */
const draftsSchema = z.record(z.string(), z.string());

export const benchStateSchema = z.object({
  part: partSchema,
  past: z.array(partSchema),
  drafts: draftsSchema,
});

/** The part on the bench. */
export type BenchPart = z.infer<typeof partSchema>;
export type BenchState = z.infer<typeof benchStateSchema>;

export type BenchAction =
  | { readonly type: "take"; readonly reading: Reading; readonly draftsUsed?: readonly string[] }
  /** Gives the one answer to a question, in the place of an earlier one; none takes it back. */
  | {
      readonly type: "answer";
      readonly kind: Reading["kind"];
      readonly reading: Reading | undefined;
    }
  | { readonly type: "remove"; readonly at: number }
  /** Puts a reading right, in its place. */
  | { readonly type: "mend"; readonly at: number; readonly reading: Reading }
  | { readonly type: "undo" }
  | {
      readonly type: "describe";
      readonly change: Partial<Pick<BenchPart, "jobId" | "position" | "notes">>;
    }
  | { readonly type: "weigh-commonness"; readonly use: boolean }
  /** Says what lies on the bench; a pipe end is also what it is there for. */
  | { readonly type: "part-kind"; readonly part: PartKind }
  | { readonly type: "skip-test"; readonly test: string }
  | { readonly type: "put-on-bench"; readonly part: BenchPart }
  | { readonly type: "draft"; readonly field: string; readonly text: string };

/** How many steps back are kept. */
const MOST_PAST = 60;

export function emptyPart(identificationId: string, now: Date, jobId: string | null): BenchPart {
  return {
    identificationId,
    jobId,
    position: "",
    notes: "",
    readings: [],
    options: {},
    skipped: [],
    replacement: null,
    saw: 0,
    takenAt: now.toISOString(),
  };
}

/** What is true of the whole machine and of the next part like this one: readings that are kept for it. */
const SHARED: ReadonlySet<Reading["kind"]> = new Set(["origin", "function"]);

/** Another part of the same kind from the same machine, its own sizes yet to be read. */
export function partLike(part: BenchPart, identificationId: string, now: Date): BenchPart {
  return {
    ...emptyPart(identificationId, now, part.jobId),
    options: part.options,
    skipped: part.skipped,
    readings: part.readings.filter(({ kind }) => SHARED.has(kind)),
  };
}

const isPipe = (part: PartKind) => part === "pipe-male" || part === "pipe-female";

/** The readings when the part is said to be of this kind: a pipe end is a fitting, and what was one no longer is. */
function readingsOfKind(readings: readonly Reading[], part: PartKind): Reading[] {
  const said = readings.find(({ kind }) => kind === "function");
  const fitting = said?.kind === "function" && said.what === "pipe-fitting";
  if (isPipe(part)) {
    return said === undefined
      ? [...readings, { kind: "function", what: "pipe-fitting" }]
      : [...readings];
  }
  return readings.filter((reading) => !(fitting && reading === said));
}

function withPart(state: BenchState, part: BenchPart): BenchState {
  return { ...state, part, past: [...state.past, state.part].slice(-MOST_PAST) };
}

function without(drafts: BenchState["drafts"], fields: readonly string[]): BenchState["drafts"] {
  return Object.fromEntries(Object.entries(drafts).filter(([field]) => !fields.includes(field)));
}

/** The next state of the bench: pure, and the only way it changes. */
export function benchStep(state: BenchState, action: BenchAction): BenchState {
  const { part } = state;
  switch (action.type) {
    case "take": {
      const taken = withPart(state, { ...part, readings: [...part.readings, action.reading] });
      return { ...taken, drafts: without(state.drafts, action.draftsUsed ?? []) };
    }
    case "answer": {
      const others = part.readings.filter(({ kind }) => kind !== action.kind);
      const readings = action.reading === undefined ? others : [...others, action.reading];
      return withPart(state, { ...part, readings });
    }
    case "remove":
      return withPart(state, {
        ...part,
        readings: part.readings.filter((_, at) => at !== action.at),
      });
    case "mend":
      return withPart(state, {
        ...part,
        readings: part.readings.map((reading, at) => (at === action.at ? action.reading : reading)),
      });
    case "undo": {
      const before = state.past.at(-1);
      if (before === undefined) return state;
      return { ...state, part: before, past: state.past.slice(0, -1) };
    }
    // Words typed on the sheet have the field's own undo; a step back here is a reading or a part.
    case "describe":
      return { ...state, part: { ...part, ...action.change } };
    case "weigh-commonness":
      return withPart(state, { ...part, options: { ...part.options, useCommonness: action.use } });
    case "part-kind":
      return withPart(state, {
        ...part,
        readings: readingsOfKind(part.readings, action.part),
        options: { ...part.options, part: action.part },
      });
    case "skip-test":
      return withPart(state, { ...part, skipped: [...part.skipped, action.test] });
    case "put-on-bench":
      return { ...withPart(state, action.part), drafts: {} };
    case "draft":
      return { ...state, drafts: { ...state.drafts, [action.field]: action.text } };
  }
}
