import type { Reading } from "@root-gauge/core";
import { benchStep, emptyPart, partLike, type BenchAction } from "./bench-state";
import { KEPT_SCHEMAS, type BenchState } from "../kept/kept-schemas";

const ID = "0b9f2f3e-7c51-4a3d-8f52-6d1f0e9a7b44";
const OTHER = "5f0c7a52-4f6e-4d0a-9c3e-0a8f7b1d2c30";
const AT = new Date("2026-03-02T08:30:00Z");
const diameter: Reading = { kind: "external-diameter", mm: 12.52 };
const leaf: Reading = { kind: "leaf", tpi: 13, outcome: "drops-in" };

const EMPTY: BenchState = { part: emptyPart(ID, AT, null), past: [] };

function after(...actions: BenchAction[]): BenchState {
  return actions.reduce(benchStep, EMPTY);
}

const take = (reading: Reading): BenchAction => ({ type: "take", reading });

describe("the bench", () => {
  it("keeps readings in the order taken, and takes one away by its place", () => {
    const state = after(take(diameter), take(leaf), { type: "remove", at: 0 });
    expect(state.part.readings).toEqual([leaf]);
  });

  it("turns a stud end for end, and one step back turns it again", () => {
    const state = after(take(diameter), take(leaf), { type: "turn-round" });
    expect(state.part.readings).toEqual([{ kind: "other-end", readings: [diameter, leaf] }]);
    const read = benchStep(state, take({ ...diameter, mm: 9.9 }));
    expect(benchStep(read, { type: "turn-round" }).part.readings).toEqual([
      diameter,
      leaf,
      { kind: "other-end", readings: [{ ...diameter, mm: 9.9 }] },
    ]);
    expect(benchStep(state, { type: "undo" }).part.readings).toEqual([diameter, leaf]);
  });

  it("keeps one answer to a question, the last one given, and takes it back when there is none", () => {
    const angle = (degrees: 55 | 60): BenchAction => ({
      type: "answer",
      kind: "flank-angle",
      reading: { kind: "flank-angle", degrees },
    });
    const state = after(take(diameter), angle(60), angle(55));
    expect(state.part.readings).toEqual([diameter, { kind: "flank-angle", degrees: 55 }]);
    const none = benchStep(state, { type: "answer", kind: "flank-angle", reading: undefined });
    expect(none.part.readings).toEqual([diameter]);
    expect(benchStep(none, { type: "undo" }).part).toEqual(state.part);
  });

  it("goes back step by step to where it began, and no further", () => {
    const steps: BenchAction[] = [take(diameter), take(leaf), { type: "remove", at: 1 }];
    let state = after(...steps);
    const seen = [state.part.readings.length];
    for (let i = 0; i < 5; i += 1) {
      state = benchStep(state, { type: "undo" });
      seen.push(state.part.readings.length);
    }
    expect(seen).toEqual([1, 2, 1, 0, 0, 0]);
    expect(state.part).toEqual(EMPTY.part);
  });

  it("brings the last part back when another was put on the bench by mistake", () => {
    const part = emptyPart(OTHER, AT, OTHER);
    const state = after(take(diameter), { type: "put-on-bench", part });
    expect(state.part).toEqual(part);
    expect(benchStep(state, { type: "undo" }).part.readings).toEqual([diameter]);
  });

  it("does not undo words typed on the sheet", () => {
    const state = after(take(diameter), { type: "describe", change: { notes: "No mark." } });
    expect(state.past).toHaveLength(1);
  });

  it("never changes the state it was given, and stays readable when kept", () => {
    const frozen = Object.freeze({ ...EMPTY, part: Object.freeze({ ...EMPTY.part }) });
    const state = benchStep(frozen, take(leaf));
    expect(frozen.part.readings).toEqual([]);
    expect(KEPT_SCHEMAS.bench.parse(JSON.parse(JSON.stringify(state)))).toEqual(state);
  });

  it("does not let its past grow without end", () => {
    const many = Array.from({ length: 100 }, (): BenchAction[] => [
      take(diameter),
      { type: "remove", at: 0 },
    ]);
    expect(after(...many.flat()).past.length).toBeLessThanOrEqual(60);
  });

  it("says what lies on the bench; a pipe end is a fitting, and no longer one when it is none", () => {
    const pipe = after(take(diameter), { type: "part-kind", part: "pipe-male" });
    expect(pipe.part.options.part).toBe("pipe-male");
    expect(pipe.part.readings).toEqual([diameter, { kind: "function", what: "pipe-fitting" }]);
    const nut = benchStep(pipe, { type: "part-kind", part: "nut" });
    expect(nut.part.readings).toEqual([diameter]);
    expect(benchStep(nut, { type: "undo" }).part).toEqual(pipe.part);
  });

  it("keeps what was said of its work when it is called a pipe end", () => {
    const plug: Reading = { kind: "function", what: "plug" };
    const state = after(take(plug), { type: "part-kind", part: "pipe-male" });
    expect(state.part.readings).toEqual([plug]);
  });

  it("passes over tests that cannot be made, and undo asks again", () => {
    const state = after(take(diameter), { type: "skip-test", test: "origin" });
    expect(state.part.skipped).toEqual(["origin"]);
    expect(benchStep(state, { type: "undo" }).part.skipped).toEqual([]);
  });

  it("starts another like it with the machine and the kind of part, its sizes unread", () => {
    const origin: Reading = { kind: "origin", place: "britain" };
    const { part } = after(
      { type: "part-kind", part: "stud" },
      take(origin),
      take(diameter),
      take(leaf),
    );
    const like = partLike(part, OTHER, AT);
    expect(like).toMatchObject({
      identificationId: OTHER,
      options: { part: "stud" },
      readings: [origin],
    });
  });

  it("reads a bench that was kept before tests could be skipped", () => {
    const { skipped: _none, ...older } = emptyPart(ID, AT, null);
    const kept = KEPT_SCHEMAS.bench.parse({ part: older, past: [] });
    expect(kept.part.skipped).toEqual([]);
  });
});
