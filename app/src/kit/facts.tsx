import { View } from "@tamagui/core";
import { Body, Figure } from "./text";

export type Fact = readonly [name: string, figure: string];

/** Names with their figures, a line each; a long pair wraps. */
export function Facts({ facts }: { facts: readonly Fact[] }) {
  return (
    <View>
      {facts.map(([name, figure]) => (
        <View key={name} flexDirection="row" flexWrap="wrap" gap={8} paddingVertical={4}>
          <Body flex={1} minWidth={150} color="$quiet">
            {name}
          </Body>
          <Figure userSelect="text">{figure}</Figure>
        </View>
      ))}
    </View>
  );
}

/** The same lines as text to copy. */
export function factsText(title: string, facts: readonly Fact[]): string {
  return [title, ...facts.map(([name, figure]) => `${name}: ${figure}`)].join("\n");
}
