import { POSITION_STATES } from "@root-gauge/core/record";
import { STATE_WORDS } from "@root-gauge/core/say/record";
import { LabelledChips } from "../../kit/labelled-chips";
import { changePosition, type ShownPosition } from "../../edit/change-position";

const CHOICES = POSITION_STATES.map((value) => ({ value, label: STATE_WORDS[value] }));

/** How a position stands, changed with one touch. */
export function StateChoice({ position }: { position: ShownPosition }) {
  return (
    <LabelledChips
      name="How it stands"
      value={position.state}
      choices={CHOICES}
      onChange={(state) => {
        if (state !== undefined) changePosition(position, { state });
      }}
    />
  );
}
