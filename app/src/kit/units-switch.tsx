import { changeUnits, useSettings } from "../data/kept/settings";
import { ChoiceRow } from "./choice-row";

const UNITS = [
  { value: "mm", label: "mm" },
  { value: "in", label: "in" },
] as const;

/** Flips every figure on every screen. */
export function UnitsSwitch() {
  const { units } = useSettings();
  return (
    <ChoiceRow name="Units of every figure" value={units} choices={UNITS} onChange={changeUnits} />
  );
}
