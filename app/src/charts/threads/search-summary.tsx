import { understandingWords, type ThreadSearch, type Units } from "@root-gauge/core";
import { View } from "@tamagui/core";
import { Figure, Small } from "../../kit/text";

export interface SearchSummaryProps {
  readonly search: ThreadSearch;
  readonly units: Units;
  readonly filtered: string;
}

/** How many were found, what the text was taken for, and what the list is narrowed to. */
export function SearchSummary({ search, units, filtered }: SearchSummaryProps) {
  const { hits, understood } = search;
  const sentences = [
    ...understood.map((understanding) => understandingWords(understanding, units)),
    ...(filtered === "" ? [] : [`Narrowed to: ${filtered}.`]),
  ];
  return (
    <View role="status" paddingVertical={4}>
      <Figure>{hits.length === 1 ? "1 thread" : `${hits.length} threads`}</Figure>
      {sentences.map((sentence) => (
        <Small key={sentence}>{sentence}</Small>
      ))}
    </View>
  );
}
