import type { IdentificationInput } from "@root-gauge/contract";
import { identify, readingWords, summaryOf, type Reading, type Units } from "@root-gauge/core";
import { RECORD_SENTENCES, sentAgainWords } from "@root-gauge/core/say/record";
import type { RepairRecord } from "@root-gauge/core/mend/repair";
import { progressWords, repairSummary } from "@root-gauge/core/say/mend";
import { partTitleWords } from "@root-gauge/core/say/sheet";
import type { Parcel } from "../data/outbox/parcel";
import { favouredThread } from "@root-gauge/core/decide/sheet";

/** A reading in one line: what was measured, and its figure. */
export function readingLine(reading: Reading, units: Units): string {
  const { label, figure } = readingWords(reading, units);
  return `${label} ${figure}`;
}

/** What a part comes to, in two lines: the thread or what goes in, and its readings. */
function partLines(input: IdentificationInput, units: Units): readonly string[] {
  const result = summaryOf(identify(input.readings, input.options));
  const { title, subtitle } = partTitleWords(
    { result, readings: input.readings },
    favouredThread(result),
  );
  const readings = input.readings.map((reading) => readingLine(reading, units));
  return [
    ...(readings.length === 0 ? [] : [`${title}, ${subtitle}`, readings.join(" · ")]),
    ...(input.replacement === null ? [] : [`Goes in: ${input.replacement.callout}`]),
    ...(input.notes === "" ? [] : [input.notes]),
  ];
}

/** What a repair comes to, in a few lines. */
export function repairLines(record: RepairRecord): readonly string[] {
  const { thread = "", title = "", steps = 0 } = repairSummary(record) ?? {};
  return [
    `${thread}: ${title}`,
    progressWords(record.outcome, record.done.length, steps),
    record.used,
    record.notes,
  ].filter(Boolean);
}

/** What a parcel is called: the machine's name, or the place of the part. */
export function parcelTitle(parcel: Parcel): string {
  if (parcel.kind === "machine") return `Machine: ${parcel.body.name}`;
  if (parcel.kind === "position") return `Position: ${parcel.body.name}`;
  if (parcel.kind === "word") return `Word: ${parcel.body.word}`;
  if (parcel.kind === "job") return `Job: ${parcel.body.name}`;
  if (parcel.kind === "order") return `Order: ${parcel.body.name}`;
  if (parcel.kind === "remark") return parcel.picture === null ? "A note" : "A photograph";
  if (parcel.kind === "merge") {
    return `${parcel.body.fromPath}, made one with ${parcel.body.intoPath}`;
  }
  const what = parcel.kind === "repair" ? "A repair" : "A part";
  return parcel.body.position === "" ? `${what}, its place not named` : parcel.body.position;
}

/** What a parcel holds, in a few lines. */
export function whatWaits(parcel: Parcel, units: Units): readonly string[] {
  switch (parcel.kind) {
    case "identification":
      return partLines(parcel.body, units);
    case "repair":
      return repairLines(parcel.body.record);
    case "remark":
      return parcel.body.text === "" ? [] : [parcel.body.text];
    default:
      return [];
  }
}

/** Why it waits, in a sentence. */
export function whyWaiting({ trouble }: Parcel, waitsForOther: boolean): string {
  switch (trouble?.kind) {
    case "conflict":
      return RECORD_SENTENCES.changedElsewhere;
    case "refused":
      return `Refused: ${trouble.message}`;
    case "fault":
      return sentAgainWords(trouble.message);
    case undefined:
      return waitsForOther ? RECORD_SENTENCES.waitsForOther : RECORD_SENTENCES.waitsForServer;
  }
}
