import type { Reading } from "@root-gauge/core";
import { changeBench, startAnother, takeReading } from "../data/drafts/bench";
import { useBenchStore } from "../data/drafts/bench-store";
import { draftOf } from "../data/drafts/drafts";
import { mendNothing, mendingAt } from "../data/drafts/mending";
import { useSettingsStore } from "../data/kept/settings";
import { layOutToMend } from "./lay-out-to-mend";

const INCH: Reading = { kind: "external-diameter", mm: 12.5222, said: ["0.493 in"] };
const GAUGED: Reading = { kind: "diameter-between", overMm: 9.5, notOverMm: 10 };

const readings = () => useBenchStore.getState().part.readings;

beforeEach(() => {
  startAnother();
  takeReading(INCH);
  takeReading(GAUGED);
});

describe("a reading that is put right", () => {
  it("lies in the fields it was typed in, in the unit it was said in", () => {
    layOutToMend(0);
    expect(draftOf("diameter")).toBe("0.493");
    expect(useSettingsStore.getState().padUnits).toBe("in");
    layOutToMend(1);
    expect(useSettingsStore.getState().instrument).toBe("hole-gauge");
  });

  it("is replaced in its place by what is taken next, and by nothing after that", () => {
    layOutToMend(0);
    const better: Reading = { kind: "external-diameter", mm: 12.5, said: ["12.5 mm"] };
    takeReading(better, ["diameter"]);
    expect(readings()).toEqual([better, GAUGED]);
    expect(mendingAt()).toBeUndefined();
    takeReading(INCH);
    expect(readings()).toHaveLength(3);
  });

  it("is left as it was, with empty fields, where its panel is closed and another opened", () => {
    layOutToMend(0);
    mendNothing();
    expect(draftOf("diameter")).toBeUndefined();
    expect(readings()).toEqual([INCH, GAUGED]);
  });

  it("is put right no more once the readings have moved", () => {
    layOutToMend(1);
    changeBench({ type: "remove", at: 0 });
    expect(mendingAt()).toBeUndefined();
  });
});
