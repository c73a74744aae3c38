import { ACCEPTED, pitchProblemWords, type Units } from "@root-gauge/core";
import { TEACHING } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { takeReading } from "../../data/drafts/bench";
import { useDraft, writeDraft } from "../../data/drafts/drafts";
import { Chip } from "../../kit/chip";
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

/** The lengths that threads are counted in, on a rule of either kind. */
const SPANS = ["1 in", "1/2 in", "10 mm"] as const;

/** The usual lengths of a count, a touch each. */
function Spans() {
  const typed = useDraft("count.span");
  return (
    <View role="group" aria-label="In a length of, at a touch" flexDirection="row" gap={8}>
      {SPANS.map((span) => (
        <Chip
          key={span}
          label={span}
          chosen={typed === span}
          aria-pressed={typed === span}
          onPress={() => writeDraft("count.span", span)}
        />
      ))}
    </View>
  );
}

/** Threads counted over a length. */
export function CountEntry({ units, onDone }: EntryProps) {
  return (
    <ReadingPad
      fields={COUNT_FIELDS}
      units={units}
      action="Take this count"
      teach={TEACHING.count}
      check={pitchCheck(units)}
      onTake={([threads = 0, spanMm = 0], said) => {
        takeReading(
          { kind: "count", threads, spanMm, said },
          COUNT_FIELDS.map(({ key }) => key),
        );
        onDone();
      }}
    >
      <Spans />
    </ReadingPad>
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
      onTake={([pitches = 0, mm = 0], said) => {
        takeReading(
          { kind: "crest-to-crest", pitches, mm, said },
          CREST_FIELDS.map(({ key }) => key),
        );
        onDone();
      }}
    />
  );
}
