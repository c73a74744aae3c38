import type { CalloutSuggestion } from "@root-gauge/core/callout";
import { Chip } from "../../kit/chip";

interface SuggestionsProps {
  /** The id of the list, which its field names. */
  readonly list: string;
  readonly suggestions: readonly CalloutSuggestion[];
  /** The place of the one that the keys have marked; -1 for none. */
  readonly marked: number;
  readonly onPick: (text: string) => void;
}

/** How what is typed may go on, each a plate to touch; the arrow keys of the field mark one. */
export function Suggestions({ list, suggestions, marked, onPick }: SuggestionsProps) {
  if (suggestions.length === 0) return null;
  return (
    <div
      id={list}
      role="listbox"
      aria-label="Goes on with"
      style={{ display: "flex", flexWrap: "wrap", gap: 6 }}
    >
      {suggestions.map(({ adds, text }, at) => (
        <Chip
          key={text}
          id={`${list}-${at}`}
          role="option"
          aria-selected={at === marked}
          aria-label={text}
          tabIndex={-1}
          label={adds}
          chosen={at === marked}
          onPress={() => onPick(text)}
        />
      ))}
    </div>
  );
}
