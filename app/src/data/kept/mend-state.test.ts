import { renderHook } from "@testing-library/react";
import {
  beginSymptom,
  changeDamage,
  parkedMends,
  startMend,
  stepDone,
  takeUp,
  useMendState,
  wasStored,
  workAt,
  writePlan,
} from "./mend-state";

const AT = new Date("2026-03-02T09:00:00Z");
const INSERT = "wire-insert iso-m8x1.25";
const STORED = "00000000-0000-4000-8000-000000000001";

function now() {
  const { result, unmount } = renderHook(() => useMendState());
  unmount();
  return result.current;
}

/** The cover's insert, two steps done. */
function begun(): void {
  startMend();
  beginSymptom("strips");
  changeDamage({ thread: "M8", depth: "24" });
  workAt(INSERT);
  stepDone("lay-out", AT);
  stepDone("measure", AT);
}

describe("one repair after another", () => {
  it("keeps what was said when another plate is touched, and parks what was done", () => {
    begun();
    beginSymptom("snapped");
    expect(now()).toMatchObject({ symptom: "snapped", thread: "M8", depth: "24", done: [] });
    expect(parkedMends(now())).toHaveLength(1);
    takeUp(0);
    expect(now()).toMatchObject({ symptom: "strips", begun: INSERT });
    expect(now().done).toHaveLength(2);
  });

  it("never writes over one that was stored", () => {
    begun();
    writePlan({ outcome: "holds" });
    wasStored(STORED, 1, AT.toISOString());
    workAt("solid-bush iso-m8x1.25");
    expect(now().repairId).toBeUndefined();
    expect(now()).toMatchObject({ saw: 0, outcome: null, done: [], former: [], planning: true });
    begun();
    wasStored(STORED, 1, AT.toISOString());
    beginSymptom("leaks");
    expect(now().repairId).toBeUndefined();
  });

  it("is one record where a repair that is half done is given up for the next", () => {
    begun();
    wasStored(STORED, 1, AT.toISOString());
    workAt("solid-bush iso-m8x1.25");
    expect(now().repairId).toBe(STORED);
    expect(now().former.map(({ option }) => option)).toEqual([INSERT]);
  });

  it("parks as many as were begun", () => {
    begun();
    for (let at = 0; at < 8; at += 1) {
      beginSymptom("strips");
      workAt(INSERT);
      stepDone("lay-out", AT);
    }
    beginSymptom("leaks");
    expect(parkedMends(now()).length).toBeGreaterThanOrEqual(9);
  });
});
