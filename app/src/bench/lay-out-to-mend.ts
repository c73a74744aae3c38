import {
  inchesFromMm,
  lengthsOf,
  printPlain,
  saidLength,
  type Reading,
  type Units,
} from "@root-gauge/core";
import { useBenchStore } from "../data/drafts/bench-store";
import type { DraftField } from "../data/kept/draft-fields";
import { writeDraft } from "../data/drafts/drafts";
import { MENDING } from "../data/drafts/mending";
import { changeSettings, useSettingsStore } from "../data/kept/settings";

/** The fields that a reading is typed in, its lengths first and in their order. */
function fieldsOf(reading: Reading): readonly DraftField[] {
  switch (reading.kind) {
    case "external-diameter":
      return ["diameter"];
    case "diameter-between":
      return ["gauge.over", "gauge.not-over"];
    case "internal-diameter":
      return ["bore"];
    case "count":
      return ["count.span", "count.threads"];
    case "crest-to-crest":
      return ["crests.length", "crests.pitches"];
    case "length":
    case "thread-length":
      return [reading.kind];
    case "across-flats":
      return ["flats"];
    case "thread-depth":
      return ["depth"];
    case "taper-measured":
      return ["taper.small", "taper.large", "taper.apart"];
    case "trial-fit":
      return ["trial.with", "trial.turns"];
    default:
      return [];
  }
}

/** What stands in its fields beside the lengths. */
function otherTexts(reading: Reading): readonly string[] {
  switch (reading.kind) {
    case "count":
      return [String(reading.threads)];
    case "crest-to-crest":
      return [String(reading.pitches)];
    case "trial-fit":
      return [reading.with, reading.turns === undefined ? "" : String(reading.turns)];
    default:
      return [];
  }
}

/** The lengths of a reading as they were said, the unit left off where it is the pad's. */
function lengthTexts(reading: Reading, padUnits: Units): readonly string[] {
  const said = "said" in reading ? reading.said : undefined;
  return lengthsOf(reading).map((mm, at) => {
    const words = saidLength(said?.[at], mm);
    if (words === undefined)
      return padUnits === "mm" ? printPlain(mm, 4) : printPlain(inchesFromMm(mm), 5);
    return words.units === padUnits ? words.figure : `${words.figure} ${words.units}`;
  });
}

/** The unit that the first length was said in. */
function unitsOf(reading: Reading): Units | undefined {
  const said = "said" in reading ? reading.said?.[0] : undefined;
  return saidLength(said, lengthsOf(reading)[0] ?? 0)?.units;
}

/** What it was taken with is chosen again. */
function chooseTool(reading: Reading): void {
  if (reading.kind === "external-diameter") {
    changeSettings({ instrument: reading.instrument ?? "caliper" });
  }
  if (reading.kind === "diameter-between") changeSettings({ instrument: "hole-gauge" });
  if (reading.kind === "internal-diameter") {
    changeSettings({ bore: reading.instrument ?? "caliper" });
  }
}

const PITCH_WAYS: Partial<Record<Reading["kind"], string>> = {
  leaf: "leaf",
  count: "count",
  "crest-to-crest": "crests",
};

/** Lays a reading back in the fields it was typed in; what is taken next stands in its place. */
export function layOutToMend(at: number): void {
  const reading = useBenchStore.getState().part.readings[at];
  if (reading === undefined) return;
  const units = unitsOf(reading);
  if (units !== undefined) changeSettings({ padUnits: units });
  const settings = useSettingsStore.getState();
  const texts = [
    ...lengthTexts(reading, settings.padUnits ?? settings.units),
    ...otherTexts(reading),
  ];
  fieldsOf(reading).forEach((field, i) => writeDraft(field, texts[i] ?? ""));
  chooseTool(reading);
  const way = PITCH_WAYS[reading.kind];
  if (way !== undefined) writeDraft("pitch.way", way);
  writeDraft(MENDING, String(at));
}
