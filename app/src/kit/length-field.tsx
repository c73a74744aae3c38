import {
  inOtherUnit,
  lengthProblemWords,
  readLength,
  type LengthRange,
  type Units,
} from "@root-gauge/core";
import { View } from "@tamagui/core";
import { ActionButton } from "./action-button";
import { TextEntry } from "./text-entry";

export interface LengthFieldProps {
  readonly label: string;
  readonly value: string;
  readonly units: Units;
  /** What the measure can be. */
  readonly accepted: LengthRange;
  readonly placeholder: string;
  /** Said in the place of what is wrong with the length, where something else is. */
  readonly problem?: string | undefined;
  readonly onChange: (text: string) => void;
}

const LONGEST = 40;

/** A labelled field for a length: what was read, what is accepted, and the likely slip of unit as a button. */
export function LengthField({
  label,
  value,
  units,
  accepted,
  placeholder,
  problem,
  onChange,
}: LengthFieldProps) {
  const read = value.trim() === "" ? undefined : readLength(value, units, accepted);
  const wrong = read === undefined || read.ok ? undefined : read.problem;
  const meant = wrong === undefined ? undefined : inOtherUnit(value, units, accepted)?.text;
  return (
    <View gap={4}>
      <TextEntry
        label={label}
        value={value}
        placeholder={placeholder}
        longest={LONGEST}
        problem={problem ?? (wrong === undefined ? undefined : lengthProblemWords(wrong, units))}
        onChange={onChange}
      />
      {meant === undefined ? null : (
        <ActionButton label={`It was ${meant}`} onPress={() => onChange(meant)} />
      )}
    </View>
  );
}
