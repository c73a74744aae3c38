import { ACCEPTED, lastReading, type Reading } from "@root-gauge/core";
import { TEACHING, PANEL_SENTENCES } from "@root-gauge/core/say/bench";
import { View } from "@tamagui/core";
import { useMemo } from "react";
import { changeBench, takeReading } from "../../data/drafts/bench";
import type { DraftField } from "../../data/kept/draft-fields";
import { ChoiceChips } from "../../kit/choice-chips";
import { Heading, Small } from "../../kit/text";
import type { EntryProps } from "./entry-props";
import type { PadField } from "./pad-fields";
import { ReadingPad } from "./reading-pad";

const TAPER: readonly PadField[] = [
  { key: "taper.small", label: "Small end", kind: "length", accepted: ACCEPTED.diameter },
  { key: "taper.large", label: "Large end", kind: "length", accepted: ACCEPTED.diameter },
  { key: "taper.apart", label: "Apart", kind: "length", accepted: ACCEPTED.apart },
];

/** A size that is one figure and one reading. */
interface OneSize {
  readonly kind: "across-flats" | "thread-depth";
  readonly field: PadField & { readonly key: DraftField };
  readonly action: string;
}

const FLATS: OneSize = {
  kind: "across-flats",
  field: { key: "flats", label: "Across flats", kind: "length", accepted: ACCEPTED.flats },
  action: "Take this size",
};

const DEPTH: OneSize = {
  kind: "thread-depth",
  field: { key: "depth", label: "Depth of thread", kind: "length", accepted: ACCEPTED.depth },
  action: "Take this depth",
};

function OneSizeEntry({ size, units, onDone }: EntryProps & { readonly size: OneSize }) {
  const { kind, field, action } = size;
  const fields = useMemo(() => [field], [field]);
  return (
    <ReadingPad
      fields={fields}
      units={units}
      action={action}
      teach={TEACHING[kind]}
      onTake={([mm = 0], said) => {
        takeReading({ kind, mm, said }, [field.key]);
        onDone();
      }}
    />
  );
}

/** Across the flats of the head or the nut. */
export function FlatsEntry(props: EntryProps) {
  return <OneSizeEntry {...props} size={FLATS} />;
}

/** From the crests to the roots, by the blade. */
export function DepthEntry(props: EntryProps) {
  return <OneSizeEntry {...props} size={DEPTH} />;
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
