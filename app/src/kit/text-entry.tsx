import { useTheme } from "@tamagui/core";
import { useId } from "react";
import {
  TextInput,
  type NativeSyntheticEvent,
  type TextInputKeyPressEventData,
} from "react-native";
import { FieldFrame, useFieldStyle, type FieldSays } from "./field-frame";

export interface TextEntryProps extends FieldSays {
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly onSubmit?: () => void;
  readonly placeholder?: string;
  readonly lines?: number;
  readonly longest?: number;
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
  const style = useFieldStyle(problem);
  const id = useId();
  return (
    <FieldFrame id={id} label={label} problem={problem} aside={aside}>
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
        style={style}
      />
    </FieldFrame>
  );
}
