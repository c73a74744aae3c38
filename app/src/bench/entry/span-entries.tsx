import { ACCEPTED, TEACHING, pitchProblemWords, type Units } from "@root-gauge/core";
import { takeReading } from "../../data/bench";
import type { EntryProps } from "./entry-props";
import type { PadField } from "./pad-fields";
import { ReadingPad } from "./reading-pad";

const COUNT_FIELDS: readonly PadField[] = [
  { key: "count.threads", label: "Threads", kind: "number", whole: false, ...ACCEPTED.threads },
  { key: "count.span", label: "In a length of", kind: "length", accepted: ACCEPTED.span },
];

/** Whether so many threads in so much are a pitch at all: 13 in 1 mm are not. */
const pitchCheck =
  (units: Units) =>
  ([threads = 1, spanMm = 0]: readonly number[]): string | undefined => {
    const { minMm, maxMm } = ACCEPTED.pitch;
    const pitchMm = spanMm / threads;
    return pitchMm >= minMm && pitchMm <= maxMm
      ? undefined
      : pitchProblemWords(threads, spanMm, ACCEPTED.pitch, units);
  };

/** Threads counted over a length. */
export function CountEntry({ units, onDone }: EntryProps) {
  return (
    <ReadingPad
      fields={COUNT_FIELDS}
      units={units}
      action="Take this count"
      teach={TEACHING.count}
      check={pitchCheck(units)}
      onTake={([threads = 0, spanMm = 0]) => {
        takeReading(
          { kind: "count", threads, spanMm },
          COUNT_FIELDS.map(({ key }) => key),
        );
        onDone();
      }}
    />
  );
}

const CREST_FIELDS: readonly PadField[] = [
  { key: "crests.pitches", label: "Pitches", kind: "number", whole: true, ...ACCEPTED.threads },
  { key: "crests.length", label: "Crest to crest", kind: "length", accepted: ACCEPTED.span },
];

/** A length from crest to crest over a number of pitches. */
export function CrestEntry({ units, onDone }: EntryProps) {
  return (
    <ReadingPad
      fields={CREST_FIELDS}
      units={units}
      action="Take this length"
      teach={TEACHING["crest-to-crest"]}
      check={pitchCheck(units)}
      onTake={([pitches = 0, mm = 0]) => {
        takeReading(
          { kind: "crest-to-crest", pitches, mm },
          CREST_FIELDS.map(({ key }) => key),
        );
        onDone();
      }}
    />
  );
}
