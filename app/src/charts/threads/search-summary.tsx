import type { Units } from "@root-gauge/core";
import { understandingWords } from "@root-gauge/core/say/charts";
import type { ThreadSearch } from "@root-gauge/core/identify/search";
import { View } from "@tamagui/core";
import { CopyButton } from "../../kit/copy-button";
import { Figure, Small } from "../../kit/text";

export interface SearchSummaryProps {
  readonly search: ThreadSearch;
  readonly units: Units;
  readonly filtered: string;
  /** The rows as text, to copy. */
  readonly text: () => string;
  /** It stands beside the field in place of under it, with half the width. */
  readonly beside: boolean;
  /** The address of this search. */
  readonly link: () => string;
}

/** How many were found, what the text was taken for, and what the list is narrowed to. */
export function SearchSummary({ search, units, filtered, text, beside, link }: SearchSummaryProps) {
  const { hits, understood } = search;
  const sentences = [
    ...understood.map((understanding) => understandingWords(understanding, units)),
    ...(filtered === "" ? [] : [`Narrowed to: ${filtered}.`]),
  ];
  return (
    <View flexDirection="row" gap={8} alignItems="flex-start" {...(beside ? { flex: 1 } : {})}>
      <View flex={1} role="status" paddingVertical={4}>
        <Figure>{hits.length === 1 ? "1 thread" : `${hits.length} threads`}</Figure>
        {sentences.map((sentence) => (
          <Small key={sentence}>{sentence}</Small>
        ))}
      </View>
      <CopyButton label="Link" says="Copy the link to this search" text={link} />
      <CopyButton says="Copy these rows" text={text} />
    </View>
  );
}
