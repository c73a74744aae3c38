import { useTheme, View } from "@tamagui/core";
import { useId } from "react";
import {
  TextInput,
  type NativeSyntheticEvent,
  type TextInputKeyPressEventData,
} from "react-native";
import { Body, Label } from "./text";
import { rem } from "./text-scale";

export interface TextEntryProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly onSubmit?: () => void;
  readonly placeholder?: string;
  readonly lines?: number;
  readonly longest?: number;
  /** A sentence under the field: what was read, what is accepted. */
  readonly problem?: string | undefined;
  /** Another sentence under it, which stands in nobody's way. */
  readonly aside?: string | undefined;
  readonly autoFocus?: boolean;
  /** What stands in it is chosen when it takes the focus, so that what is typed takes its place. */
  readonly typedOver?: boolean;
  /** Suggestions that go with it: the list's id, the one that is marked, and the keys that move in it. */
  readonly suggests?: {
    readonly list: string;
    readonly marked: string | undefined;
    /** Whether the key was meant for the list. */
    readonly onKey: (key: string) => boolean;
  };
  /** Only figures are typed: a phone opens its keyboard of figures. */
  readonly figures?: boolean;
}

/** A labelled field for words. */
export function TextEntry({
  label,
  value,
  onChange,
  onSubmit,
  placeholder,
  lines = 1,
  longest,
  problem,
  aside,
  autoFocus = false,
  typedOver = false,
  figures = false,
  suggests,
}: TextEntryProps) {
  const theme = useTheme();
  const id = useId();
  return (
    <View gap={4}>
      <Label render="label" {...{ htmlFor: id }}>
        {label}
      </Label>
      <TextInput
        nativeID={id}
        aria-label={label}
        value={value}
        onChangeText={onChange}
        onSubmitEditing={onSubmit}
        placeholder={placeholder}
        placeholderTextColor={theme.quiet.val}
        multiline={lines > 1}
        numberOfLines={lines}
        maxLength={longest}
        autoFocus={autoFocus}
        selectTextOnFocus={typedOver}
        {...(suggests === undefined
          ? {}
          : {
              role: "combobox" as const,
              "aria-expanded": true,
              "aria-controls": suggests.list,
              "aria-autocomplete": "list",
              "aria-activedescendant": suggests.marked,
              onKeyPress: (event: NativeSyntheticEvent<TextInputKeyPressEventData>) => {
                if (suggests.onKey(event.nativeEvent.key)) event.preventDefault();
              },
            })}
        {...(figures ? { inputMode: "decimal" as const } : {})}
        style={{
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
        }}
      />
      {problem === undefined ? null : (
        <Body role="alert" color="$clash">
          {problem}
        </Body>
      )}
      {aside === undefined ? null : <Body role="status">{aside}</Body>}
    </View>
  );
}
