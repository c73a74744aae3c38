import type { Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import {
  changeLength,
  mendUnits,
  type MendLength,
  type MendState,
} from "../../data/kept/mend-state";
import { LabelledChips } from "../../kit/labelled-chips";
import { LengthField } from "../../kit/length-field";
import { lengthRange } from "./damage-of";
import { FIELDS, fieldLabel } from "./mend-lengths";

const YES_NO = [
  { value: "no", label: "No" },
  { value: "yes", label: "Yes" },
] as const;

export function YesNo({
  name,
  value,
  onChange,
}: {
  name: string;
  /** Undefined while it was not said. */
  value: boolean | undefined;
  onChange: (yes: boolean) => void;
}) {
  return (
    <LabelledChips
      name={name}
      value={value === undefined ? undefined : value ? "yes" : "no"}
      choices={YES_NO}
      onChange={(chosen) => onChange(chosen === "yes")}
    />
  );
}

export interface MendFieldProps {
  readonly state: MendState;
  readonly units: Units;
}

/** A length of the damage, in the unit that the others were typed in. */
export function MendField({ name, state, units }: MendFieldProps & { name: MendLength }) {
  const typedIn = mendUnits(state, units);
  return (
    <LengthField
      label={`${fieldLabel(name, state)}, ${typedIn}`}
      value={state[name]}
      units={typedIn}
      accepted={lengthRange(FIELDS[name].figure)}
      placeholder={FIELDS[name].placeholder}
      onChange={(text) => changeLength(name, text, units)}
    />
  );
}

/** Several of them, two beside each other on a phone. */
export function MendFields({ names, ...rest }: MendFieldProps & { names: readonly MendLength[] }) {
  if (names.length === 0) return null;
  return (
    <View flexDirection="row" flexWrap="wrap" gap={8}>
      {names.map((name) => (
        <View key={name} flex={1} minWidth={150}>
          <MendField name={name} {...rest} />
        </View>
      ))}
    </View>
  );
}
