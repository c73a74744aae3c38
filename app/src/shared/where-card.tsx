import { LONGEST } from "@root-gauge/core/record";
import { View, type TamaguiElement } from "@tamagui/core";
import type { ReactNode, Ref } from "react";
import { Card } from "../kit/surface";
import { Heading } from "../kit/text";
import { TextEntry } from "../kit/text-entry";
import { KnownPlaces } from "./known-places";
import { MachinePicker } from "./machine-picker";
import type { Where } from "./where";

export interface WhereFieldsProps {
  readonly where: Where;
  readonly placeholder: string;
  readonly problem?: string | undefined;
  readonly onChange: (change: Partial<Where>) => void;
}

/** The machine a part belongs to, and its place on the machine: one that is there already, or a new one. */
export function WhereFields({ where, placeholder, problem, onChange }: WhereFieldsProps) {
  return (
    <View gap={8}>
      <MachinePicker
        machineId={where.machineId}
        problem={problem}
        onChoose={(machineId) => onChange({ machineId, positionId: undefined })}
      />
      <TextEntry
        label="Place on the machine"
        value={where.position}
        placeholder={placeholder}
        longest={LONGEST.line}
        onChange={(position) => onChange({ position, positionId: undefined })}
      />
      <KnownPlaces
        where={where}
        onChoose={({ id, path }) => onChange({ position: path, positionId: id })}
      />
    </View>
  );
}

export interface WhereCardProps extends WhereFieldsProps {
  readonly ref?: Ref<TamaguiElement>;
  readonly children?: ReactNode;
}

/** The same as a plate of a page, which the page can bring into sight. */
export function WhereCard({ ref, children, ...fields }: WhereCardProps) {
  return (
    <Card {...(ref === undefined ? {} : { ref })} gap={8} data-print="no">
      <Heading>Where it goes</Heading>
      <WhereFields {...fields} />
      {children}
    </Card>
  );
}
