import { View, type TamaguiElement } from "@tamagui/core";
import type { ReactNode, Ref } from "react";
import { Card } from "../kit/surface";
import { Heading } from "../kit/text";
import { TextEntry } from "../kit/text-entry";
import { JobPicker } from "./job-picker";

export interface Where {
  readonly jobId: string | null;
  readonly position: string;
}

export interface WhereFieldsProps {
  readonly where: Where;
  readonly placeholder: string;
  readonly problem?: string | undefined;
  readonly onChange: (change: Partial<Where>) => void;
}

/** The job a part belongs to, and its place on the machine. */
export function WhereFields({ where, placeholder, problem, onChange }: WhereFieldsProps) {
  return (
    <View gap={8}>
      <JobPicker jobId={where.jobId} problem={problem} onChoose={(jobId) => onChange({ jobId })} />
      <TextEntry
        label="Place on the machine"
        value={where.position}
        placeholder={placeholder}
        longest={120}
        onChange={(position) => onChange({ position })}
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
