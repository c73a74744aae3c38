import { ACCEPTED, TEACHING } from "@root-gauge/core";
import { PANEL_SENTENCES } from "@root-gauge/core/panel-words";
import { takeReading } from "../../data/bench";
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
      onTake={([mm = 0]) => {
        takeReading({ kind: "across-flats", mm }, ["flats"]);
        onDone();
      }}
    />
  );
}

/** Two diameters over the crests and the distance between them. */
export function TaperEntry({ units, onDone }: EntryProps) {
  return (
    <ReadingPad
      fields={TAPER}
      units={units}
      action="Take both ends"
      teach={TEACHING["taper-measured"]}
      check={([smallMm = 0, largeMm = 0]) =>
        smallMm <= largeMm ? undefined : PANEL_SENTENCES.endsWrongWayRound
      }
      onTake={([smallMm = 0, largeMm = 0, apartMm = 0]) => {
        takeReading(
          { kind: "taper-measured", smallMm, largeMm, apartMm },
          TAPER.map(({ key }) => key),
        );
        onDone();
      }}
    />
  );
}
