import Search from "lucide-react-native/icons/search";
import X from "lucide-react-native/icons/x";
import { memo, useState, type CSSProperties, type RefObject } from "react";
import { TextInput } from "react-native";
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

const FIELD: CSSProperties = {
  display: "flex",
  flexDirection: "row",
  alignItems: "center",
  flex: 1,
  minWidth: 0,
  minHeight: 52,
  boxSizing: "border-box",
  border: "1px solid var(--edge)",
  borderRadius: 4,
  backgroundColor: "var(--card)",
  paddingLeft: 12,
  color: "var(--quiet)",
};
/** The ring stands round the whole field, not round the bare input in it. */
const FOCUSED: CSSProperties = { ...FIELD, outline: "3px solid var(--brass)", outlineOffset: 1 };
const INPUT = {
  outlineStyle: "solid",
  outlineWidth: 0,
  flex: 1,
  minWidth: 0,
  minHeight: 50,
  paddingHorizontal: 8,
  color: "var(--ink)",
  fontFamily: '"Barlow Semi Condensed", Barlow, sans-serif',
  fontSize: rem(18),
  fontWeight: "600",
} as const;
const EMPTY: CSSProperties = {
  display: "flex",
  alignItems: "center",
  justifyContent: "center",
  width: 48,
  minHeight: 50,
  padding: 0,
  border: 0,
  borderRadius: 4,
  background: "transparent",
  color: "inherit",
};

const Glass = memo(Search);
const Cross = memo(X);

/** One field that searches as it is typed into, with a key that empties it; in plain elements, since every letter draws it anew. */
export function SearchField({ name, value, placeholder, onChange, field }: SearchFieldProps) {
  const [focused, setFocused] = useState(false);
  return (
    <div style={focused ? FOCUSED : FIELD}>
      <Glass size={20} color="currentColor" aria-hidden />
      <TextInput
        ref={field}
        aria-label={name}
        value={value}
        onChangeText={onChange}
        placeholder={placeholder}
        placeholderTextColor="var(--quiet)"
        autoCapitalize="none"
        autoCorrect={false}
        maxLength={60}
        onFocus={() => setFocused(true)}
        onBlur={() => setFocused(false)}
        style={INPUT}
      />
      {value === "" ? null : (
        <button
          type="button"
          className="plain-button"
          style={EMPTY}
          aria-label={`Empty ${name}`}
          onClick={() => onChange("")}
        >
          <Cross size={20} color="currentColor" />
        </button>
      )}
    </div>
  );
}
