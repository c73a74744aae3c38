import { ACCEPTED, lastReading, type Reading } from "@root-gauge/core";
import { TEACHING, PANEL_SENTENCES } from "@root-gauge/core/panel-words";
import { View } from "@tamagui/core";
import { changeBench, takeReading } from "../../data/bench";
import { ChoiceChips } from "../../kit/choice-chips";
import { Heading, Small } from "../../kit/text";
import type { EntryProps } from "./entry-props";
import type { PadField } from "./pad-fields";
import { ReadingPad } from "./reading-pad";

const FLATS: readonly PadField[] = [
  { key: "flats", label: "Across flats", kind: "length", accepted: ACCEPTED.flats },
];

const TAPER: readonly PadField[] = [
  { key: "taper.small", label: "Small end", kind: "length", accepted: ACCEPTED.diameter },
  { key: "taper.large", label: "Large end", kind: "length", accepted: ACCEPTED.diameter },
  { key: "taper.apart", label: "Apart", kind: "length", accepted: ACCEPTED.apart },
];

/** Across the flats of the head or the nut. */
export function FlatsEntry({ units, onDone }: EntryProps) {
  return (
    <ReadingPad
      fields={FLATS}
      units={units}
      action="Take this size"
      teach={TEACHING["across-flats"]}
      onTake={([mm = 0], said) => {
        takeReading({ kind: "across-flats", mm, said }, ["flats"]);
        onDone();
      }}
    />
  );
}

const DEPTH: readonly PadField[] = [
  { key: "depth", label: "Depth of thread", kind: "length", accepted: ACCEPTED.depth },
];

/** From the crests to the roots, by the blade. */
export function DepthEntry({ units, onDone }: EntryProps) {
  return (
    <ReadingPad
      fields={DEPTH}
      units={units}
      action="Take this depth"
      teach={TEACHING["thread-depth"]}
      onTake={([mm = 0], said) => {
        takeReading({ kind: "thread-depth", mm, said }, ["depth"]);
        onDone();
      }}
    />
  );
}

const TAPERS = [
  { value: "parallel", label: "Parallel" },
  { value: "tapered", label: "Tapered" },
] as const;

/** Whether it tapers, as it is seen; for who wants to be sure, both ends measured. */
export function TaperEntry({ readings, ...props }: EntryProps & { readings: readonly Reading[] }) {
  const seen = lastReading(readings, "taper")?.tapered;
  return (
    <View gap={12}>
      <Small>{TEACHING.taper}</Small>
      <ChoiceChips
        name="Taper"
        all="Not seen"
        value={seen === undefined ? undefined : seen ? "tapered" : "parallel"}
        choices={TAPERS}
        onChange={(shape) => {
          changeBench({
            type: "answer",
            kind: "taper",
            reading:
              shape === undefined ? undefined : { kind: "taper", tapered: shape === "tapered" },
          });
          if (shape !== undefined) props.onDone();
        }}
      />
      <Heading fontSize="$name" lineHeight="$name">
        Or measured at both ends
      </Heading>
      <BothEnds {...props} />
    </View>
  );
}

/** Two diameters over the crests and the distance between them. */
function BothEnds({ units, onDone }: EntryProps) {
  return (
    <ReadingPad
      fields={TAPER}
      units={units}
      action="Take both ends"
      teach={TEACHING["taper-measured"]}
      check={([smallMm = 0, largeMm = 0]) =>
        smallMm <= largeMm ? undefined : PANEL_SENTENCES.endsWrongWayRound
      }
      onTake={([smallMm = 0, largeMm = 0, apartMm = 0], said) => {
        takeReading(
          { kind: "taper-measured", smallMm, largeMm, apartMm, said },
          TAPER.map(({ key }) => key),
        );
        onDone();
      }}
    />
  );
}
