import { identifyOptionsSchema, readingsSchema } from "@root-gauge/contract";
import type { Reading } from "@root-gauge/core";
import { z } from "zod";

const partSchema = z.object({
  /** The id it is, or will be, stored under. */
  identificationId: z.uuid(),
  jobId: z.uuid().nullable(),
  position: z.string(),
  notes: z.string(),
  readings: readingsSchema,
  options: identifyOptionsSchema,
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
  | { readonly type: "undo" }
  | {
      readonly type: "describe";
      readonly change: Partial<Pick<BenchPart, "jobId" | "position" | "notes">>;
    }
  | { readonly type: "weigh-commonness"; readonly use: boolean }
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
    takenAt: now.toISOString(),
  };
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
    case "put-on-bench":
      return { ...withPart(state, action.part), drafts: {} };
    case "draft":
      return { ...state, drafts: { ...state.drafts, [action.field]: action.text } };
  }
}
