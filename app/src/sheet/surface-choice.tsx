import { SURFACE_WORDS, TIGHTENING_SURFACES, type TighteningSurface } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { ChoiceChips } from "../kit/choice-chips";
import { upperFirst } from "../kit/letter-case";
import { Label } from "../kit/text";

const CHOICES = TIGHTENING_SURFACES.map((value) => ({
  value,
  label: upperFirst(SURFACE_WORDS[value]),
}));

/** How thread and face are when it is tightened. */
export function SurfaceChoice({
  value,
  onChange,
}: {
  value: TighteningSurface;
  onChange: (value: TighteningSurface) => void;
}) {
  return (
    <View gap={4} data-print="no">
      <Label>Thread and face</Label>
      <ChoiceChips
        name="Thread and face"
        value={value}
        choices={CHOICES}
        onChange={(surface) => surface && onChange(surface)}
      />
    </View>
  );
}
