import { ACCEPTED } from "@root-gauge/contract";
import type { DiameterInstrument, Units } from "@root-gauge/core";
import { changeBench } from "../../data/bench";
import { changeSettings, useSettings } from "../../data/settings";
import { ChoiceRow } from "../../kit/choice-row";
import type { PadField } from "./pad-fields";
import { ReadingPad } from "./reading-pad";

const FIELDS: readonly PadField[] = [
  { key: "diameter", label: "Ø over crests", kind: "length", accepted: ACCEPTED.diameter },
];

const INSTRUMENTS: readonly { value: DiameterInstrument; label: string }[] = [
  { value: "caliper", label: "Caliper" },
  { value: "micrometer", label: "Mic" },
  { value: "rule", label: "Rule" },
];

export interface EntryProps {
  readonly units: Units;
  readonly onDone: () => void;
}

/** The diameter over the crests, and what it was measured with. */
export function DiameterEntry({ units, onDone }: EntryProps) {
  const { instrument } = useSettings();
  return (
    <ReadingPad
      fields={FIELDS}
      units={units}
      action="Take this diameter"
      teach="Zero the jaws. Hold the part askew over the crests and wriggle it: the widest reading counts."
      onTake={([mm = 0]) => {
        changeBench({
          type: "take",
          reading: { kind: "external-diameter", mm, instrument },
          draftsUsed: ["diameter"],
        });
        onDone();
      }}
    >
      <ChoiceRow
        fill
        name="Measured with"
        value={instrument}
        choices={INSTRUMENTS}
        onChange={(chosen) => changeSettings({ instrument: chosen })}
      />
    </ReadingPad>
  );
}
