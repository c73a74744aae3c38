import {
  againKey,
  isSized,
  readingsForNext,
  readingsOfPart,
  turnedEnd,
  type PartCondition,
  type PartKind,
  type Reading,
} from "@root-gauge/core";
import type { BenchPart, BenchState } from "../kept/kept-schemas";

export type BenchAction =
  | { readonly type: "take"; readonly reading: Reading }
  /** Several that one answer tells, as leaves that all rock. */
  | { readonly type: "take-each"; readonly readings: readonly Reading[] }
  /** Gives the one answer to a question, in the place of an earlier one; none takes it back. */
  | {
      readonly type: "answer";
      readonly kind: Reading["kind"];
      readonly reading: Reading | undefined;
    }
  | { readonly type: "remove"; readonly at: number }
  /** Says of a size what has happened to the part. */
  | { readonly type: "say-condition"; readonly at: number; readonly condition: PartCondition }
  /** Puts a reading right, in its place. */
  | { readonly type: "mend"; readonly at: number; readonly reading: Reading }
  | { readonly type: "undo" }
  | {
      readonly type: "describe";
      readonly change: Partial<Pick<BenchPart, "machineId" | "position" | "positionId" | "notes">>;
    }
  | { readonly type: "weigh-commonness"; readonly use: boolean }
  /** Says what lies on the bench; a pipe end is also what it is there for. */
  | { readonly type: "part-kind"; readonly part: PartKind }
  /** Turns a stud end for end. */
  | { readonly type: "turn-round" }
  | { readonly type: "skip-test"; readonly test: string }
  | { readonly type: "put-on-bench"; readonly part: BenchPart };

/** How many steps back are kept. */
const MOST_PAST = 60;

export function emptyPart(
  identificationId: string,
  now: Date,
  machineId: string | null,
): BenchPart {
  return {
    identificationId,
    machineId,
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

/** Another part of the same kind from the same machine, its own sizes yet to be read. */
export function partLike(part: BenchPart, identificationId: string, now: Date): BenchPart {
  return {
    ...emptyPart(identificationId, now, part.machineId),
    options: part.options,
    skipped: part.skipped,
    readings: [...readingsForNext(part.readings)],
  };
}

function withPart(state: BenchState, part: BenchPart): BenchState {
  return { ...state, part, past: [...state.past, state.part].slice(-MOST_PAST) };
}

/** The next state of the bench: pure, and the only way it changes. */
export function benchStep(state: BenchState, action: BenchAction): BenchState {
  const { part } = state;
  switch (action.type) {
    case "take":
      return withPart(state, { ...part, readings: [...part.readings, action.reading] });
    case "take-each":
      return withPart(state, { ...part, readings: [...part.readings, ...action.readings] });
    case "say-condition": {
      const readings = part.readings.map((reading, at) =>
        at === action.at && isSized(reading)
          ? { ...reading, condition: action.condition }
          : reading,
      );
      return withPart(state, { ...part, readings });
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
    case "mend": {
      const readings = part.readings.map((reading, at) =>
        at === action.at ? action.reading : reading,
      );
      // Taken twice, it stands: it is not asked for a third time.
      const skipped = [...new Set([...part.skipped, againKey(action.reading)])];
      return withPart(state, { ...part, readings, skipped });
    }
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
        readings: [...readingsOfPart(part.readings, action.part)],
        options: { ...part.options, part: action.part },
      });
    case "turn-round":
      return withPart(state, { ...part, readings: [...turnedEnd(part.readings)], skipped: [] });
    case "skip-test":
      return withPart(state, { ...part, skipped: [...part.skipped, action.test] });
    case "put-on-bench":
      return withPart(state, action.part);
  }
}
