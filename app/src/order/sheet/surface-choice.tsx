import { upperFirst } from "@root-gauge/core";
import {
  TIGHTENING_SURFACES,
  type TighteningSurface,
} from "@root-gauge/core/catalogue/circumstances";
import { SURFACE_WORDS } from "@root-gauge/core/say/sheet";
import { View } from "@tamagui/core";
import { LabelledChips } from "../../kit/labelled-chips";

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
    <View data-print="no">
      <LabelledChips
        name="Thread and face"
        value={value}
        choices={CHOICES}
        onChange={(surface) => surface && onChange(surface)}
      />
    </View>
  );
}
