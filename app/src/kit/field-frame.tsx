import { useTheme, View } from "@tamagui/core";
import type { ReactNode } from "react";
import { Body, Label } from "./text";
import { rem } from "./text-scale";

export interface FieldSays {
  readonly label: string;
  /** A sentence under the field: what was read, what is accepted. */
  readonly problem?: string | undefined;
  /** Another sentence under it, which stands in nobody's way. */
  readonly aside?: string | undefined;
}

/** What stands round a field: its label above, under it what is wrong and what else is to be said. */
export function FieldFrame({
  id,
  label,
  problem,
  aside,
  children,
}: FieldSays & { readonly id: string; readonly children: ReactNode }) {
  return (
    <View gap={4}>
      <Label render="label" {...{ htmlFor: id }}>
        {label}
      </Label>
      {children}
      {problem === undefined ? null : (
        <Body role="alert" color="$clash">
          {problem}
        </Body>
      )}
      {aside === undefined ? null : <Body role="status">{aside}</Body>}
    </View>
  );
}

/** How a field that is typed in looks. */
export function useFieldStyle(problem: string | undefined) {
  const theme = useTheme();
  return {
    minHeight: 48,
    padding: 12,
    borderWidth: 1,
    borderRadius: 4,
    borderColor: problem === undefined ? theme.edge.val : theme.clash.val,
    backgroundColor: theme.card.val,
    color: theme.ink.val,
    fontFamily: "Barlow, sans-serif",
    fontSize: rem(16),
    lineHeight: rem(22),
  } as const;
}
