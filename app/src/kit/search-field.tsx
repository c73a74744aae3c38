import { useTheme, View } from "@tamagui/core";
import Search from "lucide-react-native/icons/search";
import X from "lucide-react-native/icons/x";
import { useState, type RefObject } from "react";
import { TextInput } from "react-native";
import { Pressable } from "./pressable";
import { rem } from "./text-scale";

export interface SearchFieldProps {
  /** What is searched, for a screen reader. */
  readonly name: string;
  readonly value: string;
  readonly placeholder: string;
  readonly onChange: (text: string) => void;
  /** To put the focus there from a key. */
  readonly field?: RefObject<TextInput | null>;
}

/** One field that searches as it is typed into, with a key that empties it. */
export function SearchField({ name, value, placeholder, onChange, field }: SearchFieldProps) {
  const theme = useTheme();
  const [focused, setFocused] = useState(false);
  return (
    <View
      flex={1}
      minWidth={0}
      flexDirection="row"
      alignItems="center"
      minHeight={52}
      borderWidth={1}
      borderColor="$edge"
      // The ring stands round the whole field, not round the bare input in it.
      outlineStyle="solid"
      outlineOffset={1}
      outlineColor="$brass"
      outlineWidth={focused ? 3 : 0}
      borderRadius={4}
      backgroundColor="$card"
      paddingLeft={12}
    >
      <Search size={20} color={theme.quiet.val} aria-hidden />
      <TextInput
        ref={field}
        aria-label={name}
        value={value}
        onChangeText={onChange}
        placeholder={placeholder}
        placeholderTextColor={theme.quiet.val}
        autoCapitalize="none"
        autoCorrect={false}
        maxLength={60}
        onFocus={() => setFocused(true)}
        onBlur={() => setFocused(false)}
        style={{
          outlineStyle: "solid",
          outlineWidth: 0,
          flex: 1,
          minWidth: 0,
          minHeight: 50,
          paddingHorizontal: 8,
          color: theme.ink.val,
          fontFamily: '"Barlow Semi Condensed", Barlow, sans-serif',
          fontSize: rem(18),
          fontWeight: "600",
        }}
      />
      {value === "" ? null : (
        <Pressable
          width={48}
          minHeight={50}
          alignItems="center"
          aria-label={`Empty ${name}`}
          onPress={() => onChange("")}
        >
          <X size={20} color={theme.quiet.val} />
        </Pressable>
      )}
    </View>
  );
}
